<script setup lang="ts">
import Button from 'primevue/button';
import { useEventListener } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { NestPages } from '../api/types';
import TextField from '../ui/TextField.vue';
import { pathOf } from './geometry';
import { cellAt, exchanged, inColumns, leftOut, withPage, without, type PageLayout } from './layout';
import PageStack from './PageStack.vue';

/** The pages of a piece: laid side by side as its lines go on, or on one another where each shows the whole. A page that lies wrong is dragged, one that is no part of it left out. */
const props = defineProps<{ pages: NestPages; isBusy: boolean }>();
const emit = defineEmits<{ lay: [layout: PageLayout | null]; together: [layout: PageLayout]; cancel: [] }>();

const ROOM_MM = 8;
const layout = computed(() => ({
    columns: props.pages.columns,
    cells: props.pages.cells,
    across_mm: props.pages.across_mm,
    down_mm: props.pages.down_mm,
    ...(props.pages.moved ? { moved: props.pages.moved } : {}),
}));
const out = computed(() => leftOut(props.pages));
/** The page that was touched last. */
const picked = ref<number | null>(null);
const isPicked = computed(() => picked.value !== null && !out.value.includes(picked.value));
const shown = computed(() => {
    const [left = 0, top = 0, right = 0, bottom = 0] = props.pages.window;
    return { left, top, width: right - left, height: bottom - top };
});
const rows = computed(() => Math.ceil(props.pages.cells.length / props.pages.columns));
const box = computed(() => {
    const width = (props.pages.columns - 1) * props.pages.across_mm + shown.value.width;
    const height = (rows.value - 1) * props.pages.down_mm + shown.value.height;
    return `${-ROOM_MM} ${-ROOM_MM} ${width + 2 * ROOM_MM} ${height + 2 * ROOM_MM}`;
});
const laid = computed(() =>
    props.pages.cells.flatMap((page, cell) => {
        if (page === null) return [];
        const x = (cell % props.pages.columns) * props.pages.across_mm;
        const y = Math.floor(cell / props.pages.columns) * props.pages.down_mm;
        return [{ page, cell, x, y, lines: props.pages.pages[page]?.lines ?? [] }];
    }),
);

const svg = ref<SVGSVGElement | null>(null);
const grip = ref<{ cell: number; from: DOMPoint; x: number; y: number } | null>(null);
function placeAt(event: PointerEvent): DOMPoint {
    const matrix = svg.value?.getScreenCTM()?.inverse();
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
}
function take(event: PointerEvent, cell: number): void {
    (event.currentTarget as SVGElement).focus();
    grip.value = { cell, from: placeAt(event), x: 0, y: 0 };
    picked.value = props.pages.cells[cell] ?? null;
}
function drag(event: PointerEvent): void {
    if (grip.value === null) return;
    const at = placeAt(event);
    grip.value = { ...grip.value, x: at.x - grip.value.from.x, y: at.y - grip.value.from.y };
}
function drop(event: PointerEvent): void {
    const now = grip.value;
    grip.value = null;
    if (now === null) return;
    const at = placeAt(event);
    const cell = cellAt(layout.value, at.x, at.y);
    if (cell !== null && cell !== now.cell) lay(exchanged(layout.value, now.cell, cell));
}
// The hand may run ahead of the page it drags.
useEventListener('pointermove', drag);
useEventListener('pointerup', drop);
function key(event: KeyboardEvent, cell: number): void {
    const { columns } = props.pages;
    picked.value = props.pages.cells[cell] ?? null;
    if (['Delete', 'Backspace'].includes(event.key) && picked.value !== null) {
        event.preventDefault();
        return leave(picked.value);
    }
    const by: Record<string, number> = {
        ArrowLeft: -1,
        ArrowRight: 1,
        ArrowUp: -columns,
        ArrowDown: columns,
    };
    const to = cell + (by[event.key] ?? 0);
    const staysInRow =
        Math.abs(by[event.key] ?? 0) !== 1 || Math.floor(to / columns) === Math.floor(cell / columns);
    if (to === cell || to < 0 || !staysInRow) return;
    event.preventDefault();
    lay(exchanged(layout.value, cell, to));
}
/** How far apart the pages lie is asked anew: the lines say it. */
const lay = ({ columns, cells, moved }: PageLayout): void =>
    emit('lay', { columns, cells, ...(moved ? { moved } : {}) });
const leave = (page: number): void => lay(without(layout.value, page));
/** As they lie in the file; by their frames where the server finds some. */
const stack = (): void =>
    emit('lay', { columns: 1, cells: props.pages.cells.filter((page) => page !== null), moved: [] });

const across = ref('');
const down = ref('');
const mm = (typed: string, now: number): number => {
    const cm = Number(typed.replace(',', '.'));
    return cm > 0 ? cm * 10 : now;
};
const apart = (): void =>
    emit('lay', {
        columns: props.pages.columns,
        cells: props.pages.cells,
        across_mm: mm(across.value, props.pages.across_mm),
        down_mm: mm(down.value, props.pages.down_mm),
    });
const inCm = (figure: number): string => (figure / 10).toFixed(1);
</script>

<template>
    <section class="tiles" aria-label="The pages, put together" :aria-busy="isBusy">
        <PageStack
            v-if="pages.moved"
            :pages="pages"
            :moved="pages.moved"
            :is-busy="isBusy"
            @leave="leave"
            @move="(moved) => lay({ ...layout, moved })"
        />
        <svg v-else ref="svg" :viewBox="box" role="group" aria-label="The pages side by side">
            <g
                v-for="{ page, cell, x, y, lines } in laid"
                :key="page"
                class="page"
                role="button"
                tabindex="0"
                :aria-label="`Page ${page + 1}: arrows move it, Delete leaves it out`"
                :transform="`translate(${x + (grip?.cell === cell ? grip.x : 0)} ${y + (grip?.cell === cell ? grip.y : 0)})`"
                :class="{ held: grip?.cell === cell }"
                @pointerdown.prevent="take($event, cell)"
                @keydown="key($event, cell)"
            >
                <rect :width="shown.width" :height="shown.height" />
                <path :d="pathOf(lines)" :transform="`translate(${-shown.left} ${-shown.top})`" />
                <text :x="8" :y="26">{{ page + 1 }}</text>
            </g>
        </svg>
        <div>
            <p class="ask" role="status">
                {{ pages.pages.length }} pages.
                <template v-if="pages.moved"
                    >No line goes on from page to page: each shows the whole piece, and they lie on one
                    another.</template
                >
                <template v-else-if="pages.ends === 0">No line goes on from page to page.</template>
                <template v-else>
                    {{ pages.met }} of {{ pages.ends }} lines go on from page to page.
                    {{
                        pages.met === pages.ends
                            ? 'Every join meets.'
                            : 'Where one doesn’t, drag its page to its place.'
                    }}
                </template>
            </p>
            <ul v-if="out.length > 0" class="out" aria-label="Left out, as no part of the piece">
                <li v-for="page in out" :key="page">
                    Page {{ page + 1 }} is no part of the piece.
                    <button
                        type="button"
                        class="link"
                        :disabled="isBusy"
                        @click="lay(withPage(layout, page))"
                    >
                        Put it back<span class="sr-only">, page {{ page + 1 }}</span>
                    </button>
                </li>
            </ul>
            <div v-if="!pages.moved" class="inline acts" role="group" aria-label="Pages in a row">
                <span>{{ pages.columns }} in a row</span>
                <Button
                    type="button"
                    size="small"
                    outlined
                    label="Fewer"
                    :disabled="pages.columns < 2 || isBusy"
                    @click="lay(inColumns(layout, pages.columns - 1))"
                />
                <Button
                    type="button"
                    size="small"
                    outlined
                    label="More"
                    :disabled="pages.columns >= pages.pages.length || isBusy"
                    @click="lay(inColumns(layout, pages.columns + 1))"
                />
                <Button
                    type="button"
                    size="small"
                    outlined
                    :label="isPicked && picked !== null ? `Leave out page ${picked + 1}` : 'Leave out a page'"
                    :disabled="!isPicked || isBusy"
                    @click="picked !== null && leave(picked)"
                />
            </div>
            <div class="inline acts">
                <button
                    v-if="pages.moved"
                    type="button"
                    class="link"
                    :disabled="isBusy"
                    @click="lay(inColumns(layout, 1))"
                >
                    Lay them side by side
                </button>
                <button v-else type="button" class="link" :disabled="isBusy" @click="stack">
                    Lay them on one another
                </button>
            </div>
            <details v-if="!pages.moved">
                <summary>
                    From page to page {{ inCm(pages.across_mm) }} cm across, {{ inCm(pages.down_mm) }} cm down
                </summary>
                <form class="inline" @submit.prevent="apart">
                    <TextField v-model="across" class="narrow" label="Across, cm" />
                    <TextField v-model="down" class="narrow" label="Down, cm" />
                    <Button type="submit" size="small" outlined label="Lay them so" />
                </form>
            </details>
            <div class="inline acts">
                <Button
                    type="button"
                    label="Put them together"
                    :disabled="isBusy"
                    @click="emit('together', layout)"
                />
                <Button type="button" text label="Leave it" @click="emit('cancel')" />
            </div>
            <slot />
        </div>
    </section>
</template>

<style scoped>
.tiles {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 330px;
    gap: 20px;
    align-items: start;
}
@media (max-width: 900px) {
    .tiles {
        grid-template-columns: minmax(0, 1fr);
    }
}
svg {
    width: 100%;
    max-height: 72vh;
    border: 1.5px solid var(--ink);
    background: var(--paper);
    touch-action: none;
}
.page {
    cursor: grab;
}
.page.held {
    opacity: 0.7;
    cursor: grabbing;
}
.page rect {
    fill: var(--paper);
    fill-opacity: 0.4;
    stroke: var(--rule);
    vector-effect: non-scaling-stroke;
}
.page:focus-visible rect {
    stroke: var(--cut);
    stroke-width: 3;
}
.page path {
    fill: none;
    stroke: var(--ink);
    vector-effect: non-scaling-stroke;
}
.tiles > div {
    display: grid;
    gap: 10px;
}
.tiles .ask,
.out {
    margin: 0;
}
.out {
    padding: 0;
    list-style: none;
}
.out .link {
    min-height: 24px;
}
.page text {
    fill: var(--quiet);
    font-size: 22px;
}
</style>
