<script setup lang="ts">
import { computed } from 'vue';

/** A tape as it lies along an edge: every half unit a tick, every whole one longer, the tens and the fives with their figures. */
const props = defineProps<{
    way: 'across' | 'down';
    /** Pixels of a millimetre. */
    perMm: number;
    unitMm: number;
    longMm: number;
    /** Where zero lies, in pixels. */
    from: number;
}>();

const HIGH = 34;
const ticks = computed(() =>
    Array.from({ length: Math.floor((2 * props.longMm) / props.unitMm + 0.01) + 1 }, (_, half) => ({
        at: props.from + (half / 2) * props.unitMm * props.perMm,
        long: half % 20 === 0 ? 22 : half % 10 === 0 ? 17 : half % 2 === 0 ? 12 : 6,
        figure: half % 10 === 0 && half > 0 ? half / 2 : null,
    })),
);
const long = computed(() => props.longMm * props.perMm);
</script>

<template>
    <g class="tape-rule">
        <rect
            :x="way === 'across' ? from : from - HIGH"
            :y="way === 'across' ? from - HIGH : from"
            :width="way === 'across' ? long : HIGH"
            :height="way === 'across' ? HIGH : long"
        />
        <template v-for="{ at, long: high, figure } in ticks" :key="at">
            <path :d="way === 'across' ? `M${at} ${from}v${-high}` : `M${from} ${at}h${-high}`" />
            <text
                v-if="figure !== null"
                :x="way === 'across' ? at - 3 : from - 16"
                :y="way === 'across' ? from - 18 : at - 4"
                text-anchor="end"
            >
                {{ figure }}
            </text>
        </template>
    </g>
</template>

<style scoped>
rect {
    fill: var(--tape);
    stroke: currentcolor;
}
path {
    stroke: var(--tape-ink);
    stroke-width: 1.2;
}
text {
    fill: var(--tape-ink);
    font-size: 12px;
    font-weight: 600;
}
</style>
