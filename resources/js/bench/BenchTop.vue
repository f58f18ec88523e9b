<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { KnownLevel, LevelName, LevelPlan, Plan } from '../api/types';
import SeamDrawing from '../seam/SeamDrawing.vue';
import StationTable from '../seam/StationTable.vue';
import { SHORT_NAME_PX, rowPlaces, stretches, widestName } from '../seam/stations';
import GirthTape from './GirthTape.vue';
import LengthTape from './LengthTape.vue';
import WaitingTape from './WaitingTape.vue';
import { heights } from '../seam/heights';
import { tapeScales, type OnTape } from './scale';
import { useSizeName } from '../ui/sizeName';
import { usePrinting } from '../ui/usePrinting';
import { weightWords } from '../ui/words';
import WordTap from '../ui/WordTap.vue';

/** Levels of `known` have no plan yet: their tapes wait in their places. */
const props = defineProps<{ plan: Plan; known: readonly KnownLevel[] }>();
const emit = defineEmits<{ start: []; clip: [level: LevelName, size: string] }>();

const HEIGHT = 400;
const FIRST = 66;
const LAST = 334;
const ROW = 17;
const SEAM_PX = 296;
const SEAM_UNLIKE_PX = 220;
const HALF_TAPE = 66;
const TABLE_PX = 254;
const LEAST_SEAM_PX = 90;
/** On paper the bench is as wide as on a screen of 1280, whatever the window is. */
const PRINTED_TAPES_PX = 518;
const PRINTED_SIDE_PX = 560;

const nameOf = useSizeName();
const tapes = ref<HTMLElement | null>(null);
const { width: tapesWidth } = useElementSize(tapes);
const side = ref<HTMLElement | null>(null);
const { width: seamWidth } = useElementSize(side);
const printing = usePrinting();
const width = computed(() => (printing.value ? PRINTED_TAPES_PX : tapesWidth.value));
const sideWidth = computed(() => (printing.value ? PRINTED_SIDE_PX : seamWidth.value));
const apart = ref(false);

const ORDER: LevelName[] = ['bust', 'waist', 'hip'];
interface Tape {
    name: LevelName;
    planned: LevelPlan | null;
    waiting: KnownLevel | null;
}
const tapesOf = computed(() =>
    ORDER.map((name): Tape => ({
        name,
        planned: props.plan.levels.find(({ level }) => level === name) ?? null,
        waiting: props.known.find(({ level }) => level === name) ?? null,
    })).filter(({ planned, waiting }) => planned !== null || waiting !== null),
);
const names = computed(() => tapesOf.value.map(({ name }) => name));
const page = computed(() => heights(props.plan, FIRST, LAST, names.value));
const onTape = ({ planned, waiting }: Tape): OnTape[] =>
    planned !== null ? [planned] : waiting !== null ? [{ ...waiting, as_cut_nm: null }] : [];
const scales = computed(() => tapeScales(tapesOf.value.flatMap(onTape), width.value));
/** Blend and change are told apart as they were reckoned: a drawing shows what both come to. */
const shownLines = computed(() => (apart.value ? null : props.plan.own_lines));
const table = computed(
    () => shownLines.value ?? { front: props.plan.stations, back: props.plan.back_stations },
);
const rows = computed(() => stretches(table.value.front, table.value.back, apart.value));
const places = computed(() =>
    rowPlaces(
        rows.value.map(({ station }) => page.value.depth(station.depth_nm)),
        ROW,
        HEIGHT - ROW,
    ),
);
/** What names of sizes need beyond that. */
const longNamesPx = computed(() => Math.max(0, widestName(rows.value, apart.value, nameOf) - SHORT_NAME_PX));
/** Where the table needs more columns, or the page is narrow, the drawing gives way. */
const seamPx = computed(() => {
    const wide = table.value.back !== null || apart.value ? SEAM_UNLIKE_PX : SEAM_PX;
    return Math.min(wide, Math.max(LEAST_SEAM_PX, sideWidth.value - TABLE_PX - longNamesPx.value));
});
const hasChange = computed(() =>
    [...props.plan.stations, ...(props.plan.back_stations ?? [])].some(
        ({ change_nm }) => change_nm !== null && change_nm !== 0,
    ),
);
</script>

<template>
    <div class="bench-top">
        <LengthTape class="told" :plan="plan" :levels="names" :page="page" :height="HEIGHT" />
        <div class="level-names" :style="{ height: `${HEIGHT}px` }">
            <div
                v-for="{ name, planned } in tapesOf"
                :key="name"
                :style="{ top: `${page.level(name) - 16}px` }"
            >
                <b>{{ name }}</b>
                <small v-if="planned">{{ weightWords[planned.weight] }}</small>
                <small v-else class="gap">not measured</small>
            </div>
        </div>
        <div ref="tapes" class="tapes" :style="{ height: `${HEIGHT}px` }">
            <div
                class="plumb"
                :style="{
                    left: `${scales.plumb}px`,
                    top: `${FIRST - 50}px`,
                    height: `${LAST - FIRST + 76}px`,
                }"
            />
            <div
                v-for="({ name, planned, waiting }, i) in tapesOf"
                :key="name"
                class="tape-place"
                :style="{ top: `${page.level(name) - HALF_TAPE}px` }"
            >
                <GirthTape
                    v-if="planned"
                    :level="planned"
                    :across="scales.across[i]!"
                    :width="width"
                    @start="emit('start')"
                    @choose="emit('clip', name, $event)"
                />
                <WaitingTape
                    v-else-if="waiting"
                    :level="waiting"
                    :across="scales.across[i]!"
                    :width="width"
                />
            </div>
        </div>
        <div ref="side" class="seam-side told" :class="{ apart }">
            <template v-if="page.trueToScale && rows.length > 0">
                <SeamDrawing
                    v-if="plan.drawing"
                    :plan="plan"
                    :drawing="plan.drawing"
                    :page="page"
                    :rows="rows"
                    :width="seamPx"
                    :height="HEIGHT"
                    :places="places"
                />
                <!-- What is asked stands where it will be drawn. -->
                <div v-else class="seam hint" :style="{ width: `${seamPx}px` }"><slot name="no-seam" /></div>
                <StationTable :rows="rows" :places="places" :row-height="ROW" :apart="apart" />
            </template>
            <template v-else>
                <div class="hint seam-hint"><slot name="no-seam" /></div>
                <StationTable v-if="rows.length > 0" :rows="rows" :row-height="ROW" :apart="apart" />
            </template>
            <p v-if="shownLines" class="hint own-lines">read off the pattern’s own lines</p>
            <p
                v-else-if="plan.drawing"
                class="hint own-lines"
                title="Darts and ease may bend your paper otherwise."
            >
                a sketch from the girths: go by the figures
            </p>
            <p v-if="plan.drawing" class="tell-apart">
                <WordTap word="blend">blend (grade)</WordTap>
                <button
                    type="button"
                    class="link"
                    :class="{ idle: !hasChange }"
                    :aria-pressed="apart"
                    @click="apart = !apart"
                >
                    {{ apart ? 'the move alone' : 'blend and change apart' }}
                </button>
            </p>
        </div>
    </div>
</template>

<style scoped>
.bench-top {
    display: grid;
    grid-template-columns: 52px 74px minmax(0, 1fr) minmax(0, 560px);
    padding: 0 20px;
    gap: 0 12px;
}
.level-names,
.tapes {
    position: relative;
}
.level-names > div {
    position: absolute;
    display: grid;
}
.level-names b {
    font-size: 21px;
    line-height: 1;
    text-transform: capitalize;
}
.level-names .gap {
    padding: 0 4px;
    border: 1.5px dashed var(--body-mark);
    font-size: 12px;
    line-height: 1.15;
}
.plumb {
    position: absolute;
    width: 0;
    border-left: 1.5px dashed var(--body-mark);
}
.tape-place {
    position: absolute;
    left: 0;
    right: 0;
}
.seam-side > .seam.hint {
    flex: none;
    padding: 50px 20px 0 0;
    font-size: 15px;
}
.seam-hint {
    padding: 60px 20px;
    font-size: 15px;
}
.seam-side {
    display: flex;
    position: relative;
}
/* Beside a drawing it has what the drawing leaves. */
.seam-side :deep(.seam + .stations) {
    flex: 1 1 auto;
    width: 1px;
}
.seam-side:not(:has(.seam)) {
    display: block;
}
.own-lines {
    position: absolute;
    top: 0;
    right: 0;
    margin: 0;
}
/* Where nothing is to be told apart its room stays. */
.tell-apart .idle {
    visibility: hidden;
}
.tell-apart {
    position: absolute;
    top: 18px;
    right: 0;
    display: flex;
    gap: 0 14px;
    align-items: baseline;
    margin: 0;
    font-size: 13.5px;
}
@media screen and (max-width: 1100px) {
    .bench-top {
        grid-template-columns: 52px 74px minmax(0, 1fr);
    }
    .seam-side {
        grid-column: 1 / -1;
        border-top: 1px solid var(--rule);
        flex-wrap: wrap;
    }
    /* Nothing stands to its left whose rows it has to meet: what is said of the drawing stands above it. */
    .own-lines,
    .tell-apart {
        position: static;
        order: -1;
        flex: 0 0 100%;
        text-align: left;
    }
}
@media screen and (max-width: 560px) {
    .bench .bench-top {
        grid-template-columns: 40px 58px minmax(0, 1fr);
        gap: 0 6px;
        padding: 0 10px;
    }
    .bench .level-names b {
        font-size: 17px;
    }
    .bench .level-names .gap {
        padding: 0 1px;
        font-size: 11px;
    }
    /* The lowest clip reaches below its tape where it is as large as a finger. */
    .seam-side {
        margin-top: 12px;
    }
}
</style>
