<script setup lang="ts">
import type { Spot } from './calibration';

/** An oblong whose corners are dragged to those of the same oblong on the mat. */
defineProps<{ corners: Spot[]; words: string }>();
const emit = defineEmits<{ hold: [event: PointerEvent, takes: 0 | 1 | 2 | 3] }>();
const all = [0, 1, 2, 3] as const;
</script>

<template>
    <g class="mat-corners">
        <polygon :points="corners.map((spot) => spot.join(',')).join(' ')" />
        <circle
            v-for="at in all"
            :key="at"
            :cx="corners[at]?.[0]"
            :cy="corners[at]?.[1]"
            r="16"
            @pointerdown.stop.prevent="emit('hold', $event, at)"
        />
        <text :x="(corners[0]?.[0] ?? 0) + 30" :y="(corners[0]?.[1] ?? 0) + 50">{{ words }}</text>
    </g>
</template>

<style scoped>
polygon {
    fill: none;
    stroke: var(--line-cut);
    stroke-width: 2.5;
}
circle {
    fill: var(--ground);
    fill-opacity: 0.5;
    stroke: var(--line-cut);
    stroke-width: 4;
    cursor: move;
    touch-action: none;
}
text {
    fill: currentcolor;
    font-size: 22px;
    font-weight: 700;
}
</style>
