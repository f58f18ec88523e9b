<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { KnownLevel } from '../api/types';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import { spared } from '../ui/spared';
import { textWidth } from '../ui/textWidth';
import TapeRuler from './TapeRuler.vue';
import { tapeScales, ticks, type Across } from './scale';

/** The tapes of levels that can't be planned yet: the pattern's sizes, the body where it is measured, and a gap where it isn't. */
const props = defineProps<{ levels: readonly KnownLevel[] }>();
const session = useSession();

const HEIGHT = 104;
const RULER_TOP = 40;
const LABEL_PX = 13.5;
const tapes = ref<HTMLElement | null>(null);
const { width } = useElementSize(tapes);

function named(level: KnownLevel, across: Across, key: 'chart_nm' | 'finished_nm') {
    const marks = level.notches.flatMap((notch) => {
        const nm = notch[key];
        return nm === null ? [] : [{ name: notch.size, x: across(nm) }];
    });
    return spared(marks, ({ name, x }) => ({ x, width: textWidth(name, LABEL_PX), rank: 1 }), width.value);
}
const rows = computed(() => {
    const drawn = props.levels.map((level) => ({ ...level, as_cut_nm: null }));
    const { across } = tapeScales(drawn, width.value);
    return props.levels.map((level, i) => {
        const here = across[i] ?? ((nm: number) => nm);
        return {
            level,
            marks: ticks(here, session.unit, width.value),
            chart: named(level, here, 'chart_nm'),
            finished: named(level, here, 'finished_nm'),
            body: level.measure_nm === null ? null : here(level.measure_nm),
        };
    });
});
</script>

<template>
    <section class="waiting" aria-label="What is known so far">
        <div v-for="({ level, marks, chart, finished, body }, i) in rows" :key="level.level" class="row">
            <div class="name">
                <b>{{ level.level }}</b>
                <Measure v-if="level.measure_nm !== null" :nm="level.measure_nm" />
                <span v-else class="gap">not measured yet</span>
            </div>
            <div :ref="(element) => i === 0 && (tapes = element as HTMLElement | null)" class="tape">
                <svg :width="width" :height="HEIGHT" aria-hidden="true">
                    <TapeRuler :marks="marks" :width="width" :top="RULER_TOP" />
                    <g v-if="body !== null" class="body">
                        <line :x1="body" :x2="body" y1="12" y2="66" />
                        <circle :cx="body" cy="10" r="6.5" />
                    </g>
                    <g class="chart">
                        <path v-for="n in chart" :key="n.name" :d="`M${n.x} 40l-4.5 -8h9z`" />
                        <text v-for="n in chart" :key="`l${n.name}`" :x="n.at" y="28">{{ n.name }}</text>
                    </g>
                    <g class="garment">
                        <path v-for="n in finished" :key="n.name" :d="`M${n.x} 62l-4.5 8h9z`" />
                        <text v-for="n in finished" :key="`l${n.name}`" :x="n.at" y="85">{{ n.name }}</text>
                    </g>
                </svg>
            </div>
        </div>
    </section>
</template>

<style scoped>
.waiting {
    display: grid;
    gap: 4px;
    padding: 10px 20px 24px;
}
.row {
    display: grid;
    grid-template-columns: 150px minmax(0, 1fr);
    gap: 16px;
    align-items: center;
}
.name {
    display: grid;
}
.name b {
    font-size: 20px;
    text-transform: capitalize;
}
.gap {
    padding: 1px 6px;
    border: 1.5px dashed var(--body-mark);
    justify-self: start;
    font-size: 14px;
}
svg {
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
@media (max-width: 700px) {
    .row {
        grid-template-columns: minmax(0, 1fr);
        gap: 2px;
    }
}
</style>
