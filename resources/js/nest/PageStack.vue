<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { NestPages } from '../api/types';
import { nearestOf, pathOf, placesOf, type Place } from './geometry';

/** Pages that lie on one another. One that lies wrong is picked, then two corners clicked: one of its own, and where that belongs. */
const props = defineProps<{
    pages: NestPages;
    moved: NonNullable<NestPages['moved']>;
    isBusy: boolean;
}>();
const emit = defineEmits<{ move: [moved: number[][]]; leave: [page: number] }>();

const used = computed(() => props.pages.cells.filter((page) => page !== null));
const linesOf = (page: number): number[][] => props.pages.pages[page]?.lines ?? [];
const byOf = (page: number): Place => {
    const [x = 0, y = 0] = props.moved[page] ?? [];
    return [x, y];
};
const box = computed(() => {
    const [left = 0, top = 0, right = 0, bottom = 0] = props.pages.window;
    return `${left} ${top} ${right - left} ${bottom - top}`;
});
/** The one that is being laid; the others lie. */
const picked = ref<number | null>(null);
const corner = ref<Place | null>(null);
function pick(page: number): void {
    picked.value = picked.value === page ? null : page;
    corner.value = null;
}
const onAll = (page: number): Place[] => {
    const [x, y] = byOf(page);
    return placesOf(props.pages.pages[page]?.corners ?? []).map(([atX, atY]): Place => [atX + x, atY + y]);
};

const svg = ref<SVGSVGElement | null>(null);
function click(event: MouseEvent): void {
    const page = picked.value;
    if (page === null || props.isBusy) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(
        svg.value?.getScreenCTM()?.inverse(),
    );
    if (corner.value === null) {
        corner.value = nearestOf(onAll(page), [x, y]);
        return;
    }
    const others = used.value.filter((one) => one !== page).flatMap(onAll);
    const to = nearestOf(others, [x, y]);
    if (to === null) return;
    move(page, to[0] - corner.value[0], to[1] - corner.value[1]);
    corner.value = null;
    picked.value = null;
}
function move(page: number, byX: number, byY: number): void {
    const now = props.pages.pages.map((_, one) => {
        const [x, y] = byOf(one);
        return one === page ? [x + byX, y + byY] : [x, y];
    });
    emit('move', now);
}
const ARROWS: Record<string, Place> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
};
function key(event: KeyboardEvent): void {
    const by = ARROWS[event.key];
    if (by === undefined || picked.value === null || props.isBusy) return;
    event.preventDefault();
    move(picked.value, ...by);
}
const asks = computed(() => {
    if (picked.value === null) return 'A page that lies wrong: pick it here.';
    const page = picked.value + 1;
    return corner.value === null
        ? `Click a corner of page ${page}, drawn thick.`
        : 'Now click the corner of another page where it belongs.';
});
</script>

<template>
    <div class="stack">
        <p role="status">{{ asks }}</p>
        <div class="inline" role="group" aria-label="Pages">
            <span v-for="page in used" :key="page" class="one">
                <button type="button" :aria-pressed="picked === page" @click="pick(page)">
                    Page {{ page + 1 }}
                </button>
            </span>
            <Button
                v-if="picked !== null"
                type="button"
                size="small"
                outlined
                :label="`Leave out page ${picked + 1}`"
                :disabled="isBusy"
                @click="(emit('leave', picked), (picked = null))"
            />
        </div>
        <!-- eslint-disable-next-line vuejs-accessibility/no-static-element-interactions -->
        <svg
            ref="svg"
            :viewBox="box"
            role="application"
            tabindex="0"
            aria-label="The pages on one another: arrows move the chosen page by a millimetre"
            @click="click"
            @keydown="key"
        >
            <path
                v-for="page in used"
                :key="page"
                :d="pathOf(linesOf(page))"
                :transform="`translate(${byOf(page).join(' ')})`"
                :class="{ picked: page === picked }"
            />
            <circle v-if="corner" :cx="corner[0]" :cy="corner[1]" r="6" />
        </svg>
    </div>
</template>

<style scoped>
.stack {
    display: grid;
    gap: 8px;
}
.stack p {
    margin: 0;
}
svg {
    width: 100%;
    max-height: 68vh;
    border: 1.5px solid var(--ink);
    background: var(--paper);
}
path {
    fill: none;
    stroke: var(--ink);
    vector-effect: non-scaling-stroke;
}
path.picked {
    stroke: var(--cut);
    stroke-width: 3;
}
circle {
    fill: none;
    stroke: var(--cut);
    stroke-width: 2;
    vector-effect: non-scaling-stroke;
}
.one button {
    min-height: 32px;
    padding: 2px 10px;
    border: 1.5px solid var(--rule);
    border-radius: 3px;
    background: var(--paper);
    color: inherit;
    font: inherit;
}
.one button[aria-pressed='true'] {
    border-color: var(--cut);
}
</style>
