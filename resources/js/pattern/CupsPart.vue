<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { Cups, PastedPart, PatternDocument, Unit } from '../api/types';
import PastePart from '../charts/PastePart.vue';
import { cupLetters, cupsOf } from '../charts/rows';
import CupRule from './CupRule.vue';

defineProps<{ faults: Map<string, string>; unit: Unit }>();
const document = defineModel<PatternDocument>({ required: true });

type Rule = InstanceType<typeof CupRule>['$props']['modelValue'];

const cups = computed(() => document.value.cups ?? {});
const withRows = computed(() => cupsOf(document.value));
/** All letters, and those that have rows under another name, such as DD. */
const offered = computed(() => [...new Set([...cupLetters, ...withRows.value])]);
type TypedRule = NonNullable<Cups['by_range']>[string];
const ruleOf = ({ measure, table }: TypedRule): Rule => ({
    measure: measure ?? 'high_bust_difference',
    table: table ?? [],
});
const rule = computed<Rule | null>(() =>
    cups.value.measure || cups.value.table ? ruleOf(cups.value) : null,
);
const ranges = computed(() => document.value.ranges ?? []);

function change(part: Partial<Cups>): void {
    document.value = { ...document.value, cups: { ...cups.value, ...part } };
}

function setRule(next: Rule): void {
    change({ measure: next.measure, table: next.table });
}

function setRangeRule(range: string, next: Rule | null): void {
    const { [range]: _, ...others } = cups.value.by_range ?? {};
    change({ by_range: next === null ? others : { ...others, [range]: next } });
}

/** Each rule where it is of: of one envelope, or of the pattern; and rows of the charts, for the sizes that they name. */
function taken({ cup_rules: rules, cup_rows: rows }: PastedPart['entries']): void {
    let next = cups.value;
    for (const { chart, cup, figures } of rows ?? []) {
        const before = next[chart]?.[cup];
        const merged = figures.map((figure, at) => figure ?? before?.[at] ?? null);
        next = { ...next, [chart]: { ...next[chart], [cup]: merged } };
    }
    for (const { range, measure, table } of rules ?? []) {
        const before = range === null ? next : next.by_range?.[range];
        const typed = { measure: measure ?? before?.measure ?? 'high_bust_difference', table };
        next =
            range === null
                ? { ...next, ...typed }
                : { ...next, by_range: { ...next.by_range, [range]: typed } };
    }
    change(next);
}

function toggleRow(cup: string, on: boolean): void {
    const chart = (rows: Cups['body_chart']): NonNullable<Cups['body_chart']> => {
        const { [cup]: mine, ...others } = rows ?? {};
        return on ? { ...others, [cup]: mine ?? document.value.sizes.map(() => null) } : others;
    };
    change({ body_chart: chart(cups.value.body_chart), finished: chart(cups.value.finished) });
}
</script>

<template>
    <div class="part">
        <p class="hint">
            A dressmaker’s cup is not a bra’s. Where the pattern prints its own rule, put it here: it wins
            over the rule of thumb of one letter an inch. Where it has front pieces by cup, each cup has a
            bust row of its own in the charts.
        </p>
        <fieldset class="chips">
            <legend>Bust rows by cup in the charts</legend>
            <label v-for="cup in offered" :key="cup">
                <input
                    type="checkbox"
                    :checked="withRows.includes(cup)"
                    :aria-label="`Rows for the ${cup} cup`"
                    @change="toggleRow(cup, ($event.target as HTMLInputElement).checked)"
                />{{ cup }}
            </label>
        </fieldset>
        <PastePart
            kind="cups"
            what="cups"
            example="Cup   from   to&#10;A   2.5   5&#10;B   5   7.5&#10;Two envelopes: each table under its name"
            :unit="unit"
            :pattern="document"
            @take="taken"
        />
        <div class="rules">
            <div>
                <CupRule
                    v-if="rule"
                    title="The pattern’s rule"
                    at="pattern.cups"
                    :model-value="rule"
                    :unit="unit"
                    :faults="faults"
                    @update:model-value="setRule"
                />
                <Button
                    v-else
                    type="button"
                    label="Put its rule in"
                    outlined
                    size="small"
                    @click="setRule(ruleOf({}))"
                />
            </div>
            <div v-for="range in ranges" :key="range.name">
                <template v-if="cups.by_range?.[range.name]">
                    <CupRule
                        :title="`Only in ${range.name}`"
                        :at="`pattern.cups.by_range.${range.name}`"
                        :model-value="ruleOf(cups.by_range[range.name] ?? {})"
                        :unit="unit"
                        :faults="faults"
                        @update:model-value="setRangeRule(range.name, $event)"
                    />
                    <Button
                        type="button"
                        text
                        size="small"
                        label="Use the pattern’s rule"
                        @click="setRangeRule(range.name, null)"
                    />
                </template>
                <Button
                    v-else-if="ranges.length > 1"
                    type="button"
                    text
                    size="small"
                    :label="`${range.name} has a rule of its own`"
                    @click="setRangeRule(range.name, ruleOf({}))"
                />
            </div>
        </div>
    </div>
</template>

<style scoped>
.rules {
    display: flex;
    flex-wrap: wrap;
    gap: 12px 48px;
}
</style>
