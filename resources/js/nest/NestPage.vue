<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { api, body } from '../api/client';
import type { Pattern } from '../api/types';
import Crumbs from '../ui/Crumbs.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import DeletedNotice from '../ui/DeletedNotice.vue';
import TextField from '../ui/TextField.vue';
import NestCanvas from './NestCanvas.vue';
import NestLevels from './NestLevels.vue';
import { pathOf, turnOf } from './geometry';
import { useMarking } from './useMarking';
import { nestServer, useNests, type Piece } from './useNests';

const props = defineProps<{ id: number }>();
const { nests, nest, piece, marks, history, refused, isBusy, load, bring, keep, change, takeAway } = useNests(
    nestServer(props.id),
);

const pattern = shallowRef<Pattern | null>(null);
const sizes = computed(() => pattern.value?.document.sizes ?? []);
const file = shallowRef<File | null>(null);
const pdfPage = ref('');
const knownLength = ref('');
const hidden = ref(new Set<string>());
const { tool, size, lines, sizeOf, ends, steps, ask, placeWords, pick } = useMarking({
    nest,
    marks,
    sizes,
    change,
    scaled: (by) => keep(by),
    knownMm: () => Number(knownLength.value.replace(',', '.')) * 10,
});
/** The other piece stands beside the one that is marked. */
const other = computed(() => nests.value?.find((one) => one.piece !== piece.value) ?? null);
const turn = computed(() => turnOf(marks.value.grain));

onMounted(async () => {
    pattern.value = await api
        .GET('/api/patterns/{pattern}', { params: { path: { pattern: props.id } } })
        .then(body);
    await load();
});

function chosen(event: Event): void {
    const input = event.target as HTMLInputElement;
    file.value = input.files?.[0] ?? null;
    input.value = '';
    if (file.value) void exchange(file.value);
}

/** Whether another drawing has come in the place of one that was there. */
const isReplaced = ref(false);
async function exchange(now: File, page: number | null = null): Promise<void> {
    const isThere = nest.value !== null;
    await bring(now, page);
    isReplaced.value = isThere && refused.value === null;
}

function toggle(one: string): void {
    const now = new Set(hidden.value);
    if (!now.delete(one)) now.add(one);
    hidden.value = now;
}

const isShown = (id: string): boolean => {
    const one = sizeOf.value.get(id);
    return one === undefined || !hidden.value.has(one);
};
const pieces: Piece[] = ['front', 'back'];
</script>

<template>
    <div class="nest-page">
        <Crumbs>
            <RouterLink :to="{ name: 'pattern', params: { id } }">{{ pattern?.name }}</RouterLink>
            <span>Nest</span>
        </Crumbs>
        <header>
            <h1>The pattern’s own lines</h1>
            <div class="pieces" role="group" aria-label="Piece">
                <button
                    v-for="one in pieces"
                    :key="one"
                    type="button"
                    :aria-pressed="piece === one"
                    @click="piece = one"
                >
                    {{ one }}{{ nests?.some((brought) => brought.piece === one) ? '' : ' (none yet)' }}
                </button>
            </div>
        </header>
        <p v-if="refused" class="fault" role="alert">{{ refused.at('file') ?? refused.message }}</p>
        <form
            v-if="refused?.at('page') && file"
            class="inline"
            @submit.prevent="exchange(file, Number(pdfPage))"
        >
            <TextField v-model="pdfPage" class="narrow" label="Page" />
            <Button type="submit" size="small" label="Take this page" />
        </form>

        <DeletedNotice kind="nest" @back="load" />
        <p v-if="isReplaced" class="notice" role="status">
            The drawing before, with its marks, is <RouterLink :to="{ name: 'bin' }">in the bin</RouterLink>.
        </p>
        <section v-if="nests && nest === null" class="empty">
            <p>
                Bring the drawing of the {{ piece }} in all its sizes, and the new line is drawn on the
                pattern’s own curves: an SVG from any drawing program, or a PDF page of lines, up to 8 MB. The
                side seam and its levels are marked once, for every make on this pattern.
            </p>
            <label class="file">
                <span>{{ isBusy ? 'Reading…' : `The ${piece} as SVG or PDF` }}</span>
                <input type="file" accept=".svg,.pdf" :disabled="isBusy" @change="chosen" />
            </label>
        </section>

        <div v-else-if="nest" class="desk">
            <div class="sheets" :class="{ both: other }">
                <NestCanvas
                    :width="nest.width_mm"
                    :height="nest.height_mm"
                    :label="`the ${piece}, with its lines`"
                    :picks="tool !== null"
                    :turn="turn"
                    @pick="pick"
                >
                    <template #default="{ dot }">
                        <template v-for="line in nest.lines" :key="line.id">
                            <path
                                v-if="isShown(line.id)"
                                :d="pathOf(line.runs)"
                                class="line"
                                :class="{ named: sizeOf.has(line.id), at: sizeOf.get(line.id) === size }"
                                :stroke-width="(sizeOf.get(line.id) === size ? 2.6 : 1.2) * dot"
                            />
                        </template>
                        <circle
                            v-for="end in ends"
                            :key="`${end.name}-${end.size}`"
                            class="end"
                            :class="{ own: end.own }"
                            :cx="end.at[0]"
                            :cy="end.at[1]"
                            :r="(end.size === size ? 6 : 4) * dot"
                            :stroke-width="1.8 * dot"
                        />
                        <circle
                            v-for="(at, i) in marks.grain ?? []"
                            :key="`grain-${i}`"
                            class="end own"
                            :cx="at[0]"
                            :cy="at[1]"
                            :r="5 * dot"
                        />
                    </template>
                    <template #upright="{ dot, view }">
                        <NestLevels :marks="marks" :dot="dot" :view="view" />
                    </template>
                </NestCanvas>
                <section v-if="other" :aria-label="other.piece">
                    <NestCanvas
                        :width="other.width_mm"
                        :height="other.height_mm"
                        :label="`the ${other.piece}, beside it`"
                        :turn="turnOf(other.marks.grain)"
                    >
                        <template #default="{ dot }">
                            <path
                                v-for="line in other.lines"
                                :key="line.id"
                                :d="pathOf(line.runs)"
                                class="line named"
                                :stroke-width="1.2 * dot"
                            />
                        </template>
                        <template #upright="{ dot, view }">
                            <NestLevels :marks="other.marks" :dot="dot" :view="view" />
                        </template>
                    </NestCanvas>
                    <button type="button" class="link" @click="piece = other.piece">
                        Mark the {{ other.piece }}
                    </button>
                </section>
            </div>
            <aside>
                <p class="ask" role="status">
                    {{
                        ask !== ''
                            ? ask
                            : nest.missing.length === 0
                              ? 'Ready: every make on this pattern has its line.'
                              : 'Choose below what to mark.'
                    }}
                </p>
                <div v-if="!nest.has_size" class="unsized">
                    <p class="hint">
                        The file doesn’t say how large it is. Type the length of a line in it, then click it.
                    </p>
                    <div class="inline">
                        <TextField v-model="knownLength" class="narrow" label="Length, cm" />
                        <Button type="button" size="small" label="Click the line" @click="tool = 'length'" />
                    </div>
                </div>
                <section aria-labelledby="sizes-title">
                    <h2 id="sizes-title">Sizes</h2>
                    <ul class="sizes">
                        <li v-for="one in sizes" :key="one">
                            <button
                                type="button"
                                :aria-pressed="size === one"
                                :class="{ named: lines[one] !== undefined }"
                                @click="size = one"
                            >
                                {{ one }}{{ lines[one] === undefined ? ' ?' : '' }}
                            </button>
                        </li>
                    </ul>
                    <div class="inline">
                        <Button
                            type="button"
                            size="small"
                            outlined
                            :label="`Click the line of ${size}`"
                            @click="tool = 'line'"
                        />
                        <Button
                            type="button"
                            size="small"
                            text
                            :label="hidden.has(size) ? `Show ${size}` : `Hide ${size}`"
                            @click="toggle(size)"
                        />
                    </div>
                </section>
                <section aria-labelledby="marks-title">
                    <h2 id="marks-title">Marks on {{ size }}</h2>
                    <p class="hint">
                        On one size is enough: the others follow at their own corners, and can be set alike.
                    </p>
                    <ul class="steps">
                        <li v-for="step in steps" :key="step.tool">
                            <button
                                type="button"
                                :aria-pressed="tool === step.tool"
                                @click="tool = tool === step.tool ? null : step.tool"
                            >
                                <span aria-hidden="true">{{
                                    step.done ? '✓' : step.optional ? '·' : '○'
                                }}</span>
                                {{ step.label }}<small v-if="step.optional"> if need be</small>
                            </button>
                        </li>
                    </ul>
                    <label class="fold">
                        The middle of the body is on the
                        <select
                            :value="marks.fold ?? 'left'"
                            @change="
                                change({
                                    fold: ($event.target as HTMLSelectElement).value as 'left' | 'right',
                                })
                            "
                        >
                            <option value="left">left</option>
                            <option value="right">right</option>
                        </select>
                    </label>
                    <div class="inline">
                        <Button
                            type="button"
                            size="small"
                            text
                            label="Undo"
                            :disabled="!history.canUndo.value"
                            @click="history.undo()"
                        />
                        <Button
                            type="button"
                            size="small"
                            text
                            label="Redo"
                            :disabled="!history.canRedo.value"
                            @click="history.redo()"
                        />
                    </div>
                    <ul v-if="nest.missing.length > 0" class="faults" aria-label="Missing yet">
                        <li v-for="fault in nest.missing.slice(0, 3)" :key="fault.field" class="hint">
                            {{ placeWords(fault.field) }}: {{ fault.message }}
                        </li>
                    </ul>
                </section>
                <section>
                    <p class="hint">
                        {{ nest.name }}: {{ nest.lines.length }} lines, {{ Math.round(nest.width_mm) }} ×
                        {{ Math.round(nest.height_mm) }} mm. {{ nest.notes.join(' ') }}
                    </p>
                    <div class="inline">
                        <label class="file">
                            <span>{{ isBusy ? 'Reading…' : 'Another drawing' }}</span>
                            <input type="file" accept=".svg,.pdf" :disabled="isBusy" @change="chosen" />
                        </label>
                        <DeleteButton :name="`the ${piece}`" along="" :remove="takeAway" />
                    </div>
                </section>
            </aside>
        </div>
    </div>
</template>

<style scoped>
.nest-page {
    display: grid;
    gap: 14px;
    max-width: 1320px;
    margin: 14px auto 40px;
    padding: 0 20px;
}
header {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 24px;
    align-items: center;
}
.pieces,
.sizes {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}
.pieces button,
.sizes button,
.steps button {
    min-height: 32px;
    padding: 2px 10px;
    border: 1.5px solid var(--rule);
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
}
.steps button {
    width: 100%;
    text-align: left;
}
.steps {
    display: grid;
    gap: 4px;
}
button[aria-pressed='true'] {
    border-color: var(--ink);
    background: var(--ink);
    color: var(--paper);
}
button[aria-pressed='true'] small {
    color: inherit;
}
.desk {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 330px;
    gap: 20px;
    align-items: start;
}
aside,
aside section {
    display: grid;
    gap: 10px;
}
.ask {
    font-weight: 650;
}
.empty {
    max-width: 640px;
    display: grid;
    gap: 14px;
}
.line {
    fill: none;
    stroke: var(--body);
}
.line.named {
    stroke: var(--quiet);
}
.line.at {
    stroke: var(--ink);
}
.sheets {
    display: grid;
    gap: 14px;
    min-width: 0;
}
@media (min-width: 1100px) {
    .sheets.both {
        grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    }
}
.end {
    fill: var(--paper);
    stroke: var(--cut);
}
.end.own {
    fill: var(--cut);
}
@media (max-width: 900px) {
    .desk {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
