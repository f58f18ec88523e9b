<script setup lang="ts">
import { computed } from 'vue';
import type { PracticeFigure } from '../api/types';
import { drawnOf } from './drawn';
import { standOf } from './stand';
import { FRONT, HIGH, SIDE, type View } from './view';

/** A body as a dress stand, from the front and from the side; it bends at its waist, which is marked once it may be told. */
const props = defineProps<{ figure: PracticeFigure; view: View; bent: boolean; named: boolean }>();
const stand = computed(() => standOf(props.figure, props.view));
const isSeated = computed(() => drawnOf(props.figure.code).isSeated);
const waist = computed(() => props.view.y(props.figure.waist_mm));
/** Where it creases it turns. */
const turns = computed(() => `${FRONT}px ${waist.value}px`);
const half = computed(() => props.view.at(props.figure.waist_mm)[0] * props.view.scale);
const BENT_BY = 9;
/** Bent to one side it folds there, deepest at the edge, and is stretched at the other. */
const crease = computed(() => {
    const y = waist.value;
    return `M${FRONT + half.value} ${y}q-14 5 -34 2M${FRONT + half.value} ${y - 5}q-9 2 -18 0`;
});
const stretch = computed(() => {
    const [x, y] = [FRONT - half.value, waist.value];
    const turn = (BENT_BY * Math.PI) / 180;
    const [tx, ty] = [FRONT - half.value * Math.cos(turn), y - half.value * Math.sin(turn)];
    return { fill: `M${FRONT + half.value} ${y}H${x}L${tx} ${ty}Z`, edge: `M${x} ${y}L${tx} ${ty}` };
});
/** The waist, as on a stand a thin tape marks it. */
const level = computed(() => ({
    x: FRONT - half.value,
    d: `M${FRONT - half.value} ${waist.value}q${half.value} 10 ${2 * half.value} 0`,
}));

/** Thighs on a seat, from the side: they go on beyond the picture. */
const LAP_THICK = 130;
const LAP_END = 282;
const lap = computed(() => {
    const { at, low, sideX, y } = props.view;
    const [, f, r, c] = at(low + LAP_THICK);
    const [foremost, back] = [sideX(c + f), sideX(c - r) + 4];
    const [top, foot] = [y(low + LAP_THICK), y(low)];
    return {
        thighs: `M${foremost} ${top}H${LAP_END}M${LAP_END} ${foot}H${foremost}`,
        seat: `M${LAP_END} ${foot + 7}H${back}V${y(low + 2 * LAP_THICK)}`,
    };
});
</script>

<template>
    <g>
        <clipPath id="above-crease">
            <rect x="-60" y="-60" width="420" :height="60 + waist" />
        </clipPath>
        <clipPath id="below-crease">
            <rect x="-60" :y="waist" width="420" :height="HIGH" />
        </clipPath>
        <path class="foot" :d="stand.foot" />
        <path
            v-if="stand.foot !== ''"
            class="foot"
            :d="stand.foot"
            :transform="`translate(${SIDE - FRONT} 0)`"
        />
        <g clip-path="url(#below-crease)">
            <path class="body" :d="stand.front.body" />
            <path class="seam" :d="stand.front.middle" />
        </g>
        <g class="upper" :class="{ bent }" :style="{ transformOrigin: turns }">
            <path class="body" :d="stand.front.neck" />
            <g clip-path="url(#above-crease)">
                <path class="body" :d="stand.front.body" />
                <path class="seam" :d="stand.front.middle" />
                <path class="seam" :d="stand.front.armholes" />
            </g>
        </g>
        <g class="crease" :class="{ bent }">
            <path class="stretch" :d="stretch.fill" />
            <path :d="stretch.edge" />
            <path :d="crease" />
        </g>
        <path class="body" :d="stand.side.neck" />
        <path v-if="isSeated" class="seat" :d="lap.seat" />
        <path class="body" :d="stand.side.body" />
        <path class="seam" :d="stand.side.middle" />
        <path class="seam hole" :d="stand.side.armhole" />
        <path v-if="isSeated" class="body" :d="lap.thighs" />
        <template v-if="named">
            <path class="seam" :d="level.d" />
            <text class="level" :x="level.x + 8" :y="waist - 5">waist</text>
        </template>
        <text class="view" :x="FRONT" :y="HIGH - 4">from the front</text>
        <text class="view" :x="SIDE" :y="HIGH - 4">from the side</text>
    </g>
</template>

<style scoped>
.body {
    fill: var(--raise);
    stroke: var(--ink);
    stroke-width: 1.4;
}
.seam {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 1;
}
.hole {
    fill: var(--paper);
}
.foot {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 6;
    stroke-linecap: round;
}
.seat {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 5;
    stroke-linejoin: round;
}
.upper {
    transition: transform 700ms;
}
.upper.bent {
    transform: rotate(v-bind('`${BENT_BY}deg`'));
}
.crease path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.4;
}
.crease .stretch {
    fill: var(--raise);
    stroke: none;
}
.crease {
    opacity: 0;
    transition: opacity 700ms;
}
.crease.bent {
    opacity: 1;
}
text {
    fill: var(--quiet);
    font-size: 13px;
    text-anchor: end;
}
.level {
    text-anchor: start;
}
.view {
    text-anchor: middle;
}
@media (prefers-reduced-motion: reduce) {
    .upper,
    .crease {
        transition: none;
    }
}
@media (max-width: 560px) {
    text {
        font-size: 26px;
    }
}
</style>
