<script setup lang="ts">
import Chart from 'primevue/chart';
import { computed } from 'vue';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import { drawn, type PointHistory } from './history';

const props = defineProps<{ history: PointHistory }>();
const session = useSession();

const ink = (name: string): string =>
    getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const change = computed(() => (props.history.nm.at(-1) ?? 0) - (props.history.nm.at(-2) ?? 0));
const data = computed(() => ({
    labels: props.history.days,
    datasets: [
        {
            data: drawn(props.history.nm, session.unit),
            borderColor: ink('--body-mark'),
            backgroundColor: ink('--body-mark'),
            pointRadius: 4,
            borderWidth: 2.5,
        },
    ],
}));
const font = { family: 'Inter Variable' };
const options = {
    animation: false,
    maintainAspectRatio: false,
    plugins: { legend: { display: false } },
    scales: {
        x: {
            ticks: { color: ink('--quiet'), font, maxRotation: 0, autoSkip: true },
            grid: { display: false },
        },
        y: {
            ticks: { color: ink('--quiet'), font, maxTicksLimit: 4 },
            grid: { color: ink('--dot') },
            grace: '20%',
        },
    },
};
</script>

<template>
    <figure class="point-chart">
        <figcaption>
            <b>{{ history.name }}</b> <Measure :nm="history.nm.at(-1) ?? null" />
            <small><Measure :nm="change" signed /> since the card before</small>
        </figcaption>
        <Chart
            type="line"
            :data="data"
            :options="options"
            :canvas-props="{ role: 'img', 'aria-label': `${history.name} over time` }"
        />
    </figure>
</template>
