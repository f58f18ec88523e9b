<script setup lang="ts">
import { computed } from 'vue';
import type { Plan, SeamDrawing } from '../api/types';
import type { Heights } from '../bench/heights';
import { spared } from '../bench/scale';
import { pathThrough } from './path';
import type { StationRow } from './stations';

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

const LEADERS_PX = 56;
const EDGE_PX = 14;

const used = computed(() => new Set(props.plan.levels.map(({ size }) => size)));

/** Sideways the seam is drawn wider than true, so that the lines can be told apart; by a whole or half number. */
const wider = computed(() => {
    const all = props.drawing.lines.flatMap(({ out_nm }) => out_nm);
    const room = props.width - LEADERS_PX - 2 * EDGE_PX;
    const trueWidth = Math.max(1, Math.max(...all) - Math.min(...all)) * props.page.pxPerNm;
    return { innermost: Math.min(...all), times: Math.max(0.5, Math.floor((room / trueWidth) * 2) / 2) };
});
const across = (nm: number): number =>
    EDGE_PX + (nm - wider.value.innermost) * props.page.pxPerNm * wider.value.times;

const lines = computed(() =>
    props.drawing.lines.map(({ size, out_nm }) => ({
        size,
        x: across(out_nm[0] ?? 0),
        path: pathThrough(
            out_nm.map((nm, i) => [across(nm), props.page.depth(props.drawing.depths_nm[i] ?? 0)]),
        ),
    })),
);
const cut = computed(() =>
    pathThrough(
        props.drawing.cut_nm.map((nm, i) =>
            nm === null ? null : [across(nm), props.page.depth(props.drawing.depths_nm[i] ?? 0)],
        ),
    ),
);
const lineLabels = computed(() =>
    spared(
        lines.value,
        ({ x }) => x,
        ({ size }) => used.value.has(size),
        17,
    ),
);

/** Where the new line runs at a depth, between the two drawn points beside it. */
function cutAt(depth: number): [number, number] | null {
    const { depths_nm, cut_nm } = props.drawing;
    const below = depths_nm.findIndex((at) => at >= depth);
    const above = Math.max(0, below - 1);
    const [a, b] = [cut_nm[above] ?? null, cut_nm[below] ?? null];
    if (below < 0 || a === null || b === null) return null;
    const [top, end] = [depths_nm[above] ?? 0, depths_nm[below] ?? 0];
    const way = end === top ? 1 : (depth - top) / (end - top);
    return [across(a + (b - a) * way), props.page.depth(depth)];
}

const leaders = computed(() =>
    props.rows.flatMap(({ station }, i) => {
        const from = cutAt(station.depth_nm);
        return from === null ? [] : [{ from, to: props.places[i] ?? from[1], named: station.level !== null }];
    }),
);
/** A seam drawn large may run off the page: it is cut short there too. */
const bottom = computed(() =>
    Math.min(props.page.depth(props.drawing.depths_nm.at(-1) ?? 0), props.height - 10),
);
/** The seam is cut short here: a torn edge across all lines. */
const zigzag = computed(() => {
    const teeth = Math.floor((props.width - LEADERS_PX) / 16);
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
        aria-label="The side seam: printed lines and the new line"
    >
        <g v-for="line in lines" :key="line.size" class="printed" :class="{ used: used.has(line.size) }">
            <path :d="line.path" />
        </g>
        <text
            v-for="line in lineLabels"
            :key="`l${line.size}`"
            class="line-label"
            :class="{ used: used.has(line.size) }"
            :x="line.x"
            :y="page.depth(drawing.depths_nm[0] ?? 0) - 8"
        >
            {{ line.size }}
        </text>
        <g class="leaders">
            <path
                v-for="leader in leaders"
                :key="leader.to"
                :class="{ named: leader.named }"
                :d="`M${leader.from[0] + 4} ${leader.from[1]}L${width - LEADERS_PX + 22} ${leader.from[1]}L${width - 8} ${leader.to}H${width}`"
            />
        </g>
        <path class="new-line" :d="cut" />
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
        <text class="note" :x="EDGE_PX" y="22">front quarter, {{ wider.times }}× sideways</text>
    </svg>
</template>
