<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import type { PracticeFigure } from '../api/types';
import { drawnOf, shoulderAt } from './drawn';
import { BOARD_HALF, follow, type Lying, type Place } from './follow';
import { sectionsOf } from './sections';

/** A body from the front and from the side, with tapes as they lie on it: dashed where the body hides them. */
const props = defineProps<{
    figure: PracticeFigure;
    /** Null where no tape is shown yet; with what lies under it, thickness of cloth in millimetres and fingers. */
    tape: (Lying & { over?: number; fingers?: number }) | null;
    /** Where the tape belongs, once it may be told. */
    truth: number | null;
    fixed: boolean;
    /** How far forward a board stands that is held upright against the front. */
    board?: number | null;
    /** Even where the tape can't be moved. */
    canBend?: boolean;
}>();
const emit = defineEmits<{ lay: [Lying] }>();

const HIGH = 520;
const EDGE = 16;
const FRONT = 150;
const SIDE = 430;
const at = computed(() => sectionsOf(props.figure.rings));
const low = computed(() => props.figure.rings[0]?.[0] ?? 0);
const high = computed(() => props.figure.rings.at(-1)?.[0] ?? 1);
const scale = computed(() => (HIGH - 2 * EDGE) / (high.value - low.value));
const y = (z: number): number => EDGE + (high.value - z) * scale.value;

const heights = computed(() =>
    Array.from({ length: 141 }, (_, i) => low.value + ((high.value - low.value) * i) / 140),
);
const through = (points: readonly (readonly [number, number])[]): string =>
    `M${points.map(([px, py]) => `${px.toFixed(1)} ${py.toFixed(1)}`).join('L')}`;
/** From the front the left side of the body lies at the right of the picture. */
const frontX = (x: number): number => FRONT + x * scale.value;
const sideX = (forward: number): number => SIDE - forward * scale.value;
const drawn = computed(() => drawnOf(props.figure.code));
const front = computed(() => {
    const drop = (z: number): number =>
        drawn.value.shoulderDrop * shoulderAt(z, low.value, high.value) * scale.value;
    const right = heights.value.map((z) => [frontX(at.value(z)[0]), y(z) + drop(z)] as const);
    const left = heights.value.map((z) => [frontX(-at.value(z)[0]), y(z)] as const);
    return `${through([...right, ...left.reverse()])}Z`;
});
const side = computed(() => {
    const before = heights.value.map((z) => {
        const [, f, , c] = at.value(z);
        return [sideX(c + f), y(z)] as const;
    });
    const behind = heights.value.map((z) => {
        const [, , r, c] = at.value(z);
        return [sideX(c - r), y(z)] as const;
    });
    return `${through([...before, ...behind.reverse()])}Z`;
});

/** What lies over the body stands out a little. */
const worn = (places: readonly Place[]): Place[] => places.map(([px, py, z]) => [px * 1.07, py * 1.07, z]);

/** From the waist to the lowest ring; from the side it lies before the front. */
const BOARD_THICK_PX = 5;
const heldAt = computed(() => ({
    x: sideX(props.board ?? 0) - BOARD_THICK_PX,
    top: y(props.figure.waist_mm),
    foot: y(low.value),
}));

/** Thighs on a seat, from the side: they go on beyond the picture. */
const LAP_THICK = 130;
const LAP_END = 292;
const lap = computed(() => {
    const [, f, r, c] = at.value(low.value + LAP_THICK);
    const [foremost, back] = [sideX(c + f), sideX(c - r) + 4];
    const [top, foot] = [y(low.value + LAP_THICK), y(low.value)];
    return {
        thighs: `M${foremost} ${top}H${LAP_END}M${LAP_END} ${foot}H${foremost}`,
        seat: `M${LAP_END} ${foot + 4}H${back}V${y(low.value + 2 * LAP_THICK)}`,
    };
});

/** The half that is seen, and the half that isn't. */
function lines(places: readonly Place[]): { seen: string; hidden: string }[] {
    const round = [...places, ...places.slice(0, 1)];
    const half = round.length >> 1;
    const quarter = half >> 1;
    const turned = [...places.slice(-quarter), ...places, ...places.slice(0, quarter + 1)];
    return [
        {
            seen: through(round.slice(0, half + 1).map(([px, , z]) => [frontX(px), y(z)])),
            hidden: through(round.slice(half).map(([px, , z]) => [frontX(px), y(z)])),
        },
        {
            seen: through(turned.slice(0, half + 1).map(([, py, z]) => [sideX(py), y(z)])),
            hidden: through(turned.slice(half, 2 * half + 1).map(([, py, z]) => [sideX(py), y(z)])),
        },
    ];
}
const places = computed(() => (props.tape === null ? [] : follow(at.value, props.tape, 96)));
const laid = computed(() => (places.value.length > 0 ? lines(places.value) : []));
const truth = computed(() =>
    props.truth === null ? [] : lines(follow(at.value, { height: props.truth, front: 0, left: 0 }, 96)),
);

const NOWHERE: Place = [0, 0, 0];
/** What is taken hold of: the middle moves all of it, the left side and the front each their end. */
const holds = computed(() => {
    const quarter = places.value.length / 4;
    const [leftSide, foremost] = [places.value[0] ?? NOWHERE, places.value[quarter] ?? NOWHERE];
    return [
        { name: 'height', words: 'the whole tape', x: FRONT, y: y(foremost[2]) },
        { name: 'left', words: 'its left side', x: frontX(leftSide[0]), y: y(leftSide[2]) },
        { name: 'front', words: 'its front', x: sideX(foremost[1]), y: y(foremost[2]) },
    ] as const;
});
type Hold = 'height' | 'left' | 'front';
const STEEPEST = 60;
function move(hold: Hold, by: number): void {
    if (props.fixed || props.tape === null) return;
    const value = Math.round((props.tape[hold] + by) * 2) / 2;
    const within =
        hold === 'height'
            ? Math.min(high.value, Math.max(low.value, value))
            : Math.min(STEEPEST, Math.max(-STEEPEST, value));
    emit('lay', { ...props.tape, [hold]: within });
}

const picture = useTemplateRef<SVGSVGElement>('picture');
const dragging = ref<{ hold: Hold; from: number; was: number } | null>(null);
function begin(event: PointerEvent, hold: Hold): void {
    (event.currentTarget as SVGElement).focus();
    if (props.tape !== null) dragging.value = { hold, from: event.clientY, was: props.tape[hold] };
}
// The hand may leave the ring, and the picture, while it drags.
useEventListener('pointermove', (event: PointerEvent) => {
    const now = dragging.value;
    if (now === null || picture.value === null || props.tape === null) return;
    const pixels = picture.value.getBoundingClientRect().height / HIGH;
    move(now.hold, now.was - (event.clientY - now.from) / pixels / scale.value - props.tape[now.hold]);
});
useEventListener(['pointerup', 'pointercancel'], () => (dragging.value = null));
function press(event: KeyboardEvent, hold: Hold): void {
    const way = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (way === undefined) return;
    event.preventDefault();
    move(hold, way * (event.shiftKey ? 10 : 1));
}

const bent = ref(false);
/** Where it creases it turns. */
const crease = computed(() => `${FRONT}px ${y(props.figure.waist_mm)}px`);
</script>

<template>
    <div class="body-views">
        <svg
            ref="picture"
            :viewBox="`0 0 580 ${HIGH}`"
            role="group"
            aria-label="The body from the front and from the side"
        >
            <clipPath id="above-crease">
                <rect x="-60" y="-60" width="420" :height="60 + y(figure.waist_mm)" />
            </clipPath>
            <clipPath id="below-crease">
                <rect x="-60" :y="y(figure.waist_mm)" width="420" :height="HIGH" />
            </clipPath>
            <path class="body" :d="front" clip-path="url(#below-crease)" />
            <g class="upper" :class="{ bent }" :style="{ transformOrigin: crease }">
                <path class="body" :d="front" clip-path="url(#above-crease)" />
            </g>
            <path v-if="drawn.isSeated" class="seat" :d="lap.seat" />
            <path class="body" :d="side" />
            <path v-if="drawn.isSeated" class="body" :d="lap.thighs" />
            <text class="view" :x="FRONT" :y="HIGH - 2">from the front</text>
            <text class="view" :x="SIDE" :y="HIGH - 2">from the side</text>
            <g v-for="({ seen, hidden }, n) in truth" :key="`true ${n}`" class="true">
                <path class="hidden" :d="hidden" />
                <path :d="seen" />
            </g>
            <g v-if="typeof board === 'number'" class="board">
                <rect
                    :x="FRONT - BOARD_HALF * scale"
                    :y="heldAt.top"
                    :width="2 * BOARD_HALF * scale"
                    :height="heldAt.foot - heldAt.top"
                />
                <rect
                    :x="heldAt.x"
                    :y="heldAt.top"
                    :width="BOARD_THICK_PX"
                    :height="heldAt.foot - heldAt.top"
                />
            </g>
            <g v-if="tape?.over" class="cloth">
                <path v-for="({ seen }, n) in lines(worn(places))" :key="n" :d="seen" />
            </g>
            <g v-for="({ seen, hidden }, n) in laid" :key="n" class="tape">
                <path class="hidden" :d="hidden" />
                <path :d="seen" />
            </g>
            <g v-if="tape?.fingers" class="fingers">
                <rect
                    v-for="n in tape.fingers"
                    :key="n"
                    :x="FRONT - 9 * tape.fingers + 18 * (n - 1)"
                    :y="holds[0].y - 12"
                    width="15"
                    height="46"
                    rx="7"
                />
            </g>
            <circle
                v-for="hold in fixed || tape === null ? [] : holds"
                :key="hold.name"
                class="hold"
                :cx="hold.x"
                :cy="hold.y"
                r="9"
                tabindex="0"
                role="slider"
                :aria-label="`Move ${hold.words}`"
                :aria-valuenow="tape?.[hold.name]"
                aria-orientation="vertical"
                @pointerdown.prevent="begin($event, hold.name)"
                @keydown="press($event, hold.name)"
            />
        </svg>
        <button
            v-if="!fixed || canBend"
            type="button"
            class="link"
            :aria-pressed="bent"
            @click="bent = !bent"
        >
            {{ bent ? 'Stand straight' : 'Bend to the side' }}
        </button>
    </div>
</template>

<style scoped>
.body-views svg {
    display: block;
    width: 100%;
    max-height: 600px;
    touch-action: none;
}
.body {
    fill: var(--raise);
    stroke: var(--ink);
    stroke-width: 1.4;
}
.seat {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 5;
    stroke-linejoin: round;
}
.upper {
    transition: transform 700ms;
}
.upper.bent {
    transform: rotate(9deg);
}
.tape path,
.true path {
    fill: none;
    stroke: var(--body-mark);
    stroke-width: 5;
    stroke-linecap: round;
}
.true path {
    stroke: var(--garment);
    stroke-width: 3;
}
.tape .hidden,
.true .hidden {
    stroke-width: 2;
    stroke-dasharray: 5 5;
}
.cloth path {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 44;
    stroke-opacity: 0.5;
    stroke-dasharray: 4 1.5;
}
.board rect {
    fill: var(--bridge);
    fill-opacity: 0.7;
    stroke: var(--ink);
}
.fingers rect {
    fill: var(--raise);
    stroke: var(--ink);
    stroke-width: 1.4;
}
.hold {
    fill: var(--paper);
    stroke: var(--cut);
    stroke-width: 3;
    cursor: ns-resize;
}
.view {
    fill: var(--quiet);
    font-size: 12px;
    text-anchor: middle;
}
@media (prefers-reduced-motion: reduce) {
    .upper {
        transition: none;
    }
}
</style>
