<script setup lang="ts">
import { computed } from 'vue';
import type { PracticeFigure } from '../api/types';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';
import { tautLength } from './follow';
import { sectionsOf } from './sections';

/** The girth along the height of a body, with the heights of a tape and of where it belongs; or the same as a table. */
const props = defineProps<{
    figure: PracticeFigure;
    tape?: number;
    truth?: number;
    asTable?: boolean;
}>();
const session = useSession();

const NM_OF_A_MM = 1_000_000;
const STEP = 20;
const [WIDE, HIGH, EDGE] = [360, 170, 26];
const range = computed(() => {
    const rings = props.figure.rings;
    return [rings[0]?.[0] ?? 0, rings.at(-1)?.[0] ?? 1] as const;
});
const sections = computed(() => sectionsOf(props.figure.rings));
const girthAt = (height: number): number => tautLength(sections.value, { height, front: 0, left: 0 });
const girths = computed(() => {
    const [low, high] = range.value;
    const count = Math.floor((high - low) / STEP);
    return Array.from({ length: count + 1 }, (_, i) => ({
        z: low + i * STEP,
        girth: girthAt(low + i * STEP),
    }));
});
const least = computed(() => Math.min(...girths.value.map(({ girth }) => girth)));
const most = computed(() => Math.max(...girths.value.map(({ girth }) => girth)));
const x = (z: number): number =>
    EDGE + ((z - range.value[0]) / (range.value[1] - range.value[0])) * (WIDE - 2 * EDGE);
const y = (girth: number): number =>
    HIGH - EDGE - ((girth - least.value) / (most.value - least.value)) * (HIGH - 2 * EDGE);
const curve = computed(
    () => `M${girths.value.map(({ z, girth }) => `${x(z).toFixed(1)} ${y(girth).toFixed(1)}`).join('L')}`,
);
const words = (mm: number): string => figureText(mm * NM_OF_A_MM, session.unit, { places: 1 });
const marks = computed(() => [
    ...(props.truth === undefined ? [] : [{ name: 'truth', z: props.truth }]),
    ...(props.tape === undefined ? [] : [{ name: 'tape', z: props.tape }]),
]);
</script>

<template>
    <table v-if="asTable" class="girths">
        <thead>
            <tr>
                <th scope="col">height, mm</th>
                <th scope="col">girth there</th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="{ z, girth } in girths" :key="z">
                <th scope="row">{{ z }}</th>
                <td>{{ words(girth) }}</td>
            </tr>
        </tbody>
        <tfoot>
            <tr>
                <th scope="row">{{ figure.waist_mm }}</th>
                <td>here it creases</td>
            </tr>
        </tfoot>
    </table>
    <figure v-else class="girth-curve">
        <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" role="img" aria-label="The girth along the height of the body">
            <path :d="curve" />
            <g v-for="{ name, z } in marks" :key="name" :class="name">
                <line :x1="x(z)" :x2="x(z)" :y1="EDGE - 8" :y2="HIGH - EDGE" />
                <circle :cx="x(z)" :cy="y(girthAt(z))" r="4.5" />
            </g>
            <text :x="EDGE" :y="HIGH - 6">low</text>
            <text :x="WIDE - EDGE" :y="HIGH - 6" text-anchor="end">high</text>
        </svg>
        <figcaption>
            The girth at every height, from {{ words(least) }} to {{ words(most) }}; the lines are the two
            tapes.
        </figcaption>
    </figure>
</template>

<style scoped>
.girth-curve {
    margin: 6px 0 12px;
    max-width: 380px;
}
.girth-curve svg {
    display: block;
    width: 100%;
    background: var(--raise);
}
path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
}
line {
    stroke-width: 2;
}
.tape line {
    stroke: var(--body-mark);
    stroke-width: 4;
}
.tape circle {
    fill: var(--body-mark);
}
.truth line {
    stroke: var(--garment);
}
.truth circle {
    fill: var(--garment);
}
text {
    fill: var(--quiet);
    font-size: 12px;
}
figcaption {
    color: var(--quiet);
    font-size: 14px;
}
.girths {
    margin-top: 6px;
    border-collapse: collapse;
}
.girths th,
.girths td {
    padding: 2px 12px 2px 0;
    text-align: left;
    font-weight: 400;
    font-variant-numeric: tabular-nums;
}
</style>
