<script setup lang="ts">
import { computed } from 'vue';
import type { Plan, SeamDrawing } from '../api/types';
import type { Heights } from './heights';
import { curvePath, endsOf } from './curve';
import { EDGE_PX, endNames, frameOf, leadersOf, lineNames, printedLines } from './drawn';
import { useSizeName } from '../ui/sizeName';
import type { StationRow } from './stations';

const nameOf = useSizeName();
const props = defineProps<{
    plan: Plan;
    drawing: SeamDrawing;
    page: Heights;
    rows: StationRow[];
    width: number;
    height: number;
    /** Where each row of the stations table stands, in pixels from the top. */
    places: number[];
}>();

/** What the whole note above the drawing needs. */
const NOTE_PX = 210;
/** Room for the lines that lead to the table; a small drawing has less. */
const leadersPx = computed(() => (props.width < 180 ? 22 : 56));
const frame = computed(() => frameOf(props.drawing, props.page, props.width - leadersPx.value - 2 * EDGE_PX));
const lines = computed(() => printedLines(props.drawing, props.plan, frame.value, nameOf));
const names = computed(() => lineNames(lines.value, props.width));
const drawn = (parts: SeamDrawing['front']): string => curvePath(parts, frame.value);
const leaders = computed(() => leadersOf(props.drawing, props.rows, props.places, frame.value));
const ends = computed(() => endNames(props.drawing, frame.value, props.width));
const printedEnds = computed(() => endsOf(props.drawing.lines[0]?.parts ?? []));

/** A seam drawn large may run off the page: it is cut short there too. */
const bottom = computed(() =>
    Math.min(props.page.depth(printedEnds.value?.last.end_nm ?? 0), props.height - 22),
);
/** The seam is cut short here: a torn edge across all lines. */
const zigzag = computed(() => {
    const teeth = Math.floor((props.width - leadersPx.value) / 16);
    return `M0 ${bottom.value}${'l8 -6l8 6'.repeat(teeth)}`;
});
const goesOn = computed(() => props.page.depth(props.plan.stations.at(-1)?.depth_nm ?? 0) > bottom.value);
</script>

<template>
    <svg
        class="seam"
        :width="width"
        :height="height"
        role="img"
        aria-label="The side seam: printed lines and the line to cut"
    >
        <clipPath id="seam-page"><rect x="0" y="0" :width="width" :height="bottom" /></clipPath>
        <g
            v-for="line in lines"
            :key="line.size"
            class="printed"
            :class="{ used: line.used }"
            clip-path="url(#seam-page)"
        >
            <path :d="line.path" />
        </g>
        <text
            v-for="line in names"
            :key="`l${line.size}`"
            class="line-label"
            :class="{ used: line.used }"
            :x="line.at"
            :y="page.depth(printedEnds?.first.top_nm ?? 0) - 8 - line.up"
        >
            {{ line.name }}
        </text>
        <g class="leaders">
            <path
                v-for="leader in leaders"
                :key="leader.to"
                :class="{ named: leader.named }"
                :d="`M${leader.from[0] + 4} ${leader.from[1]}L${width - leadersPx * 0.6} ${leader.from[1]}L${width - 8} ${leader.to}H${width}`"
            />
        </g>
        <path v-if="drawing.blend" clip-path="url(#seam-page)" class="blend-line" :d="drawn(drawing.blend)" />
        <path
            v-if="drawing.back"
            clip-path="url(#seam-page)"
            class="new-line back"
            :d="drawn(drawing.back)"
        />
        <path clip-path="url(#seam-page)" class="new-line" :d="drawn(drawing.front)" />
        <g class="points">
            <circle
                v-for="leader in leaders"
                :key="leader.to"
                :cx="leader.from[0]"
                :cy="leader.from[1]"
                :r="leader.named ? 5 : 2.5"
            />
        </g>
        <g v-if="goesOn" class="break">
            <path :d="zigzag" />
            <path class="edge" :d="zigzag" />
        </g>
        <text v-for="end in ends" :key="end.words" class="end" :x="end.x" :y="bottom + 16">
            {{ end.words }}
        </text>
        <text class="note" :x="EDGE_PX" y="14">
            {{ frame.times }}× sideways{{
                plan.paper === 'lengthened' && width >= NOTE_PX ? ', its length changed' : ''
            }}
        </text>
    </svg>
</template>

<style scoped>
.seam {
    flex: none;
}
.seam path {
    fill: none;
}
.seam .printed path {
    stroke: var(--chart);
    stroke-width: 0.8;
    opacity: 0.55;
}
.seam .printed.used path {
    stroke-width: 1.8;
    opacity: 1;
}
.seam .new-line {
    stroke: var(--cut);
    stroke-width: 3;
}
.seam .new-line.back {
    stroke-dasharray: 9 4;
    stroke-width: 2.2;
}
.seam .blend-line {
    stroke: var(--cut);
    stroke-width: 1.2;
    stroke-dasharray: 2 3;
}
.seam .end {
    font-size: 12.5px;
    font-weight: 700;
    fill: var(--cut);
    text-anchor: middle;
}
.seam .points circle {
    fill: var(--paper);
    stroke: var(--cut);
    stroke-width: 1.8;
}
.seam .leaders path {
    stroke: var(--rule);
}
.seam .leaders .named {
    stroke: var(--cut);
}
.seam .break {
    stroke: var(--paper);
    stroke-width: 9;
}
.seam .break .edge {
    stroke: var(--quiet);
    stroke-width: 1;
}
.seam .line-label,
.seam .note {
    font-size: 12px;
    fill: var(--chart);
    text-anchor: middle;
}
.seam .line-label.used {
    font-weight: 750;
    font-size: 14px;
}
.seam .note {
    fill: var(--quiet);
    text-anchor: start;
}
</style>
