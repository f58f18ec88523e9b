<script setup lang="ts">
import { computed } from 'vue';

/** A grid as on a cutting mat, and in it the square that is held against the mat's own. */
const props = defineProps<{
    width: number;
    height: number;
    square: { x: number; y: number; width: number; height: number };
}>();
const emit = defineEmits<{ hold: [PointerEvent] }>();

const lines = (from: number, step: number, end: number): number[] =>
    Array.from(
        { length: Math.max(0, Math.ceil((end - (from % step)) / step)) },
        (_, n) => (from % step) + n * step,
    );
const across = computed(() => lines(props.square.x, props.square.width, props.width));
const down = computed(() => lines(props.square.y, props.square.height, props.height));
</script>

<template>
    <g class="mat-grid">
        <line v-for="x in across" :key="`x${x}`" :x1="x" :x2="x" y1="0" :y2="height" />
        <line v-for="y in down" :key="`y${y}`" x1="0" :x2="width" :y1="y" :y2="y" />
        <rect class="square" v-bind="square" />
        <circle
            class="handle"
            :cx="square.x + square.width"
            :cy="square.y + square.height"
            r="22"
            @pointerdown.prevent="emit('hold', $event)"
        />
    </g>
</template>

<style scoped>
.mat-grid line {
    stroke: currentcolor;
    stroke-width: 1;
    opacity: 0.5;
}
.square {
    fill: none;
    stroke: currentcolor;
    stroke-width: 3;
}
.handle {
    fill: currentcolor;
    fill-opacity: 0.25;
    stroke: currentcolor;
    stroke-width: 2;
    cursor: nwse-resize;
    touch-action: none;
}
</style>
