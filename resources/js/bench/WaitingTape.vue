<script setup lang="ts">
import { computed } from 'vue';
import type { KnownLevel } from '../api/types';
import { useSession } from '../state/session';
import { spared } from '../ui/spared';
import { textWidth } from '../ui/textWidth';
import TapeRuler from './TapeRuler.vue';
import { ticks, type Across } from './scale';

/** The tape of a level that can't be planned yet: the pattern's sizes, and the body where it is measured. It stands as a planned one does. */
const props = defineProps<{ level: KnownLevel; across: Across; width: number }>();
const session = useSession();

const HEIGHT = 132;
const RULER_TOP = 55;
const LABEL_PX = 13.5;

function named(key: 'chart_nm' | 'finished_nm') {
    const marks = props.level.notches.flatMap((notch) => {
        const nm = notch[key];
        return nm === null ? [] : [{ name: notch.size, x: props.across(nm) }];
    });
    return spared(marks, ({ name, x }) => ({ x, width: textWidth(name, LABEL_PX), rank: 1 }), props.width);
}
const marks = computed(() => ticks(props.across, session.unit, props.width));
const chart = computed(() => named('chart_nm'));
const finished = computed(() => named('finished_nm'));
const body = computed(() => (props.level.measure_nm === null ? null : props.across(props.level.measure_nm)));
</script>

<template>
    <svg class="waiting-tape" :width="width" :height="HEIGHT" aria-hidden="true">
        <TapeRuler :marks="marks" :width="width" :top="RULER_TOP" />
        <g v-if="body !== null" class="body">
            <line :x1="body" :x2="body" y1="18" y2="93" />
            <circle :cx="body" cy="17" r="6.5" />
        </g>
        <g class="chart">
            <path v-for="n in chart" :key="n.name" :d="`M${n.x} 55l-4.5 -8h9z`" />
            <text v-for="n in chart" :key="`l${n.name}`" :x="n.at" y="43">{{ n.name }}</text>
        </g>
        <g class="garment">
            <path v-for="n in finished" :key="n.name" :d="`M${n.x} 77l-4.5 8h9z`" />
            <text v-for="n in finished" :key="`l${n.name}`" :x="n.at" y="99">{{ n.name }}</text>
        </g>
    </svg>
</template>

<style scoped>
.waiting-tape {
    display: block;
    overflow: visible;
}
text {
    text-anchor: middle;
}
.body line {
    stroke: var(--body-mark);
    stroke-width: 3;
}
.body circle {
    fill: var(--body-mark);
    stroke: var(--ink);
}
.chart path,
.chart text {
    fill: var(--chart);
    font-size: 13.5px;
}
.garment path,
.garment text {
    fill: var(--garment);
    font-size: 13.5px;
}
</style>
