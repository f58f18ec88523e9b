<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import type { LevelName, MakeNest, NestLines } from '../api/types';
import ClipRow from '../bench/ClipRow.vue';
import { planServer, usePlan } from '../bench/usePlan';
import MakeLinks from '../paper/MakeLinks.vue';
import { pages } from '../paper/files';
import { sheetsInWords, useSheets } from '../paper/useSheets';
import { useSession } from '../state/session';
import Crumbs from '../ui/Crumbs.vue';
import { provideSizeNames } from '../ui/sizeName';
import { useLate } from '../ui/useLate';
import NestPiece, { type PrintedLine } from './NestPiece.vue';
import { pathOf } from './geometry';
import { makeNest } from './makeNest';
import { pieceWords } from './pieces';

const props = defineProps<{ id: number }>();
const session = useSession();
const nest = makeNest(props.id);
/** Stays while clips move; the lines follow them. */
const printed = shallowRef<MakeNest['printed'] | null>(null);
const lines = shallowRef<NestLines | null>(null);
const { make, plan, answered, isAwaiting, refused, load, remember, choose, undo, canUndo } = usePlan({
    ...planServer(props.id),
    choose: async (choices, version) => {
        const answer = await nest.choose(choices, version);
        lines.value = answer;
        return answer.plan;
    },
});
provideSizeNames(plan);
const isLate = useLate(isAwaiting);
const page = ref(session.drawnOn);
watch(page, (now) => void session.setDrawnOn(now));
const sheets = useSheets(
    props.id,
    // A line that moves may need another sheet.
    computed(() => (plan.value === null ? null : { page: page.value })),
);

async function open(): Promise<void> {
    await load();
    if (answered.value === null) return;
    const both = await nest.load();
    printed.value = both.printed;
    lines.value = both.lines;
}

onMounted(open);
watch(
    () => session.unit,
    () => session.settled().then(open),
);

function clip(level: LevelName, size: string): void {
    void choose({ ...make.value?.choices, sizes: { ...make.value?.choices.sizes, [level]: size } });
}

/** What can be done about a seam that comes out longer. */
const ways = [
    { how: 'ease', words: 'Ease it in' },
    { how: 'hem', words: 'Take it off at the hem' },
    { how: null, words: 'Leave it to me' },
] as const;
function trued(how: 'ease' | 'hem' | null): void {
    remember();
    const choices = { ...make.value?.choices };
    if (how === null) delete choices.true_seams;
    else choices.true_seams = how;
    void choose(choices);
}

const drawingOf = (piece: string) => printed.value?.find((one) => one.piece === piece);
const printedOf = (lines: number[][]): PrintedLine[] =>
    lines.map((numbers, key) => ({ key, runs: [numbers], kind: 'named' }));
const cm = (mm: number): string => `${(mm / 10).toFixed(1)} cm`;

/** What is cut and what is sewn, whichever of the two the house draws. */
type OnPiece = NestLines['pieces'][number];
const cutOf = ({ line_is, seam, beside }: OnPiece) => (line_is === 'stitching' ? (beside ?? seam) : seam);
const sewnOf = ({ line_is, seam, beside }: OnPiece) => (line_is === 'stitching' && beside ? seam : beside);

const isPrinted = computed(() => make.value?.choices.paper === 'print');
const print = (): void => void choose({ ...make.value?.choices, paper: 'print' });
</script>

<template>
    <div v-if="make" class="make-nest" :class="{ late: isLate }" :aria-busy="isAwaiting">
        <Crumbs><span>On its own lines</span></Crumbs>
        <div class="head">
            <div class="grow">
                <h1 class="told">{{ plan?.headline ?? 'No plan yet' }}</h1>
                <p class="who">
                    <b>{{ make.wearer }}</b> · {{ make.pattern }}
                </p>
            </div>
            <MakeLinks :make="id" />
            <Button label="Undo" text size="small" :disabled="!canUndo" @click="undo" />
        </div>
        <p v-if="refused" class="fault" role="alert">{{ refused.message }}</p>
        <p v-if="printed?.length === 0">
            This pattern has no drawing of its own yet.
            <RouterLink :to="{ name: 'nest', params: { id: make.pattern_id } }">Bring one</RouterLink>, and
            the new line is drawn on its curves.
        </p>
        <template v-else-if="lines && plan">
            <ClipRow :plan="plan" @start="remember" @clip="clip" />
            <div class="says told" role="status">
                <p v-if="isPrinted">Cut along the thick line: the cut sheet asks for no line to be drawn.</p>
                <p v-else class="inline acts">
                    The cut sheet’s steps draw this line by hand.
                    <button type="button" class="pick" @click="print">I print these pieces</button>
                </p>
                <p v-for="sentence in lines.says" :key="sentence">{{ sentence }}</p>
                <p v-if="lines.differs" class="inline acts" role="group" aria-label="What is done about it">
                    <button
                        v-for="{ how, words } in ways"
                        :key="words"
                        type="button"
                        class="pick"
                        :aria-pressed="lines.trued === how"
                        @click="trued(how)"
                    >
                        {{ words }}
                    </button>
                </p>
            </div>
            <div class="pieces told">
                <section
                    v-for="piece in lines.pieces"
                    :key="piece.piece"
                    :aria-label="pieceWords(piece.piece)"
                >
                    <h2>
                        {{ pieceWords(piece.piece) }}
                        <small v-if="piece.length_mm !== null && piece.printed_length_mm !== null">
                            side seam {{ cm(piece.length_mm) }}, as printed {{ cm(piece.printed_length_mm) }}
                        </small>
                    </h2>
                    <p v-if="piece.fault" class="fault">
                        No line yet: {{ piece.fault }}.
                        <RouterLink :to="{ name: 'nest', params: { id: make.pattern_id } }"
                            >Mark the drawing</RouterLink
                        >
                    </p>
                    <NestPiece
                        v-if="drawingOf(piece.piece)"
                        :width="drawingOf(piece.piece)!.width_mm"
                        :height="drawingOf(piece.piece)!.height_mm"
                        :label="`${piece.piece}: the new line on the printed ones`"
                        :lines="printedOf(drawingOf(piece.piece)!.lines)"
                    >
                        <template #default="{ dot }">
                            <path class="level" :d="pathOf(piece.levels)" :stroke-width="dot" />
                            <path
                                v-if="piece.outline"
                                class="outline"
                                :d="pathOf([piece.outline])"
                                :stroke-width="1.6 * dot"
                            />
                            <path
                                v-if="piece.seam"
                                class="seam"
                                :d="pathOf([cutOf(piece) ?? []])"
                                :stroke-width="3 * dot"
                            />
                            <path
                                v-if="sewnOf(piece)"
                                class="beside"
                                :d="pathOf([sewnOf(piece) ?? []])"
                                :stroke-width="1.4 * dot"
                                :stroke-dasharray="`${5 * dot} ${4 * dot}`"
                            />
                            <path
                                v-if="piece.eased"
                                class="beside"
                                :d="pathOf([piece.eased])"
                                :stroke-width="2.4 * dot"
                                :stroke-dasharray="`${2 * dot} ${3 * dot}`"
                            />
                            <path class="notch" :d="pathOf(piece.notches)" :stroke-width="1.6 * dot" />
                        </template>
                    </NestPiece>
                    <p v-if="piece.seam && !piece.beside" class="hint">
                        <template v-if="piece.line_is">
                            The pattern’s seam allowance isn’t known, so only the line itself is drawn.
                        </template>
                        <template v-else>
                            Whether the house draws stitching or cutting lines isn’t said yet.
                            <RouterLink :to="{ name: 'nest', params: { id: make.pattern_id } }"
                                >Say it on the drawing</RouterLink
                            >
                        </template>
                    </p>
                    <p v-if="piece.seam" class="inline out">
                        <a :href="`/api/makes/${id}/nest/${piece.piece}.svg`">SVG at true size</a>
                        <a :href="`/api/makes/${id}/nest/${piece.piece}.dxf`">DXF</a>
                        <a
                            :href="`/api/makes/${id}/nest/${piece.piece}.pdf?page=${page}`"
                            target="_blank"
                            rel="noopener"
                            >PDF</a
                        >
                        <label>
                            on
                            <select v-model="page">
                                <option v-for="one in pages" :key="one.value" :value="one.value">
                                    {{ one.label }}
                                </option>
                            </select>
                        </label>
                        <span class="takes" role="status">{{
                            sheetsInWords(sheets?.pieces[piece.piece])
                        }}</span>
                        <RouterLink :to="{ name: 'projector', params: { id }, query: { nest: piece.piece } }"
                            >Projector</RouterLink
                        >
                    </p>
                </section>
            </div>
        </template>
    </div>
</template>

<style scoped>
.make-nest {
    display: grid;
    gap: 12px;
    max-width: 1320px;
    margin: 12px auto 50px;
    padding: 0 24px;
}
.head {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 20px;
    align-items: flex-start;
    /* Two lines of headline: nothing below jumps while a clip moves. */
    min-height: 84px;
}
.head .grow {
    flex: 1 1 380px;
}
.says {
    /* So that a sentence more or less moves nothing. */
    min-height: 44px;
}
.says p {
    margin: 0;
}
.pieces {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
    gap: 24px;
}
.pieces section {
    display: grid;
    gap: 8px;
    align-content: start;
}
.beside {
    fill: none;
    stroke: var(--cut);
}
.outline {
    fill: none;
    stroke: var(--cut);
    stroke-opacity: 0.6;
}
h2 small {
    margin-left: 10px;
    font-weight: 400;
    color: var(--quiet);
}
.level {
    fill: none;
    stroke: var(--body);
    stroke-dasharray: 6 4;
}
.seam,
.notch {
    fill: none;
    stroke: var(--cut);
    stroke-linecap: round;
}
.pick {
    min-height: 32px;
    padding: 2px 10px;
    border: 1.5px solid var(--rule);
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
}
.pick[aria-pressed='true'] {
    border-color: var(--ink);
    background: var(--ink);
    color: var(--paper);
}
.out {
    gap: 18px;
}
@media print {
    .head {
        min-height: 0;
    }
    .pieces {
        grid-template-columns: 1fr 1fr;
    }
}
</style>
