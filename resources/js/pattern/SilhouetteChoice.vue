<script setup lang="ts">
import { computed } from 'vue';
import type { PatternDocument, PatternGuide } from '../api/types';
import GarmentMini from './GarmentMini.vue';
import { levelsOf } from './levels';

/** How the garment hangs, asked where it is named: what lies close and what hangs free follows from it. */
const props = defineProps<{ guide: PatternGuide }>();
const document = defineModel<PatternDocument>({ required: true });

type Silhouette = PatternGuide['silhouettes'][number];
const levels = computed(() => levelsOf(document.value, props.guide).map(({ name }) => name));
/** What begins at the waist is cut in no box. */
const offered = computed(() =>
    props.guide.silhouettes.filter(({ value }) => value !== 'boxy' || levels.value.includes('bust')),
);
const isSaid = ({ levels: weights, cut_as: cut }: Silhouette): boolean =>
    (document.value.cut_as ?? 'blended') === cut &&
    levels.value.every((name) => document.value.levels[name] === weights[name]);
const say = ({ levels: weights, cut_as: cut }: Silhouette): void =>
    void (document.value = {
        ...document.value,
        levels: Object.fromEntries(levels.value.map((name) => [name, weights[name]])),
        cut_as: cut,
    });
</script>

<template>
    <div v-if="document.garment" class="silhouettes" role="group" aria-label="It is">
        <button
            v-for="one in offered"
            :key="one.value"
            type="button"
            :aria-pressed="isSaid(one)"
            @click="say(one)"
        >
            <GarmentMini :garment="document.garment" :silhouette="one.value" />
            {{ one.label }}
        </button>
    </div>
</template>

<style scoped>
.silhouettes {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
button {
    display: flex;
    gap: 8px;
    align-items: center;
    padding: 4px 12px 4px 8px;
    min-height: 44px;
    border: 1px solid var(--rule);
    border-radius: 2px;
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    font-size: 14px;
    cursor: pointer;
}
button[aria-pressed='true'] {
    border: 2px solid var(--ink);
    padding: 3px 11px 3px 7px;
    font-weight: 650;
}
</style>
