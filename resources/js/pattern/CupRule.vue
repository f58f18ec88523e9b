<script setup lang="ts">
import Button from 'primevue/button';
import type { CupLine, Unit } from '../api/types';
import { cupLetters } from '../charts/rows';
import CellInput from '../ui/CellInput.vue';
import ChoiceField from '../ui/ChoiceField.vue';
import { changedAt, withoutAt } from './lists';

interface Rule {
    measure: 'high_bust_difference' | 'front_half_difference';
    table: CupLine[];
}

const props = defineProps<{ title: string; unit: Unit; faults: Map<string, string>; at: string }>();
const rule = defineModel<Rule>({ required: true });

const measures = [
    { value: 'high_bust_difference', label: 'full bust less high bust' },
    { value: 'front_half_difference', label: 'front half: full bust less underbust' },
] as const;

function setLine(line: number, part: Partial<CupLine>): void {
    rule.value = { ...rule.value, table: changedAt(rule.value.table, line, part) };
}

/** The next letter begins where the one before ends. */
function add(): void {
    const last = rule.value.table.at(-1);
    const cup = cupLetters[cupLetters.indexOf(last?.cup ?? 'AA') + 1] ?? '';
    rule.value = { ...rule.value, table: [...rule.value.table, { cup, from: last?.to ?? '', to: '' }] };
}

const fault = (line: number, key: string): string | undefined =>
    props.faults.get(`${props.at}.table[${line}].${key}`);
</script>

<template>
    <section class="cup-rule" :aria-label="title">
        <h3>{{ title }}</h3>
        <ChoiceField
            class="wider"
            label="It reads"
            :options="measures"
            :model-value="rule.measure"
            @update:model-value="rule = { ...rule, measure: $event ?? 'high_bust_difference' }"
        />
        <table v-if="rule.table.length > 0" class="entry">
            <thead>
                <tr>
                    <th>Cup</th>
                    <th>from, {{ unit }}</th>
                    <th>up to, not with, {{ unit }}</th>
                    <td />
                </tr>
            </thead>
            <tbody>
                <tr v-for="(line, l) in rule.table" :key="l">
                    <td>
                        <CellInput
                            :value="line.cup"
                            :label="`${title}, line ${l + 1}, cup`"
                            :fault="fault(l, 'cup')"
                            @change="setLine(l, { cup: $event.toUpperCase() })"
                        />
                    </td>
                    <td>
                        <CellInput
                            :value="line.from"
                            :label="`${title}, cup ${line.cup}, from`"
                            :fault="fault(l, 'from')"
                            @change="setLine(l, { from: $event })"
                        />
                    </td>
                    <td>
                        <CellInput
                            :value="line.to"
                            :label="`${title}, cup ${line.cup}, up to`"
                            :fault="fault(l, 'to')"
                            @change="setLine(l, { to: $event })"
                        />
                    </td>
                    <td>
                        <button
                            type="button"
                            class="plain"
                            :aria-label="`${title}: take out cup ${line.cup}`"
                            @click="rule = { ...rule, table: withoutAt(rule.table, l) }"
                        >
                            ×
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
        <Button
            type="button"
            label="Add a cup"
            text
            size="small"
            :aria-label="`${title}: add a cup`"
            @click="add"
        />
    </section>
</template>

<style scoped>
.cup-rule {
    display: grid;
    gap: 8px;
    justify-items: start;
}
</style>
