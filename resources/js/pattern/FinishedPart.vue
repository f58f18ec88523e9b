<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { PatternDocument } from '../api/types';
import { cupLetters, partName } from '../sheet/rows';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';
import { changedAt, namesIn, withoutAt } from './lists';

defineProps<{ faults: Map<string, string> }>();
const document = defineModel<PatternDocument>({ required: true });

type Part = NonNullable<PatternDocument['finished_by']>[number];

const parts = computed(() => document.value.finished_by ?? []);
const cups = cupLetters.map((cup) => ({ value: cup, label: cup }));
const options = (names: readonly string[] | undefined): { value: string; label: string }[] =>
    (names ?? []).map((name) => ({ value: name, label: name }));

function setParts(next: Part[]): void {
    document.value = { ...document.value, finished_by: next };
}
</script>

<template>
    <div class="part">
        <p class="hint">
            View, fit and cup look alike (view C, the curvy fit, cup C) and are three different things. Where
            the envelope gives finished figures for some of them only, say for which: they get rows of their
            own in the charts, and win over the rows for all.
        </p>
        <div class="inline">
            <TextField
                class="wider"
                label="Views"
                hint="such as A, B, C"
                :model-value="(document.views ?? []).join(', ')"
                @change="
                    document = { ...document, views: namesIn(($event.target as HTMLInputElement).value) }
                "
            />
            <TextField
                class="wider"
                label="Fits"
                hint="such as slim, average, curvy"
                :model-value="(document.fits ?? []).join(', ')"
                @change="document = { ...document, fits: namesIn(($event.target as HTMLInputElement).value) }"
            />
        </div>
        <div v-for="(part, p) in parts" :key="p" class="inline">
            <ChoiceField
                v-if="document.views?.length"
                class="narrow"
                label="View"
                placeholder="every view"
                :options="options(document.views)"
                :model-value="part.view ?? null"
                :fault="faults.get(`pattern.finished_by[${p}].view`)"
                @update:model-value="setParts(changedAt(parts, p, { view: $event }))"
            />
            <ChoiceField
                v-if="document.fits?.length"
                class="narrow"
                label="Fit"
                placeholder="every fit"
                :options="options(document.fits)"
                :model-value="part.fit ?? null"
                :fault="faults.get(`pattern.finished_by[${p}].fit`)"
                @update:model-value="setParts(changedAt(parts, p, { fit: $event }))"
            />
            <ChoiceField
                class="narrow"
                label="Cup"
                placeholder="every cup"
                :options="cups"
                :model-value="part.cup ?? null"
                @update:model-value="setParts(changedAt(parts, p, { cup: $event }))"
            />
            <Button
                type="button"
                text
                size="small"
                :label="`Take out the rows ${partName(part)}`"
                @click="setParts(withoutAt(parts, p))"
            />
        </div>
        <Button
            type="button"
            label="Add finished rows for one view, fit or cup"
            outlined
            size="small"
            @click="setParts([...parts, { finished: {} }])"
        />
    </div>
</template>
