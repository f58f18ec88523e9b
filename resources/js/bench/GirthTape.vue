<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LevelPlan } from '../api/types';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';
import Measure from '../ui/Measure.vue';
import { arrowOf, bridgeOf, roomForEase } from './asCut';
import { arrowWords } from './changes';
import { clipWords } from './clip';
import { useSizeName } from '../ui/sizeName';
import { textWidth } from '../ui/textWidth';
import SizeClip from './SizeClip.vue';
import { spared, within } from '../ui/spared';
import { nearestSize, notchAt, ticks, type Across } from './scale';
import { useSlide } from './useSlide';

const props = defineProps<{ level: LevelPlan; across: Across; width: number }>();
const emit = defineEmits<{ start: []; choose: [size: string] }>();
const session = useSession();
const nameOf = useSizeName();

const HEIGHT = 132;
const tickEnd = { fifth: 63, whole: 61, half: 59.5, quarter: 58 };
const LABEL_PX = 13.5;
const SAID_PX = 15;
const BOLD = 750;
/** As the figure of the body is set beside its pin. */
const BODY_PX = 20;
const BODY_PAD_PX = 6;
const PIN_PX = 12;
/** As the clip is set. */
const CLIP_PX = 38;
const CLIP_TYPE_PX = 18;
const CLIP_PAD_PX = 14;

const tape = ref<HTMLElement | null>(null);
const { press, slide, release, cancel } = useSlide(
    tape,
    (x) => nearestSize(props.level, props.across, x),
    () => props.level.size,
    () => emit('start'),
    (size) => emit('choose', size),
);

const marks = computed(() => ticks(props.across, session.unit, props.width));
const body = computed(() => (props.level.measure_nm === null ? null : props.across(props.level.measure_nm)));
/** Right of the pin, or left of it where the tape ends. */
const bodyFigureAt = computed(() => {
    const at = body.value ?? 0;
    const figure =
        textWidth(figureText(props.level.measure_nm ?? 0, session.unit), BODY_PX, 700) + BODY_PAD_PX;
    return at + PIN_PX + figure <= props.width ? at + PIN_PX : at - PIN_PX - figure;
});
const said = computed(() => props.level.chart?.size);

const chartNotches = computed(() => placed((notch) => notch.chart_nm));
const finishedNotches = computed(() => placed((notch) => notch.finished_nm));
const clipNm = computed(() => notchAt(props.level, props.level.size));
const clipAt = computed(() => (clipNm.value === null ? null : props.across(clipNm.value)));

const bridge = computed(() => bridgeOf(props.level, props.across));
const arrow = computed(() =>
    arrowOf(props.level, props.across, arrowWords(props.level, session.unit), props.width),
);
const easeFigure = computed(() => roomForEase(bridge.value, arrow.value, props.width));

function placed(value: (notch: LevelPlan['notches'][number]) => number | null) {
    return props.level.notches.flatMap((notch) => {
        const nm = value(notch);
        return nm === null ? [] : [{ size: notch.size, name: nameOf(notch.size), nm, x: props.across(nm) }];
    });
}

/** What the chart says is named first, then what the clip is on; under the clip that stands on the clip itself. */
const rankOf = (size: string): number => (size === said.value ? 1 : size === props.level.size ? 2 : 3);
const chartLabels = computed(() =>
    spared(
        chartNotches.value,
        ({ size, name, x }) => ({
            x,
            width: size === said.value ? textWidth(name, SAID_PX, BOLD) : textWidth(name, LABEL_PX),
            rank: rankOf(size),
        }),
        props.width,
    ),
);
const clipPx = computed(() =>
    Math.max(CLIP_PX, textWidth(nameOf(props.level.size), CLIP_TYPE_PX, BOLD) + CLIP_PAD_PX),
);
const finishedLabels = computed(() => {
    const { size: clipped } = props.level;
    // The clip bears the name of its own size, and covers what lies under it.
    const notches = finishedNotches.value.filter(({ size }) => size !== clipped);
    const clip = clipAt.value === null ? [] : [{ size: clipped, name: '', nm: 0, x: clipAt.value }];
    return spared(
        [...clip, ...notches],
        ({ size, name, x }) => ({
            x,
            width: size === clipped ? clipPx.value : textWidth(name, LABEL_PX),
            rank: size === clipped ? 0 : 3,
        }),
        props.width,
    ).filter(({ size }) => size !== clipped);
});
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
            <rect class="ruler" x="0.5" y="55.5" :width="Math.max(0, width - 1)" height="21" rx="2" />
            <g class="ticks">
                <line
                    v-for="tick in marks"
                    :key="tick.x"
                    :x1="tick.x"
                    :x2="tick.x"
                    y1="56"
                    :y2="tick.label ? 66 : tickEnd[tick.kind]"
                />
                <template v-for="tick in marks" :key="`t${tick.x}`">
                    <text v-if="tick.label && tick.x > 10 && tick.x < width - 10" :x="tick.x" y="74.5">
                        {{ tick.label }}
                    </text>
                </template>
            </g>
            <g v-if="bridge" class="bridge told" :class="{ short: bridge.short }">
                <rect :x="bridge.from" y="77" :width="bridge.width" height="16" />
            </g>
            <g v-if="body !== null" class="body">
                <line :x1="body" :x2="body" y1="18" y2="93" />
                <circle :cx="body" cy="17" r="6.5" />
            </g>
            <g class="chart">
                <path
                    v-for="n in chartNotches"
                    :key="n.size"
                    :d="`M${n.x} 55l-4.5 -8h9z`"
                    :class="{ said: n.size === said }"
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
.tape .ruler {
    fill: var(--paper);
    stroke: var(--ink);
}
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
