<script setup lang="ts">
import Button from 'primevue/button';
import type { ChartPreview, Unit } from '../api/types';
import { charts, unitWords, type ChartName } from './preview';

/** What a pasted chart leaves open: one question at a time, the one that decides most first. */
defineProps<{ preview: ChartPreview; openTable: number | null }>();
const emit = defineEmits<{
    unit: [Unit];
    table: [table: number, chart: ChartName | null];
}>();
</script>

<template>
    <div v-if="preview.unit_open" class="question">
        <p>Nothing says it, and the figures could be either. <b>What are they in?</b></p>
        <Button
            v-for="(word, one) in unitWords"
            :key="one"
            type="button"
            :label="word"
            outlined
            size="small"
            @click="emit('unit', one)"
        />
    </div>
    <div v-else-if="openTable !== null" class="question">
        <p>
            Two tables have the same rows, and no heading says which is which.
            <b>What is the second?</b>
        </p>
        <Button
            v-for="chart in charts.slice(1)"
            :key="chart.label"
            type="button"
            :label="chart.value === null ? 'something else: leave it out' : `the ${chart.label}`"
            outlined
            size="small"
            @click="emit('table', openTable, chart.value)"
        />
    </div>
</template>

<style scoped>
.question {
    display: flex;
    gap: 12px;
    align-items: center;
    padding: 8px 12px;
    border: 2px solid var(--garment);
}
</style>
