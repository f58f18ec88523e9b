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

const EDGE_PX = 14;
/** Room for the lines that lead to the table; a small drawing has less. */
const leadersPx = computed(() => (props.width < 180 ? 22 : 56));

/** The printed lines that the line to cut leaves and joins. */
const used = computed(() => new Set(props.plan.levels.flatMap(({ front, back }) => [front, back])));

/** Sideways the seam is drawn wider than true, so that the lines can be told apart; by a whole or half number. */
const wider = computed(() => {
    const { lines, front_nm, back_nm } = props.drawing;
    const all = [...lines.flatMap(({ out_nm }) => out_nm), ...front_nm, ...(back_nm ?? [])].filter(
        (nm) => nm !== null,
    );
    const room = props.width - leadersPx.value - 2 * EDGE_PX;
    const trueWidth = Math.max(1, Math.max(...all) - Math.min(...all)) * props.page.pxPerNm;
    return { innermost: Math.min(...all), times: Math.max(0.5, Math.floor((room / trueWidth) * 2) / 2) };
});
const across = (nm: number): number =>
    EDGE_PX + (nm - wider.value.innermost) * props.page.pxPerNm * wider.value.times;
const drawn = (line: (number | null)[]): string =>
    pathThrough(
        line.map((nm, i) =>
            nm === null ? null : [across(nm), props.page.depth(props.drawing.depths_nm[i] ?? 0)],
        ),
    );

const lines = computed(() =>
    props.drawing.lines.map(({ size, out_nm }) => ({
        size,
        x: across(out_nm[0] ?? 0),
        path: drawn(out_nm),
    })),
);
const front = computed(() => drawn(props.drawing.front_nm));
const back = computed(() => (props.drawing.back_nm === null ? null : drawn(props.drawing.back_nm)));
const blend = computed(() => (props.drawing.blend_nm === null ? null : drawn(props.drawing.blend_nm)));
const LABEL_PX = 17;
/** The lines that matter keep their names: where those would run into each other they stand one above the other. */
const lineLabels = computed(() => {
    const shown = spared(
        lines.value,
        ({ x }) => x,
        ({ size }) => used.value.has(size),
        LABEL_PX,
    );
    const ends: number[] = [];
    return [...shown]
        .sort((one, other) => one.x - other.x)
        .map((line) => {
            const free = ends.findIndex((end) => line.x - end >= LABEL_PX);
            const row = free < 0 ? ends.length : free;
            ends[row] = line.x;
            return { ...line, up: row * 13 };
        });
});

/** Where the line to cut runs at a depth, between the two drawn points beside it. */
function cutAt(depth: number): [number, number] | null {
    const { depths_nm, front_nm } = props.drawing;
    const below = depths_nm.findIndex((at) => at >= depth);
    const above = Math.max(0, below - 1);
    const [a, b] = [front_nm[above] ?? null, front_nm[below] ?? null];
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
    Math.min(props.page.depth(props.drawing.depths_nm.at(-1) ?? 0), props.height - 22),
);
/** The seam is cut short here: a torn edge across all lines. */
const zigzag = computed(() => {
    const teeth = Math.floor((props.width - leadersPx.value) / 16);
    return `M0 ${bottom.value}${'l8 -6l8 6'.repeat(teeth)}`;
});
const goesOn = computed(() => props.page.depth(props.plan.stations.at(-1)?.depth_nm ?? 0) > bottom.value);
/** Under each line its name; the two stand apart where the lines end close together. */
const ends = computed(() => {
    const end = (line: (number | null)[] | null): number | null => {
        const last = line?.filter((nm) => nm !== null).at(-1);
        return last === undefined ? null : across(last);
    };
    const [frontAt, backAt] = [end(props.drawing.front_nm), end(props.drawing.back_nm)];
    if (frontAt === null) return [];
    if (backAt === null) return [{ words: 'the line to cut', x: frontAt }];
    const apart = frontAt >= backAt ? 1 : -1;
    return [
        { words: 'front', x: frontAt + apart * 18 },
        { words: 'back', x: backAt - apart * 18 },
    ];
});
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
            :class="{ used: used.has(line.size) }"
            clip-path="url(#seam-page)"
        >
            <path :d="line.path" />
        </g>
        <text
            v-for="line in lineLabels"
            :key="`l${line.size}`"
            class="line-label"
            :class="{ used: used.has(line.size) }"
            :x="line.x"
            :y="page.depth(drawing.depths_nm[0] ?? 0) - 8 - line.up"
        >
            {{ line.size }}
        </text>
        <g class="leaders">
            <path
                v-for="leader in leaders"
                :key="leader.to"
                :class="{ named: leader.named }"
                :d="`M${leader.from[0] + 4} ${leader.from[1]}L${width - leadersPx * 0.6} ${leader.from[1]}L${width - 8} ${leader.to}H${width}`"
            />
        </g>
        <path v-if="blend" clip-path="url(#seam-page)" class="blend-line" :d="blend" />
        <path v-if="back" clip-path="url(#seam-page)" class="new-line back" :d="back" />
        <path clip-path="url(#seam-page)" class="new-line" :d="front" />
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
            {{ wider.times }}× sideways{{ plan.paper === 'lengthened' ? ', its length changed' : '' }}
        </text>
    </svg>
</template>
