<script setup lang="ts">
import type { NestMarks } from '../api/types';

/** The heights that are marked across an upright drawing. */
defineProps<{
    marks: NestMarks;
    dot: number;
    view: { x: number; width: number };
}>();
</script>

<template>
    <template
        v-for="(height, name) in {
            waist: marks.waist_y,
            hip: marks.hip_y,
            'lengthen above the waist': marks.lengthen_y?.above_waist,
            'lengthen below the waist': marks.lengthen_y?.below_waist,
        }"
        :key="name"
    >
        <g v-if="typeof height === 'number'">
            <line
                :x1="view.x"
                :x2="view.x + view.width"
                :y1="height"
                :y2="height"
                :stroke-width="1.4 * dot"
                :stroke-dasharray="`${8 * dot} ${5 * dot}`"
            />
            <text :x="view.x + 6 * dot" :y="height - 5 * dot" :font-size="15 * dot">{{ name }}</text>
        </g>
    </template>
</template>

<style scoped>
line {
    stroke: var(--body);
}
text {
    fill: var(--body);
}
</style>
