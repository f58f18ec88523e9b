<script setup lang="ts">
import type { Card, Point } from '../api/types';
import Measure from '../ui/Measure.vue';
import type { Pending } from './usePending';

const props = defineProps<{
    card: Card;
    points: Point[];
    /** Those that are asked for first, and why. */
    marked: { points: string[]; words: string };
    current: string;
    pending: readonly Pending[];
}>();
const emit = defineEmits<{ go: [point: string] }>();

const nm = (point: string): number | null =>
    props.card.measures.find((measure) => measure.point === point)?.length_nm ?? null;
/** What was typed and is not on the card: refused, or on its way. */
const typed = (point: string): Pending | undefined => props.pending.find((one) => one.point === point);
const asks = (point: string): boolean =>
    props.card.findings.some((finding) => finding.point === point && !finding.answered);
</script>

<template>
    <ol class="point-list">
        <li v-for="point in points" :key="point.code">
            <button
                type="button"
                :aria-current="point.code === current ? 'step' : undefined"
                @click="emit('go', point.code)"
            >
                <span>{{ point.name }}</span>
                <small v-if="marked.points.includes(point.code)" class="needed">{{ marked.words }}</small>
                <span v-if="asks(point.code)" class="asks" title="asks something">?</span>
                <span v-if="typed(point.code)?.outcome" class="asks" title="not kept">!</span>
                <span v-if="typed(point.code)?.outcome === null" class="todo">…</span>
                <Measure v-else-if="nm(point.code) !== null" :nm="nm(point.code)" />
                <span v-else class="todo">–</span>
            </button>
        </li>
    </ol>
</template>

<style scoped>
.point-list {
    border-top: 1.5px solid var(--ink);
    background: var(--paper);
}
.point-list button {
    display: flex;
    gap: 10px;
    align-items: center;
    width: 100%;
    min-height: 44px;
    padding: 7px 8px;
    border: 0;
    border-bottom: 1px solid var(--rule);
    background: none;
    color: inherit;
    font: inherit;
    text-align: left;
    cursor: pointer;
}
.point-list button span:first-child {
    flex: 1;
}
.point-list [aria-current] {
    background: var(--ink);
    color: var(--paper);
    font-weight: 650;
}
.point-list [aria-current] small,
.point-list [aria-current] .todo {
    color: inherit;
}
.point-list .asks {
    font-weight: 750;
    color: var(--body);
}
.point-list [aria-current] .asks {
    color: inherit;
}
.point-list .todo {
    color: var(--quiet);
}
.helper .point-list {
    display: none;
}
.point-list [aria-current] :deep(.unit) {
    color: inherit;
}
@media print {
    .point-list {
        columns: 2;
        column-gap: 40px;
    }
    .point-list [aria-current] {
        background: none;
        color: inherit;
        font-weight: inherit;
    }
    .point-list .needed,
    .point-list .asks {
        display: none;
    }
}
</style>
