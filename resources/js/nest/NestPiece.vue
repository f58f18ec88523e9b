<script setup lang="ts">
import NestCanvas from './NestCanvas.vue';
import { pathOf, type Place } from './geometry';

/** One piece with its printed lines, and what else is drawn on them. */
export interface PrintedLine {
    key: string | number;
    runs: number[][];
    /** Nobody's yet, a size's, or the one that is worked on. */
    kind: 'nobodys' | 'named' | 'at';
}

defineProps<{
    width: number;
    height: number;
    label: string;
    lines: readonly PrintedLine[];
    picks?: boolean;
    turn?: number;
}>();
const emit = defineEmits<{ pick: [Place, Place] }>();
defineSlots<{
    default?: (scope: { dot: number }) => unknown;
    upright?: (scope: {
        dot: number;
        view: { x: number; y: number; width: number; height: number };
    }) => unknown;
}>();
</script>

<template>
    <NestCanvas
        :width="width"
        :height="height"
        :label="label"
        :picks="picks ?? false"
        :turn="turn ?? 0"
        @pick="(place, turned) => emit('pick', place, turned)"
    >
        <template #default="{ dot }">
            <path
                v-for="line in lines"
                :key="line.key"
                :d="pathOf(line.runs)"
                class="line"
                :class="line.kind"
                :stroke-width="(line.kind === 'at' ? 2.6 : 1.2) * dot"
            />
            <slot :dot="dot" />
        </template>
        <template #upright="{ dot, view }">
            <slot name="upright" :dot="dot" :view="view" />
        </template>
    </NestCanvas>
</template>

<style scoped>
.line {
    fill: none;
    stroke: var(--body);
}
.line.named {
    stroke: var(--quiet);
}
.line.at {
    stroke: var(--ink);
}
</style>
