<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import { useKnownKeys } from '../ui/shortcuts';
import { turnedBox, turnedBy, type Place } from './geometry';

useKnownKeys([
    { shown: '← → ↑ ↓', does: 'on a drawing: move it, or the crosshair; Shift for more' },
    { shown: 'Enter', does: 'on a drawing: mark the place of the crosshair' },
    { shown: '+ − 0', does: 'on a drawing: larger, smaller, all of it' },
]);

/** A drawing to be moved and enlarged; where it may be marked a click, or the crosshair and Enter, picks a place. */
const props = withDefaults(
    defineProps<{
        width: number;
        height: number;
        label: string;
        picks?: boolean;
        /** How far the drawing is turned, in degrees. */
        turn?: number;
    }>(),
    { turn: 0 },
);
/** A place on the drawing, and the same as it lies turned. */
const emit = defineEmits<{ pick: [Place, Place] }>();

const pick = (place: Place): void => emit('pick', turnedBy(place, -props.turn), place);

const ROOM = 0.04;
const CLICK_PX = 4;
const svg = ref<SVGSVGElement | null>(null);
const view = ref({ x: 0, y: 0, width: 100, height: 100 });
const cross = ref<Place | null>(null);
let grip: { x: number; y: number; from: { x: number; y: number }; moved: boolean } | null = null;

function fit(): void {
    const { x, y, width, height } = turnedBox(props.width, props.height, props.turn);
    const [side, edge] = [width * ROOM, height * ROOM];
    view.value = { x: x - side, y: y - edge, width: width + 2 * side, height: height + 2 * edge };
}
watch(() => [props.width, props.height, props.turn], fit, { immediate: true });

const box = computed(() => `${view.value.x} ${view.value.y} ${view.value.width} ${view.value.height}`);
/** A dot of the screen in millimetres, so that marks keep their size. */
const dot = computed(() => Math.max(view.value.width, view.value.height) / 700);

function placeAt(event: { clientX: number; clientY: number }): Place {
    const matrix = svg.value?.getScreenCTM()?.inverse();
    if (!matrix) return [0, 0];
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return [x, y];
}

function zoom(by: number, [x, y]: Place): void {
    const now = view.value;
    view.value = {
        x: x - (x - now.x) * by,
        y: y - (y - now.y) * by,
        width: now.width * by,
        height: now.height * by,
    };
}

const middle = (): Place => [view.value.x + view.value.width / 2, view.value.y + view.value.height / 2];

function down(event: PointerEvent): void {
    svg.value?.setPointerCapture(event.pointerId);
    grip = { x: event.clientX, y: event.clientY, from: { x: view.value.x, y: view.value.y }, moved: false };
}

function move(event: PointerEvent): void {
    if (grip === null) return;
    const scale = svg.value?.getScreenCTM()?.a ?? 1;
    const [dx, dy] = [event.clientX - grip.x, event.clientY - grip.y];
    if (Math.hypot(dx, dy) > CLICK_PX) grip.moved = true;
    if (grip.moved) view.value = { ...view.value, x: grip.from.x - dx / scale, y: grip.from.y - dy / scale };
}

function up(event: PointerEvent): void {
    if (grip !== null && !grip.moved && props.picks) pick(placeAt(event));
    grip = null;
}

function key(event: KeyboardEvent): void {
    const step = (event.shiftKey ? 20 : 2) * dot.value;
    const by: Record<string, Place> = {
        ArrowLeft: [-step, 0],
        ArrowRight: [step, 0],
        ArrowUp: [0, -step],
        ArrowDown: [0, step],
    };
    const to = by[event.key];
    if (to && props.picks) {
        const [x, y] = cross.value ?? middle();
        cross.value = [x + to[0], y + to[1]];
    } else if (to) view.value = { ...view.value, x: view.value.x + to[0] * 5, y: view.value.y + to[1] * 5 };
    else if (event.key === 'Enter' && cross.value && props.picks) pick(cross.value);
    else if (event.key === '+') zoom(1 / 1.4, cross.value ?? middle());
    else if (event.key === '-') zoom(1.4, cross.value ?? middle());
    else if (event.key === '0') fit();
    else return;
    event.preventDefault();
}
</script>

<template>
    <div class="nest-canvas">
        <!-- It takes the pointer and the keys as one field does; there is no native element for that. -->
        <!-- eslint-disable-next-line vuejs-accessibility/no-static-element-interactions -->
        <svg
            ref="svg"
            :viewBox="box"
            :aria-label="label"
            :class="{ picks }"
            role="application"
            tabindex="0"
            @pointerdown="down"
            @pointermove="move"
            @pointerup="up"
            @pointercancel="grip = null"
            @wheel.prevent="zoom($event.deltaY > 0 ? 1.15 : 1 / 1.15, placeAt($event))"
            @keydown="key"
        >
            <g :transform="`rotate(${turn})`"><slot :dot="dot" /></g>
            <slot name="upright" :dot="dot" :view="view" />
            <g v-if="cross && picks" class="cross" :stroke-width="dot">
                <path
                    :d="`M${cross[0] - 14 * dot} ${cross[1]}h${28 * dot}M${cross[0]} ${cross[1] - 14 * dot}v${28 * dot}`"
                />
            </g>
        </svg>
        <div class="zoom">
            <Button
                type="button"
                size="small"
                outlined
                label="+"
                aria-label="larger"
                @click="zoom(1 / 1.4, middle())"
            />
            <Button
                type="button"
                size="small"
                outlined
                label="−"
                aria-label="smaller"
                @click="zoom(1.4, middle())"
            />
            <Button type="button" size="small" outlined label="all" aria-label="all of it" @click="fit" />
        </div>
    </div>
</template>

<style scoped>
.nest-canvas {
    position: relative;
    min-width: 0;
}
svg {
    display: block;
    width: 100%;
    height: min(72vh, 860px);
    background: var(--paper);
    border: 1.5px solid var(--ink);
    touch-action: none;
    cursor: grab;
}
svg.picks {
    cursor: crosshair;
}
.cross {
    stroke: var(--cut);
    fill: none;
}
.zoom {
    position: absolute;
    top: 10px;
    right: 10px;
    display: flex;
    gap: 6px;
    background: var(--paper);
}
@media print {
    .zoom {
        display: none;
    }
    /* On the first page, below what is told, whichever way that lies. */
    svg {
        height: 112mm;
    }
}
</style>
