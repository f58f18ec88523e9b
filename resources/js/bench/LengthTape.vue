<script setup lang="ts">
import { computed } from 'vue';
import type { LevelName, Plan } from '../api/types';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';
import type { Heights } from '../seam/heights';

/** Every level that has a tape, measured or not. */
const props = defineProps<{ plan: Plan; levels: LevelName[]; page: Heights; height: number }>();
const session = useSession();

/** Half of what a change's words take of the tape: no figure stands under them. */
const WORDS_PX = 30;
const isFree = (y: number): boolean => changes.value.every((change) => Math.abs(change.y - y) > WORDS_PX + 6);
const marks = computed(() => {
    const nm = session.unit === 'cm' ? 10_000_000 : 25_400_000;
    const every = session.unit === 'cm' ? 5 : 2;
    const list: { y: number; label: string | null }[] = [];
    if (!(props.page.pxPerNm > 0)) return list;
    for (let n = 0, y = props.page.depth(0); y <= props.height - 14; n += 1, y = props.page.depth(n * nm)) {
        list.push({ y, label: n % every === 0 && isFree(y) ? String(n) : null });
    }
    return list;
});

/** What the paper needs before anything else is drawn on it. */
const changes = computed(() => {
    const { above_waist_nm, below_waist_nm } = props.plan;
    return [
        {
            name: 'above the waist',
            nm: above_waist_nm,
            y: (props.page.level('bust') + props.page.level('waist')) / 2,
        },
        {
            name: 'below the waist',
            nm: below_waist_nm,
            y: (props.page.level('waist') + props.page.level('hip')) / 2,
        },
    ].filter(({ nm }) => nm !== null && nm !== 0);
});
const says = (nm: number): string =>
    `${nm < 0 ? 'shorten' : 'lengthen'} the paper by ${figureText(Math.abs(nm), session.unit)}`;
</script>

<template>
    <svg class="length-tape" width="52" :height="height" role="img" aria-label="Lengths down the side seam">
        <template v-if="marks.length > 0">
            <rect class="ruler" x="0.5" y="26.5" width="45" :height="height - 40" rx="2" />
            <text class="unit" x="23" y="18">{{ session.unit }}</text>
        </template>
        <!-- Where no length is known there is no tape to read. -->
        <line v-else class="untold" x1="45" x2="45" y1="26.5" :y2="height - 14" />
        <g class="ticks">
            <line
                v-for="mark in marks"
                :key="mark.y"
                x1="1"
                :x2="mark.label ? 12 : 7"
                :y1="mark.y"
                :y2="mark.y"
            />
            <template v-for="mark in marks" :key="`t${mark.y}`">
                <text v-if="mark.label" x="17" :y="mark.y + 4">{{ mark.label }}</text>
            </template>
        </g>
        <g class="body">
            <circle
                v-for="level in levels"
                :key="level"
                :class="{ open: !plan.levels.some((one) => one.level === level) }"
                cx="45"
                :cy="page.level(level)"
                r="5"
            />
        </g>
        <g v-for="change in changes" :key="change.name" class="cut change">
            <title>{{ change.name }}: {{ says(change.nm ?? 0) }}</title>
            <rect x="4" :y="change.y - WORDS_PX" width="37" :height="2 * WORDS_PX" rx="3" />
            <text :transform="`translate(20 ${change.y}) rotate(-90)`">
                {{ (change.nm ?? 0) < 0 ? 'shorten' : 'lengthen' }}
            </text>
            <text :transform="`translate(35 ${change.y}) rotate(-90)`">
                {{ figureText(Math.abs(change.nm ?? 0), session.unit) }}
            </text>
        </g>
    </svg>
</template>

<style scoped>
.length-tape .ruler {
    fill: var(--paper);
    stroke: var(--ink);
}
.length-tape .untold {
    stroke: var(--rule);
    stroke-dasharray: 3 4;
}
.length-tape text {
    font-size: 11px;
    fill: var(--quiet);
    text-anchor: middle;
}
.length-tape .ticks text {
    text-anchor: start;
}
.length-tape .body circle {
    fill: var(--body-mark);
    stroke: var(--ink);
}
.length-tape .body .open {
    fill: var(--paper);
    stroke: var(--body-mark);
    stroke-dasharray: 2 2;
}
.length-tape .change rect {
    fill: var(--paper);
    stroke: var(--cut);
}
.length-tape .change text {
    fill: var(--cut);
    font-weight: 650;
}
</style>
