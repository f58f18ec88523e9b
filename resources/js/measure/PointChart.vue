<script setup lang="ts">
import { computed } from 'vue';
import type { PointHistory } from '../api/types';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';
import Measure from '../ui/Measure.vue';
import { dots } from './chart';

const props = defineProps<{ history: PointHistory }>();
const session = useSession();

const WIDTH = 240;
const HEIGHT = 44;
const placed = computed(() => dots(props.history, WIDTH, HEIGHT));
const line = computed(() => placed.value.map(({ x, y }) => `${x},${y}`).join(' '));
const told = computed(() =>
    placed.value.map(({ day, nm }) => `${day} ${figureText(nm, session.unit)}`).join(', '),
);
/** Only the ends carry text: what lies between is in the cards. */
const ends = computed(() => [placed.value[0], placed.value.at(-1)].filter((dot) => dot !== undefined));
</script>

<template>
    <figure class="point-chart">
        <figcaption>
            <b>{{ history.name }}</b> <Measure :nm="history.length_nm.at(-1) ?? null" />
            <small><Measure :nm="history.change_nm" signed /> since the card before</small>
        </figcaption>
        <svg viewBox="-34 -26 308 100" role="img" :aria-label="`${history.name} over time: ${told}`">
            <polyline :points="line" />
            <circle v-for="(dot, i) in placed" :key="i" :cx="dot.x" :cy="dot.y" r="4" />
            <template v-for="dot in ends" :key="dot.x">
                <text :x="dot.x" :y="dot.y - 9">{{ figureText(dot.nm, session.unit) }}</text>
                <text class="day" :x="dot.x" :y="HEIGHT + 26">{{ dot.day }}</text>
            </template>
        </svg>
    </figure>
</template>

<style scoped>
.point-chart svg {
    display: block;
    width: 100%;
    overflow: visible;
}
polyline {
    fill: none;
    stroke: var(--body-mark);
    stroke-width: 2.5;
    stroke-linejoin: round;
}
circle {
    fill: var(--body-mark);
}
text {
    font-size: 12px;
    text-anchor: middle;
    fill: var(--ink);
}
.day {
    fill: var(--quiet);
}
.point-chart {
    margin: 0;
    padding: 12px 14px;
    background: var(--paper);
    border: 1px solid var(--rule);
    border-radius: 3px;
}
.point-chart figcaption {
    display: flex;
    gap: 8px;
    align-items: baseline;
}
</style>
