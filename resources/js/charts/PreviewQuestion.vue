<script setup lang="ts">
import Button from 'primevue/button';
import type { ChartMeaning, ChartPreview, Unit } from '../api/types';
import { charts, unitWords, type ChartName } from './preview';

/** What a pasted chart leaves open: one question at a time, the one that decides most first. */
defineProps<{ preview: ChartPreview; meaning: ChartMeaning | null; openTable: number | null }>();
const emit = defineEmits<{
    unit: [Unit];
    meaning: [ChartMeaning];
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
    <div v-else-if="preview.has_ranges" class="question">
        <p>
            Some cells give a range, such as 86–90.
            <b>Which figure is the size meant for?</b>
        </p>
        <Button
            type="button"
            label="its upper end"
            :outlined="meaning !== 'upper_limit'"
            size="small"
            @click="emit('meaning', 'upper_limit')"
        />
        <Button
            type="button"
            label="its middle"
            :outlined="meaning !== 'middle'"
            size="small"
            @click="emit('meaning', 'middle')"
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
