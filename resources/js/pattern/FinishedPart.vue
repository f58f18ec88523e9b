<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { PastedPart, PatternDocument, Unit } from '../api/types';
import PastePart from '../charts/PastePart.vue';
import { cupLetters, partName } from '../charts/rows';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';
import { changedAt, namesIn, withoutAt } from './lists';

defineProps<{ faults: Map<string, string>; unit: Unit }>();
const document = defineModel<PatternDocument>({ required: true });

type Part = NonNullable<PatternDocument['finished_by']>[number];

const parts = computed(() => document.value.finished_by ?? []);
const cups = cupLetters.map((cup) => ({ value: cup, label: cup }));
const options = (names: readonly string[] | undefined): { value: string; label: string }[] =>
    (names ?? []).map((name) => ({ value: name, label: name }));

function setParts(next: Part[]): void {
    document.value = { ...document.value, finished_by: next };
}
/** A view or fit that the table names and the pattern does not have yet is one of its own from now on. */
function taken({ finished_by: pasted }: PastedPart['entries']): void {
    const named = (kind: 'view' | 'fit', known: readonly string[] | null | undefined): string[] => [
        ...new Set([...(known ?? []), ...(pasted ?? []).flatMap((part) => part[kind] ?? [])]),
    ];
    const key = (part: Part): string =>
        JSON.stringify([part.view ?? null, part.fit ?? null, part.cup ?? null]);
    const others = parts.value.filter((part) => !(pasted ?? []).some((one) => key(one) === key(part)));
    document.value = {
        ...document.value,
        views: named('view', document.value.views),
        fits: named('fit', document.value.fits),
        finished_by: [...others, ...(pasted ?? [])],
    };
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
        <PastePart
            kind="fits"
            what="finished figures by view, fit or cup"
            example="Slim&#10;Bust   90   94   98&#10;Curvy&#10;Bust   94   98   102"
            :unit="unit"
            :pattern="document"
            @take="taken"
        />
        <Button
            type="button"
            label="Add finished rows for one view, fit or cup"
            outlined
            size="small"
            @click="setParts([...parts, { finished: {} }])"
        />
    </div>
</template>
