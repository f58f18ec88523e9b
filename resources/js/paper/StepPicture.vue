<script setup lang="ts">
import type { Plan } from '../api/types';

/** What the hands do in a step, drawn with the make's own amounts. */
defineProps<{ picture: NonNullable<Plan['work']['steps'][number]['picture']> }>();
</script>

<template>
    <svg class="step-picture" :viewBox="`0 0 ${picture.width} ${picture.height}`" aria-hidden="true">
        <path v-for="({ path, pen }, n) in picture.strokes" :key="n" :class="pen" :d="path" />
        <text v-for="({ x, y, words }, n) in picture.notes" :key="n" :x="x" :y="y">{{ words }}</text>
    </svg>
</template>

<style scoped>
.step-picture {
    width: 132px;
    height: 106px;
}
path {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 1;
}
.paper {
    fill: var(--raise);
}
.made {
    stroke: var(--cut);
    stroke-width: 2.4;
}
.cut {
    stroke: var(--ink);
    stroke-dasharray: 4 3;
}
.between {
    fill: var(--bridge);
    stroke: var(--garment);
}
text {
    fill: var(--ink);
    font-size: 11px;
    font-weight: 650;
}
</style>
