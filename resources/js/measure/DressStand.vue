<script setup lang="ts">
import type { Point } from '../api/types';

defineProps<{ point: Point }>();
</script>

<template>
    <svg
        class="stand"
        :viewBox="`0 0 ${point.stand.width} ${point.stand.height}`"
        role="img"
        :aria-label="`${point.name} on a dress stand, seen from the ${point.view}`"
    >
        <path v-if="point.stand.pole" class="pole" :d="point.stand.pole" />
        <path v-if="point.stand.hidden" class="tape-hidden" :d="point.stand.hidden" />
        <path class="cloth" :d="point.stand.outline" />
        <path class="tape-line" :d="point.stand.tape" />
        <path v-if="point.stand.arrows" class="tape-end" :d="point.stand.arrows" />
    </svg>
</template>

<style scoped>
.stand {
    width: 100%;
    max-height: 500px;
}
.stand .cloth {
    fill: var(--raise);
    stroke: var(--ink);
    stroke-width: 1.5;
}
.stand .pole {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 3;
}
.stand .tape-line {
    fill: none;
    stroke: var(--body-mark);
    stroke-width: 5;
}
.stand .tape-end {
    fill: var(--body-mark);
}
.stand .tape-hidden {
    fill: none;
    stroke: var(--body-mark);
    stroke-width: 2.5;
    stroke-dasharray: 4 5;
}
.helper .stand {
    display: none;
}
@media (max-width: 1100px) {
    .stand {
        max-height: 300px;
    }
}
</style>
