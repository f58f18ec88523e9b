<script setup lang="ts">
import { computed } from 'vue';
import type { Tick } from './scale';

/** The tape itself: its marks, and the figures that have room. */
const props = defineProps<{
    marks: readonly Tick[];
    width: number;
    /** Where its upper edge lies. */
    top: number;
    /** The figures that something else stands on, a space between them. */
    covered?: string;
}>();
const hidden = computed(() => new Set(props.covered?.split(' ')));

const LONG = { fifth: 8, whole: 6, half: 4.5, quarter: 3 };
const LABELLED = 11;
const FIGURES = 19.5;
const EDGE = 10;
</script>

<template>
    <rect class="ruler" x="0.5" :y="top + 0.5" :width="Math.max(0, width - 1)" height="21" rx="2" />
    <g class="ticks">
        <line
            v-for="tick in marks"
            :key="tick.x"
            :x1="tick.x"
            :x2="tick.x"
            :y1="top + 1"
            :y2="top + (tick.label ? LABELLED : LONG[tick.kind])"
        />
        <template v-for="tick in marks" :key="`t${tick.x}`">
            <text
                v-if="tick.label && !hidden.has(tick.label) && tick.x > EDGE && tick.x < width - EDGE"
                :x="tick.x"
                :y="top + FIGURES"
            >
                {{ tick.label }}
            </text>
        </template>
    </g>
</template>

<style scoped>
.ruler {
    fill: var(--paper);
    stroke: var(--ink);
}
</style>
