<script setup lang="ts">
import { ref } from 'vue';
import type { LevelPlan } from '../api/types';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import { clipWords } from './clip';
import SizeClip from './SizeClip.vue';
import TapeRuler from './TapeRuler.vue';
import { within } from '../ui/spared';
import { nearestSize, type Across } from './scale';
import { useGirthMarks } from './useGirthMarks';
import { useSlide } from './useSlide';

const props = defineProps<{ level: LevelPlan; across: Across; width: number }>();
const emit = defineEmits<{ start: []; choose: [size: string] }>();
const session = useSession();

const HEIGHT = 132;
const RULER_TOP = 55;
const tape = ref<HTMLElement | null>(null);
const { press, slide, release, cancel } = useSlide(
    tape,
    (x) => nearestSize(props.level, props.across, x),
    () => props.level.size,
    () => emit('start'),
    (size) => emit('choose', size),
);

/** A name that had to move is led back to its notch. */
const isAside = ({ x, at }: { x: number; at: number }): boolean => Math.abs(x - at) > 7;

const {
    nameOf,
    said,
    marks,
    covered,
    body,
    bodyFigureAt,
    chartNotches,
    chartSpans,
    chartLabels,
    finishedNotches,
    finishedLabels,
    bridge,
    arrow,
    easeFigure,
    clipAt,
    clipPx,
} = useGirthMarks(props, () => session.unit);
</script>

<template>
    <div
        ref="tape"
        class="tape"
        :style="{ height: `${HEIGHT}px` }"
        @pointerdown="press"
        @pointermove="slide"
        @pointerup="release"
        @pointercancel="cancel"
    >
        <svg :width="width" :height="HEIGHT" aria-hidden="true">
            <TapeRuler :marks="marks" :covered="covered" :width="width" :top="RULER_TOP" />
            <g v-if="bridge" class="bridge told" :class="{ short: bridge.short }">
                <rect :x="bridge.from" y="77" :width="bridge.width" height="16" />
            </g>
            <g v-if="body !== null" class="body">
                <line :x1="body" :x2="body" y1="18" y2="93" />
                <circle :cx="body" cy="17" r="6.5" />
            </g>
            <g class="chart">
                <path
                    v-for="span in chartSpans"
                    :key="`s${span.size}`"
                    class="span"
                    :class="{ said: span.size === said }"
                    :d="`M${span.from} 46v9M${span.from} 50.5H${span.to}M${span.to} 46v9`"
                />
                <path
                    v-for="n in chartNotches"
                    :key="n.size"
                    :d="`M${n.x} 55l-4.5 -8h9z`"
                    :class="{ said: n.size === said }"
                />
                <path
                    v-for="n in chartLabels.filter(isAside)"
                    :key="`a${n.size}`"
                    class="aside"
                    :d="`M${n.x} 47L${n.at} 45`"
                />
                <text
                    v-for="n in chartLabels"
                    :key="`l${n.size}`"
                    :x="n.at"
                    y="43"
                    :class="{ said: n.size === said }"
                >
                    {{ n.name }}
                </text>
            </g>
            <g class="garment">
                <path v-for="n in finishedNotches" :key="n.size" :d="`M${n.x} 93l-4.5 8h9z`" />
                <path
                    v-for="n in finishedLabels.filter(isAside)"
                    :key="`a${n.size}`"
                    class="aside"
                    :d="`M${n.x} 101L${n.at} 104`"
                />
                <text v-for="n in finishedLabels" :key="`l${n.size}`" :x="n.at" y="115">
                    {{ n.name }}
                </text>
            </g>
            <line v-if="clipAt !== null" class="cut-line" :x1="clipAt" :x2="clipAt" y1="51" y2="102" />
            <g v-if="arrow" class="as-cut told">
                <line class="to" :x1="arrow.to" :x2="arrow.to" y1="51" y2="93" />
                <path
                    :d="`M${arrow.from} 85H${arrow.to - 5 * arrow.way}M${arrow.to} 85l${-8 * arrow.way} -5v10z`"
                />
                <text :x="arrow.x" :text-anchor="arrow.anchor" y="90">
                    {{ arrow.words }}
                </text>
            </g>
        </svg>
        <span
            v-if="body !== null && level.measure_nm !== null"
            class="body-figure"
            :style="{ transform: `translateX(${bodyFigureAt}px)` }"
            ><Measure :nm="level.measure_nm"
        /></span>
        <!-- It lies on no place of this tape: it stands at its end. -->
        <span v-if="level.stands_in_nm !== null" class="stands-in"
            >{{ level.sure_of }} <b><Measure :nm="level.stands_in_nm" /></b
        ></span>
        <span
            v-if="easeFigure"
            class="ease-figure"
            :class="{ short: bridge?.short }"
            :style="{ transform: `translateX(${easeFigure.from}px)`, width: `${easeFigure.width}px` }"
        >
            <Measure :nm="level.ease_as_cut_nm" signed bare />
        </span>
        <SizeClip
            v-if="clipAt !== null"
            :level="level"
            :at="within(clipAt, clipPx, width)"
            :describes="clipWords(level, session.unit, nameOf)"
            @start="emit('start')"
            @choose="emit('choose', $event)"
        />
    </div>
</template>

<style scoped>
.tape .body circle {
    fill: var(--body-mark);
    stroke: var(--ink);
}
.tape {
    position: relative;
    touch-action: pan-y;
    user-select: none;
}
.tape svg {
    display: block;
    overflow: visible;
}
.tape .body line {
    stroke: var(--body-mark);
    stroke-width: 3;
}
.tape .bridge rect {
    fill: var(--bridge);
}
.tape .bridge.short rect {
    fill: color-mix(in srgb, var(--ink) 16%, transparent);
    stroke: var(--ink);
    stroke-dasharray: 3 2;
}
.tape .chart path {
    fill: var(--chart);
}
.tape .chart .span {
    fill: none;
    stroke: var(--chart);
    stroke-width: 1.5;
}
.tape .chart .span.said {
    stroke-width: 3;
}
.tape .chart text,
.tape .garment text {
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 4px;
    stroke-linejoin: round;
    font-size: 13.5px;
    text-anchor: middle;
    fill: var(--chart);
}
.tape .chart text.said {
    font-weight: 750;
    font-size: 15px;
}
.tape .garment path,
.tape .garment text {
    fill: var(--garment);
}
.tape .aside {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 0.8;
}
.tape .cut-line {
    stroke: var(--cut);
    stroke-width: 2.5;
}
.tape .as-cut line {
    stroke: var(--cut);
    stroke-width: 1.5;
    stroke-dasharray: 3 2;
}
.tape .as-cut path {
    stroke: var(--cut);
    stroke-width: 2.5;
    fill: var(--cut);
}
.tape .as-cut text {
    font-size: 13px;
    font-weight: 700;
    fill: var(--cut);
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 4px;
}
/* What moves with the hand is moved, not laid out anew. */
.body-figure {
    position: absolute;
    left: 0;
    top: 5px;
    font-size: 20px;
    font-weight: 700;
    color: var(--body);
    background: var(--paper);
    padding: 0 3px;
    line-height: 1.15;
    pointer-events: none;
}
.stands-in {
    position: absolute;
    right: 0;
    top: 5px;
    color: var(--body);
    pointer-events: none;
}
.ease-figure {
    position: absolute;
    left: 0;
    top: 77px;
    height: 16px;
    line-height: 16px;
    text-align: center;
    font-size: 13px;
    font-weight: 700;
    color: var(--garment);
    pointer-events: none;
}
.ease-figure.short {
    color: var(--ink);
}
.ease-figure.short::after {
    content: ' !';
}
</style>
