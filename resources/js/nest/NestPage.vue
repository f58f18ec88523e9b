<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import { api, body } from '../api/client';
import type { Pattern } from '../api/types';
import Crumbs from '../ui/Crumbs.vue';
import TextField from '../ui/TextField.vue';
import NestCanvas from './NestCanvas.vue';
import { alike, lengthOf, nearestOn, pathOf, snapped, turnOf, type Place } from './geometry';
import { nestServer, useNests, type Piece } from './useNests';

const props = defineProps<{ id: number }>();
const { nests, nest, piece, marks, history, refused, isBusy, load, bring, keep, change, takeAway } = useNests(
    nestServer(props.id),
);

type Tool =
    'line' | 'underarm' | 'hem' | 'waist_y' | 'hip_y' | 'grain' | 'armhole_top' | 'hem_fold' | 'length';
const pattern = shallowRef<Pattern | null>(null);
const sizes = computed(() => pattern.value?.document.sizes ?? []);
const tool = ref<Tool | null>(null);
/** The size whose line or ends are marked. */
const size = ref('');
const file = shallowRef<File | null>(null);
const pdfPage = ref('');
const knownLength = ref('');
const hidden = ref(new Set<string>());

onMounted(async () => {
    pattern.value = await api
        .GET('/api/patterns/{pattern}', { params: { path: { pattern: props.id } } })
        .then(body);
    await load();
});

const turn = computed(() => turnOf(marks.value.grain));
const lines = computed(() => marks.value.lines ?? {});
const named = computed(() => sizes.value.filter((one) => lines.value[one] !== undefined));
const linesOf = (one: string) => {
    const ids = (lines.value[one] ?? '').split(' ');
    return (
        nest.value?.lines.filter(
            ({ id, names }) => ids.includes(id) || names.includes(lines.value[one] ?? ''),
        ) ?? []
    );
};
const sizeOf = computed(() => {
    const by = new Map<string, string>();
    for (const one of named.value) for (const { id } of linesOf(one)) by.set(id, one);
    return by;
});
/** Where the ends of a size lie: as marked, or as they were filled in after another's. */
const ends = computed(() =>
    (['underarm', 'hem', 'armhole_top', 'hem_fold'] as const).flatMap((name) =>
        named.value.flatMap((one) => {
            const own = marks.value[name]?.[one];
            const filled = nest.value?.filled[name]?.[one];
            const at = own ?? filled;
            return at === undefined ? [] : [{ name, size: one, at: at as Place, own: own !== undefined }];
        }),
    ),
);
watch(
    named,
    (now) => {
        if (!now.includes(size.value)) size.value = now[0] ?? sizes.value[0] ?? '';
    },
    { immediate: true },
);

const steps = computed<{ tool: Tool; label: string; done: boolean; optional?: boolean }[]>(() => [
    {
        tool: 'grain',
        label: 'Grain, two places: first, where it lies askew',
        done: (marks.value.grain?.length ?? 0) === 2,
        optional: true,
    },
    {
        tool: 'underarm',
        label: 'Underarm end of the side seam',
        done:
            marks.value.underarm?.[size.value] !== undefined ||
            ends.value.some(({ name }) => name === 'underarm'),
    },
    { tool: 'hem', label: 'Hem end of the side seam', done: ends.value.some(({ name }) => name === 'hem') },
    { tool: 'waist_y', label: 'Height of the waist', done: marks.value.waist_y !== undefined },
    { tool: 'hip_y', label: 'Height of the hip', done: marks.value.hip_y !== undefined },
    {
        tool: 'armhole_top',
        label: 'Top of the armhole',
        done: marks.value.armhole_top !== undefined,
        optional: true,
    },
    {
        tool: 'hem_fold',
        label: 'Hem’s end at the fold',
        done: marks.value.hem_fold !== undefined,
        optional: true,
    },
]);
const asks: Record<Tool, string> = {
    line: 'Click the line of this size.',
    underarm: 'Click where the side seam meets the armhole.',
    hem: 'Click where the side seam meets the hem.',
    waist_y: 'Click anywhere at the height of the waist.',
    hip_y: 'Click anywhere at the height of the hip.',
    grain: 'Click two places on the grain line.',
    armhole_top: 'Click where the armhole meets the shoulder.',
    hem_fold: 'Click where the hem meets the middle of the body.',
    length: 'Click the line whose length you know.',
};

/** Where something is missing, in the words of the list. */
function placeWords(field: string): string {
    const [part, one] = field.split('.');
    const label =
        steps.value.find((step) => step.tool === part)?.label ?? (part === 'lines' ? 'Line' : field);
    return one === undefined ? label : `${label}, size ${one}`;
}

const round = (mm: number): number => Math.round(mm * 100) / 100;

function next(): void {
    const waiting = steps.value.find(({ done, optional }) => !done && !optional);
    tool.value = waiting?.tool ?? null;
}

function pick(place: Place, upright: Place): void {
    const now = tool.value;
    if (nest.value === null || now === null) return;
    if (now === 'line' || now === 'length') {
        const found = nearestOn(nest.value.lines, place);
        if (found === null) return;
        if (now === 'length') {
            const long = found.line.runs.reduce((sum, run) => sum + lengthOf(run), 0);
            const wanted = Number(knownLength.value.replace(',', '.')) * 10;
            if (wanted > 0 && long > 0) void keep(wanted / long);
            tool.value = null;
            return;
        }
        const ids = alike(nest.value.lines, found.line).map(({ id }) => id);
        change({ lines: { ...lines.value, [size.value]: ids.join(' ') } });
        const after = sizes.value[sizes.value.indexOf(size.value) + 1];
        if (after !== undefined && lines.value[after] === undefined) size.value = after;
        else next();
    } else if (now === 'waist_y' || now === 'hip_y') {
        change({ [now]: round(upright[1]) });
        next();
    } else if (now === 'grain') {
        const before = marks.value.grain?.length === 1 ? marks.value.grain : [];
        // Turned otherwise the heights are others.
        const now = { ...marks.value, grain: [...before, [round(place[0]), round(place[1])]] };
        delete now.waist_y;
        delete now.hip_y;
        marks.value = now;
        if (before.length === 1) next();
    } else {
        change({ [now]: { ...marks.value[now], [size.value]: snapped(linesOf(size.value), place) } });
        next();
    }
}

function chosen(event: Event): void {
    const input = event.target as HTMLInputElement;
    file.value = input.files?.[0] ?? null;
    input.value = '';
    if (file.value) void bring(file.value);
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
                    {{ one }}{{ nests?.some((other) => other.piece === one) ? '' : ' (none yet)' }}
                </button>
            </div>
        </header>
        <p v-if="refused" class="fault" role="alert">{{ refused.at('file') ?? refused.message }}</p>
        <form
            v-if="refused?.at('page') && file"
            class="inline"
            @submit.prevent="bring(file, Number(pdfPage))"
        >
            <TextField v-model="pdfPage" class="narrow" label="Page" />
            <Button type="submit" size="small" label="Take this page" />
        </form>

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
                    <template v-for="name in ['waist_y', 'hip_y'] as const" :key="name">
                        <g v-if="marks[name] !== undefined">
                            <line
                                class="level"
                                :x1="view.x"
                                :x2="view.x + view.width"
                                :y1="marks[name]"
                                :y2="marks[name]"
                                :stroke-width="1.4 * dot"
                                :stroke-dasharray="`${8 * dot} ${5 * dot}`"
                            />
                            <text
                                :x="view.x + 6 * dot"
                                :y="(marks[name] ?? 0) - 5 * dot"
                                :font-size="15 * dot"
                            >
                                {{ name === 'waist_y' ? 'waist' : 'hip' }}
                            </text>
                        </g>
                    </template>
                </template>
            </NestCanvas>
            <aside>
                <p class="ask" role="status">
                    {{
                        tool
                            ? asks[tool]
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
                        <Button type="button" size="small" text label="Take it away" @click="takeAway" />
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
.level {
    stroke: var(--body);
}
text {
    fill: var(--body);
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
