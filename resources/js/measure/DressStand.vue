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
