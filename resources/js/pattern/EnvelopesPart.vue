<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { ChartMeaning, Pattern, PatternDocument, Range } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import EnvelopeRow from './EnvelopeRow.vue';
import { changedAt, withoutAt } from './lists';
import WordTap from '../ui/WordTap.vue';

const props = defineProps<{ faults: Map<string, string>; kept: Pattern | null }>();
const document = defineModel<PatternDocument>({ required: true });

const meanings: { value: ChartMeaning; label: string }[] = [
    { value: 'upper_limit', label: 'the largest body it is meant for' },
    { value: 'middle', label: 'the middle of its bodies' },
];
const rules = [
    { value: 'up', label: 'take the larger size' },
    { value: 'down', label: 'take the smaller size' },
    { value: 'nearest', label: 'take the nearer size' },
] as const;
const ranges = computed(() => document.value.ranges ?? []);
const loose = computed(() =>
    document.value.sizes.filter((size) => !ranges.value.some((range) => range.sizes.includes(size))),
);
const unnested = computed(() => (props.kept?.drafts.length ?? 0) > 1);

function setRanges(next: Range[]): void {
    document.value = { ...document.value, ranges: next };
}

/** A size lies in one envelope: taken into this one, it goes out of the others. */
function setRange(at: number, range: Range): void {
    const taken = range.sizes.filter((size) => ranges.value[at]?.sizes.includes(size) !== true);
    setRanges(
        changedAt(ranges.value, at, range).map((one, r) =>
            r === at ? one : { ...one, sizes: one.sizes.filter((size) => !taken.includes(size)) },
        ),
    );
}

function add(): void {
    const first = ranges.value.length === 0;
    setRanges([
        ...ranges.value,
        { name: first ? 'all sizes' : `envelope ${ranges.value.length + 1}`, sizes: [...loose.value] },
    ]);
}
</script>

<template>
    <div class="part">
        <p class="hint">
            One pattern often comes as two envelopes. Sizes of one <b>size range</b> were drawn as one set of
            lines, so they can be blended; two ranges may be drawn for different cups and need not meet. The
            same letter in two envelopes is two sizes: give the second a name of its own, such as M (curvy).
        </p>
        <table v-if="ranges.length > 0" class="entry">
            <thead>
                <tr>
                    <th>Envelope</th>
                    <th>Size range</th>
                    <th><WordTap word="drafted_cup">Drafted cup</WordTap></th>
                    <th>Height</th>
                    <th>Owned</th>
                    <th>Sizes in it</th>
                    <td />
                </tr>
            </thead>
            <tbody>
                <EnvelopeRow
                    v-for="(range, r) in ranges"
                    :key="r"
                    :sizes="document.sizes"
                    :index="r"
                    :faults="faults"
                    :model-value="range"
                    @update:model-value="setRange(r, $event)"
                    @take-out="setRanges(withoutAt(ranges, r))"
                />
            </tbody>
        </table>
        <p v-else>No envelopes are named: the pattern is one envelope with every size.</p>
        <p v-if="ranges.length > 0 && loose.length > 0" class="fault" role="status">
            In no envelope: {{ loose.join(', ') }}.
        </p>
        <Button type="button" label="Add an envelope" outlined size="small" @click="add" />
        <ul v-if="kept && unnested" class="says">
            <li v-for="draft in kept.drafts" :key="draft.name">
                <b>{{ draft.name }}</b>: {{ draft.sizes.join(', ') }} are one set of lines. They are not
                blended with the others.
            </li>
        </ul>
        <div class="inline">
            <ChoiceField
                class="wider"
                label="A chart number is"
                placeholder="not said"
                :options="meanings"
                :model-value="document.chart_means ?? null"
                @update:model-value="document = { ...document, chart_means: $event }"
            />
            <ChoiceField
                class="wider"
                label="Between two sizes"
                :placeholder="`as follows: ${rules.find(({ value }) => value === kept?.between)?.label ?? ''}`"
                :options="rules"
                :model-value="document.between ?? null"
                @update:model-value="document = { ...document, between: $event }"
            />
        </div>
    </div>
</template>
