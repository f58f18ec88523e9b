<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { api, body } from '../api/client';
import type { Pattern } from '../api/types';
import Crumbs from '../ui/Crumbs.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import DeletedNotice from '../ui/DeletedNotice.vue';
import TextField from '../ui/TextField.vue';
import NestFile from './NestFile.vue';
import NestLevels from './NestLevels.vue';
import NestPiece, { type PrintedLine } from './NestPiece.vue';
import NestScale from './NestScale.vue';
import NestSizes from './NestSizes.vue';
import NestTiles from './NestTiles.vue';
import NestSteps from './NestSteps.vue';
import { turnedBy, turnOf } from './geometry';
import type { PageLayout } from './layout';
import { useMarking } from './useMarking';
import { isSkirt, pieces, pieceWords } from './pieces';
import { nestServer, useNests } from './useNests';

const props = defineProps<{ id: number }>();
const {
    nests,
    nest,
    piece,
    marks,
    history,
    refused,
    isBusy,
    spread,
    load,
    look,
    bring,
    keep,
    change,
    takeAway,
} = useNests(nestServer(props.id));

const pattern = shallowRef<Pattern | null>(null);
const sizes = computed(() => pattern.value?.document.sizes ?? []);
const file = shallowRef<File | null>(null);
const pdfPage = ref('');
const knownLength = ref('');
const hidden = ref(new Set<string>());
const {
    tool,
    size,
    lines,
    sizeOf,
    ends,
    steps,
    ask,
    placeWords,
    pick,
    proposal,
    unproposed,
    accept,
    unframe,
} = useMarking({
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

function brought(now: File): void {
    file.value = now;
    void exchange(now);
}

/** Whether another drawing has come in the place of one that was there. */
const isReplaced = ref(false);
async function exchange(now: File, part: number | PageLayout | null = null): Promise<void> {
    const isThere = nest.value !== null;
    await bring(now, part);
    // Of several pages one is taken, or all are put together.
    if (refused.value?.at('page')) return look(now);
    isReplaced.value = isThere && refused.value === null;
}

function toggle(one: string): void {
    const now = new Set(hidden.value);
    if (!now.delete(one)) now.add(one);
    hidden.value = now;
}

const printed = computed<PrintedLine[]>(() =>
    (nest.value?.lines ?? []).flatMap(({ id: key, runs }) => {
        const whose = sizeOf.value.get(key);
        if (whose !== undefined && hidden.value.has(whose)) return [];
        return [{ key, runs, kind: whose === undefined ? 'nobodys' : whose === size.value ? 'at' : 'named' }];
    }),
);
/** Each proposed size is named where its line was crossed, one a little below the other. */
const proposedNames = computed(() =>
    (proposal.value ?? []).map(({ size: one, at }, row) => ({
        size: one,
        at: turnedBy(at, turn.value),
        row,
    })),
);
/** Front and back, and what else is brought or about to be. */
const shownPieces = computed(() =>
    pieces.filter(
        (one) =>
            one === 'front' ||
            one === 'back' ||
            one === piece.value ||
            nests.value?.some((brought) => brought.piece === one),
    ),
);
const morePieces = computed(() => pieces.filter((one) => !shownPieces.value.includes(one)));
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
                    v-for="one in shownPieces"
                    :key="one"
                    type="button"
                    :aria-pressed="piece === one"
                    @click="piece = one"
                >
                    {{ pieceWords(one)
                    }}{{ nests?.some((brought) => brought.piece === one) ? '' : ' (none yet)' }}
                </button>
                <details v-if="morePieces.length > 0" class="more-pieces">
                    <summary>Another piece</summary>
                    <button v-for="one in morePieces" :key="one" type="button" @click="piece = one">
                        {{ pieceWords(one) }}
                    </button>
                </details>
            </div>
        </header>
        <p v-if="refused" class="fault" role="alert">{{ refused.at('file') ?? refused.message }}</p>
        <NestTiles
            v-if="spread && file"
            :pages="spread"
            :is-busy="isBusy"
            @lay="file && look(file, $event)"
            @together="file && exchange(file, $event)"
            @cancel="spread = null"
        >
            <form class="inline" @submit.prevent="file && exchange(file, Number(pdfPage))">
                <TextField v-model="pdfPage" class="narrow" label="All of it on page" />
                <Button type="submit" size="small" outlined label="Take this page" />
            </form>
        </NestTiles>

        <DeletedNotice kind="nest" @back="load" />
        <p v-if="isReplaced" class="notice" role="status">
            The drawing before, with its marks, is <RouterLink :to="{ name: 'bin' }">in the bin</RouterLink>.
        </p>
        <section v-if="nests && nest === null && !spread" class="empty">
            <p>
                Bring the drawing of the {{ pieceWords(piece) }} in all its sizes, and the new line is drawn
                on the pattern’s own curves: an SVG from any drawing program, or a PDF, also one in many
                pages, up to 8 MB. The side seam and its levels are marked once, for every make on this
                pattern.
            </p>
            <NestFile :words="`The ${pieceWords(piece)} as SVG or PDF`" :is-busy="isBusy" @bring="brought" />
        </section>

        <div v-else-if="nest && !spread" class="desk">
            <div class="sheets" :class="{ both: other }">
                <NestPiece
                    :width="nest.width_mm"
                    :height="nest.height_mm"
                    :label="`the ${pieceWords(piece)}, with its lines`"
                    :lines="printed"
                    :picks="tool !== null"
                    :turn="turn"
                    @pick="pick"
                >
                    <template #default="{ dot }">
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
                        <text
                            v-for="one in proposedNames"
                            :key="one.size"
                            class="proposed-name"
                            :x="one.at[0]"
                            :y="one.at[1] + (14 * (one.row % 4) - 16) * dot"
                            :font-size="13 * dot"
                        >
                            {{ one.size }}
                        </text>
                        <NestLevels :marks="marks" :dot="dot" :view="view" />
                    </template>
                </NestPiece>
                <section v-if="other" :aria-label="other.piece">
                    <NestPiece
                        :width="other.width_mm"
                        :height="other.height_mm"
                        :label="`the ${pieceWords(other.piece)}, beside it`"
                        :lines="other.lines.map(({ id: key, runs }) => ({ key, runs, kind: 'named' }))"
                        :turn="turnOf(other.marks.grain)"
                    >
                        <template #upright="{ dot, view }">
                            <NestLevels :marks="other.marks" :dot="dot" :view="view" />
                        </template>
                    </NestPiece>
                    <button type="button" class="link" @click="piece = other.piece">
                        Mark the {{ pieceWords(other.piece) }}
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
                <RouterLink
                    v-if="nest.has_size"
                    class="thrown"
                    :to="{ name: 'own-projector', params: { id }, query: { nest: piece } }"
                    >Throw it on a mat</RouterLink
                >
                <NestScale
                    v-model="knownLength"
                    :has-size="nest.has_size"
                    :scale="nest.scale"
                    :is-said-true="marks.true_size === true"
                    @by-line="tool = 'length'"
                    @make="keep"
                    @leave="change({ true_size: true })"
                />
                <NestSizes
                    v-model="size"
                    :sizes="sizes"
                    :lines="lines"
                    :is-hidden="hidden.has(size)"
                    :proposed="proposal !== null"
                    :unproposed="unproposed"
                    @both="tool = 'innermost'"
                    @accept="accept"
                    @refuse="proposal = null"
                    @mark="tool = 'line'"
                    @toggle="toggle(size)"
                />
                <NestSteps
                    v-model="tool"
                    :size="size"
                    :steps="steps"
                    :fold="marks.fold"
                    :line-is="marks.line_is"
                    :ends-at="isSkirt(piece) ? undefined : (marks.ends_at ?? 'hem')"
                    :missing="nest.missing"
                    :place-words="placeWords"
                    :can-undo="history.canUndo.value"
                    :can-redo="history.canRedo.value"
                    @fold="change({ fold: $event })"
                    @ends-at="change({ ends_at: $event })"
                    @line-is="change({ line_is: $event })"
                    @unframe="unframe"
                    @undo="history.undo()"
                    @redo="history.redo()"
                />
                <section>
                    <p class="hint">
                        {{ nest.name }}: {{ nest.lines.length }} lines, {{ Math.round(nest.width_mm) }} ×
                        {{ Math.round(nest.height_mm) }} mm. {{ nest.notes.join(' ') }}
                    </p>
                    <div class="inline acts">
                        <NestFile words="Another drawing" :is-busy="isBusy" @bring="brought" />
                        <DeleteButton :name="`the ${pieceWords(piece)}`" along="" :remove="takeAway" />
                    </div>
                </section>
            </aside>
        </div>
    </div>
</template>

<style scoped>
.thrown {
    display: inline-block;
    padding: 5px 0;
}
.proposed-name {
    text-anchor: middle;
    font-weight: 700;
    fill: var(--cut);
}
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
.more-pieces[open],
.desk :deep(.sizes) {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}
.pieces button,
.desk :deep(.toggle) {
    min-height: 32px;
    padding: 2px 10px;
    border: 1.5px solid var(--rule);
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
}
.pieces button[aria-pressed='true'],
.desk :deep(.toggle[aria-pressed='true']) {
    border-color: var(--ink);
    background: var(--ink);
    color: var(--paper);
}
.desk :deep(.toggle[aria-pressed='true'] small) {
    color: inherit;
}
.desk {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 330px;
    gap: 20px;
    align-items: start;
}
aside,
aside :deep(section) {
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
@media print {
    .desk,
    .sheets.both {
        grid-template-columns: 1fr;
    }
    aside :deep(.steps),
    aside :deep(.fold) {
        display: none;
    }
}
@media (max-width: 900px) {
    .desk {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
