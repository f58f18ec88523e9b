<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { PastedPart, PatternDocument, Unit } from '../api/types';
import PastePart from '../charts/PastePart.vue';
import { cupLetters, partName } from '../charts/rows';
import { named } from '../ui/choiceRow';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';
import { changedAt, namesIn, withoutAt } from './lists';

defineProps<{ faults: Map<string, string>; unit: Unit }>();
const document = defineModel<PatternDocument>({ required: true });

type Part = NonNullable<PatternDocument['finished_by']>[number];

const parts = computed(() => document.value.finished_by ?? []);
/** What a row may be for, where the pattern has it. */
const kinds = computed(() =>
    [
        {
            key: 'view' as const,
            label: 'View',
            none: 'every view',
            options: named(document.value.views ?? []),
        },
        { key: 'fit' as const, label: 'Fit', none: 'every fit', options: named(document.value.fits ?? []) },
        { key: 'cup' as const, label: 'Cup', none: 'every cup', options: named(cupLetters) },
    ].filter(({ options }) => options.length > 0),
);

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
                v-for="{ key, label, none, options } in kinds"
                :key="key"
                class="narrow"
                :label="label"
                :placeholder="none"
                :options="options"
                :model-value="part[key] ?? null"
                :fault="faults.get(`pattern.finished_by[${p}].${key}`)"
                @update:model-value="setParts(changedAt(parts, p, { [key]: $event }))"
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
