<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { KnownLevel } from '../api/types';
import Measure from '../ui/Measure.vue';
import WaitingTape from './WaitingTape.vue';
import { tapeScales } from './scale';

/** The tapes of levels where nothing can be planned yet. */
const props = defineProps<{ levels: readonly KnownLevel[] }>();

const tapes = ref<HTMLElement | null>(null);
const { width } = useElementSize(tapes);
const across = computed(
    () =>
        tapeScales(
            props.levels.map((level) => ({ ...level, as_cut_nm: null })),
            width.value,
        ).across,
);
</script>

<template>
    <section class="waiting" aria-label="What is known so far">
        <div v-for="(level, i) in levels" :key="level.level" class="row">
            <div class="name">
                <b>{{ level.level }}</b>
                <Measure v-if="level.measure_nm !== null" :nm="level.measure_nm" />
                <span v-else class="gap">not measured yet</span>
            </div>
            <div :ref="(element) => i === 0 && (tapes = element as HTMLElement | null)" class="tape">
                <WaitingTape :level="level" :across="across[i]!" :width="width" />
            </div>
        </div>
    </section>
</template>

<style scoped>
.waiting {
    display: grid;
    gap: 4px;
    padding: 10px 20px 24px;
}
.row {
    display: grid;
    grid-template-columns: 150px minmax(0, 1fr);
    gap: 16px;
    align-items: center;
}
.name {
    display: grid;
}
.name b {
    font-size: 20px;
    text-transform: capitalize;
}
.gap {
    padding: 1px 6px;
    border: 1.5px dashed var(--body-mark);
    justify-self: start;
    font-size: 14px;
}
@media (max-width: 700px) {
    .row {
        grid-template-columns: minmax(0, 1fr);
        gap: 2px;
    }
}
</style>
