<script setup lang="ts">
import type { FittingFinding } from '../api/types';
import { spots, type Spot } from './spots';

/** The garment from both sides: the place where something is found is pressed. */
defineProps<{ place: FittingFinding['place']; where: NonNullable<FittingFinding['where']> }>();
const emit = defineEmits<{ pick: [spot: Spot] }>();
</script>

<template>
    <div class="garment" role="group" aria-label="Where on the garment">
        <svg viewBox="0 0 300 250" aria-hidden="true">
            <g v-for="side in [0, 160]" :key="side" :transform="`translate(${side} 0)`">
                <path
                    class="cloth"
                    d="M48 14Q70 26 92 14L116 22L136 84L118 90L108 60Q112 84 104 110Q108 132 116 160L122 236H18L24 160Q32 132 36 110Q28 84 32 60L22 90L4 84L24 22Z"
                />
                <path class="level" d="M30 62H110M36 110H104M25 156H115" />
            </g>
            <text x="70" y="248">front</text>
            <text x="230" y="248">back</text>
        </svg>
        <button
            v-for="spot in spots"
            :key="`${spot.where} ${spot.place} ${spot.x}`"
            type="button"
            :style="{ left: `${spot.x / 3}%`, top: `${spot.y / 2.5}%` }"
            :aria-label="`${spot.words}, ${spot.where === 'front' ? 'in front' : 'at the back'}`"
            :aria-pressed="place === spot.place && (where === 'both' || where === spot.where)"
            :title="spot.words"
            @click="emit('pick', spot)"
        />
    </div>
</template>

<style scoped>
.garment {
    position: relative;
    width: min(420px, 100%);
    aspect-ratio: 300 / 250;
}
.garment svg {
    display: block;
    width: 100%;
}
.cloth {
    fill: var(--paper);
    stroke: var(--garment);
    stroke-width: 1.5;
}
.level {
    stroke: var(--rule);
    stroke-dasharray: 3 3;
}
.garment text {
    font-size: 11px;
    text-anchor: middle;
    fill: var(--quiet);
}
.garment button {
    position: absolute;
    width: 26px;
    height: 26px;
    margin: -13px 0 0 -13px;
    padding: 0;
    border: 0;
    background: none;
    cursor: pointer;
}
.garment button::before {
    content: '';
    position: absolute;
    inset: 7px;
    border: 2px solid var(--cut);
    border-radius: 50%;
    background: var(--paper);
}
/* A finger has more of it than the eye. */
@media (pointer: coarse), (max-width: 700px) {
    .garment button::after {
        content: '';
        position: absolute;
        inset: -9px -8px;
    }
}
.garment button[aria-pressed='true']::before {
    inset: 4px;
    background: var(--cut);
}
</style>
