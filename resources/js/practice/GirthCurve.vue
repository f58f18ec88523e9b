<script setup lang="ts">
import { computed } from 'vue';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';
import { girthAt, girthsOf } from './girths';
import { GIRTHS, HIGH, through, type View } from './view';

/** The girth of a body beside it, at its own heights, with the height of a tape and of where it belongs. */
const props = defineProps<{ view: View; tape: number | null; truth: number }>();
const session = useSession();
const NM_OF_A_MM = 1_000_000;
const STEP_MM = 5;
const words = (mm: number): string => figureText(mm * NM_OF_A_MM, session.unit, { places: 1 });
const girths = computed(() => girthsOf(props.view.at, props.view.low, props.view.high, STEP_MM));
const least = computed(() => Math.min(...girths.value.map(({ girth }) => girth)));
const most = computed(() => Math.max(...girths.value.map(({ girth }) => girth)));
const x = (girth: number): number =>
    GIRTHS.from + ((girth - least.value) / (most.value - least.value)) * (GIRTHS.to - GIRTHS.from);
const curve = computed(() => through(girths.value.map(({ z, girth }) => [x(girth), props.view.y(z)])));
const marks = computed(() =>
    [
        { name: 'of-truth', z: props.truth },
        { name: 'of-tape', z: props.tape },
    ].flatMap(({ name, z }) => {
        if (z === null) return [];
        const girth = girthAt(props.view.at, z);
        return [{ name, x: x(girth), y: props.view.y(z), girth: words(girth) }];
    }),
);
</script>

<template>
    <g
        class="girth-curve"
        role="img"
        :aria-label="`The girth at every height, from ${words(least)} to ${words(most)}`"
    >
        <path :d="curve" />
        <g v-for="mark in marks" :key="mark.name" :class="mark.name">
            <line :x1="GIRTHS.from - 40" :x2="mark.x" :y1="mark.y" :y2="mark.y" />
            <circle :cx="mark.x" :cy="mark.y" r="5" />
        </g>
        <text :x="(GIRTHS.from + GIRTHS.to) / 2" :y="HIGH - 4">girth there</text>
        <text :x="GIRTHS.from" :y="HIGH - 34">{{ words(least) }}</text>
        <text :x="GIRTHS.to" :y="HIGH - 34">{{ words(most) }}</text>
    </g>
</template>

<style scoped>
path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
}
line {
    stroke-width: 2;
    stroke-dasharray: 3 3;
}
.of-tape line {
    stroke: var(--body-mark);
}
.of-tape circle {
    fill: var(--body-mark);
}
.of-truth line {
    stroke: var(--garment);
}
.of-truth circle {
    fill: var(--garment);
}
text {
    fill: var(--quiet);
    font-size: 13px;
    text-anchor: middle;
}
@media (max-width: 560px) {
    text {
        font-size: 26px;
    }
}
</style>
