<script setup lang="ts">
import type { Calibration } from './calibration';

/** One metre, with every centimetre. */
defineProps<{ calibration: Calibration }>();
const marks = Array.from({ length: 101 }, (_, cm) => cm);
const highOf = (cm: number): number => (cm % 10 === 0 ? 8 : cm % 5 === 0 ? 6 : 3.5);
</script>

<template>
    <g class="mat-ruler" :transform="`scale(${calibration.across} ${calibration.down}) translate(10 4)`">
        <line x1="0" x2="1000" y1="0" y2="0" />
        <template v-for="cm in marks" :key="cm">
            <line :x1="cm * 10" :x2="cm * 10" y1="0" :y2="highOf(cm)" />
            <text v-if="cm % 10 === 0" :x="cm * 10 + 1" y="12">{{ cm }}</text>
        </template>
    </g>
</template>

<style scoped>
.mat-ruler line {
    stroke: currentcolor;
    stroke-width: 0.4;
}
.mat-ruler text {
    fill: currentcolor;
    font-size: 5px;
}
</style>
