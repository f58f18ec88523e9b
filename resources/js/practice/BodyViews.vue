<script setup lang="ts">
import { useEventListener, useMediaQuery } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import type { PracticeFigure } from '../api/types';
import BodyOnStand from './BodyOnStand.vue';
import { BOARD_HALF, follow, type Lying, type Place } from './follow';
import GirthCurve from './GirthCurve.vue';
import { FRONT, GIRTHS_WIDE, HIGH, through, viewOf, WIDE } from './view';

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

const view = computed(() => viewOf(props.figure));
/** On a phone the body has the room of its girths until they are shown. */
const isNarrow = useMediaQuery('(max-width: 560px)');
const wide = computed(() => (isNarrow.value && props.truth === null ? WIDE - GIRTHS_WIDE : WIDE));
const at = computed(() => view.value.at);
const y = (z: number): number => view.value.y(z);
const frontX = (x: number): number => view.value.frontX(x);
const sideX = (forward: number): number => view.value.sideX(forward);

/** What lies over the body stands out a little. */
const worn = (places: readonly Place[]): Place[] => places.map(([px, py, z]) => [px * 1.07, py * 1.07, z]);

/** From the waist to the lowest ring; from the side it lies before the front. */
const BOARD_THICK_PX = 5;
const heldAt = computed(() => ({
    x: sideX(props.board ?? 0) - BOARD_THICK_PX,
    top: y(props.figure.waist_mm),
    foot: y(view.value.low),
}));

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
            ? Math.min(view.value.high, Math.max(view.value.low, value))
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
    move(now.hold, now.was - (event.clientY - now.from) / pixels / view.value.scale - props.tape[now.hold]);
});
useEventListener(['pointerup', 'pointercancel'], () => (dragging.value = null));
function press(event: KeyboardEvent, hold: Hold): void {
    const way = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (way === undefined) return;
    event.preventDefault();
    move(hold, way * (event.shiftKey ? 10 : 1));
}

const wantsBent = ref(false);
/** The answer stands on the upright body. */
const bent = computed(() => wantsBent.value && props.truth === null);
</script>

<template>
    <div class="body-views">
        <svg
            ref="picture"
            :viewBox="`0 0 ${wide} ${HIGH}`"
            role="group"
            aria-label="The body from the front and from the side"
        >
            <BodyOnStand :figure="figure" :view="view" :bent="bent" :named="props.truth !== null" />
            <GirthCurve
                v-if="props.truth !== null"
                :view="view"
                :tape="tape?.height ?? null"
                :truth="props.truth"
            />
            <g v-for="({ seen, hidden }, n) in truth" :key="`true ${n}`" class="true">
                <path class="hidden" :d="hidden" />
                <path :d="seen" />
            </g>
            <g v-if="typeof board === 'number'" class="board">
                <rect
                    :x="FRONT - BOARD_HALF * view.scale"
                    :y="heldAt.top"
                    :width="2 * BOARD_HALF * view.scale"
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
            v-if="(!fixed || canBend) && props.truth === null"
            type="button"
            class="link"
            :aria-pressed="bent"
            @click="wantsBent = !wantsBent"
        >
            {{ bent ? 'Stand straight' : 'Bend to the side' }}
        </button>
    </div>
</template>

<style scoped>
.body-views svg {
    display: block;
    width: 100%;
    max-height: 640px;
    touch-action: none;
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
@media (max-width: 560px) {
    .hold {
        r: 20px;
    }
}
</style>
