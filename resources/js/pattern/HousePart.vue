<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { House, PatternDocument, Unit } from '../api/types';
import { frontWidthsOf } from '../charts/frontWidths';
import ChoiceField from '../ui/ChoiceField.vue';
import ClashList from '../ui/ClashList.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import DeletedNotice from '../ui/DeletedNotice.vue';
import TextField from '../ui/TextField.vue';
import CupRule from './CupRule.vue';
import { orNull } from './lists';
import { useHouse } from './useHouse';

const props = defineProps<{ house: string; houses: House[]; document: PatternDocument; unit: Unit }>();
const emit = defineEmits<{ kept: [House]; changed: [] }>();

const known = computed(() => props.houses.find(({ name }) => name === props.house) ?? null);
const unit = computed(() => known.value?.unit ?? props.unit);
const { habits, said, clashes, settle, change, keep, remove } = useHouse(
    () => ({ name: props.house, unit: unit.value, known: known.value }),
    (house) => emit('kept', house),
);

const meanings = [
    { value: 'upper_limit', label: 'the largest body it is meant for' },
    { value: 'middle', label: 'the middle of its bodies' },
] as const;
const rule = computed(() => ({
    measure: habits.value.cups?.measure ?? ('high_bust_difference' as const),
    table: habits.value.cups?.table ?? [],
}));

/** What this pattern says already becomes the habit. */
function fromPattern(): void {
    const { cups, seam, ranges, chart_means, between } = props.document;
    change({
        chart_means: chart_means ?? habits.value.chart_means ?? null,
        between: between ?? habits.value.between ?? null,
        drafted_cup: ranges?.[0]?.drafted_cup ?? habits.value.drafted_cup ?? null,
        seam_allowance: seam.seam_allowance ?? habits.value.seam_allowance ?? null,
        hem_allowance: seam.hem_allowance ?? habits.value.hem_allowance ?? null,
        front_widths: frontWidthsOf(props.document, props.unit) ?? habits.value.front_widths ?? null,
        ...(cups?.table
            ? { cups: { measure: cups.measure ?? 'high_bust_difference', table: cups.table } }
            : {}),
    });
}
</script>

<template>
    <div class="part">
        <p v-if="house.trim() === ''" class="hint">Name the house above; then its habits can be kept here.</p>
        <template v-else>
            <ClashList
                v-if="clashes.length > 0"
                :clashes="clashes"
                :place="({ path }) => String(path[0])"
                @settle="settle"
            />
            <p class="hint">
                What {{ house }} does alike in all its patterns. Typed once, it holds for each of them
                wherever the pattern itself says nothing, so the second pattern takes a minute. Figures in
                {{ unit }}.
            </p>
            <div class="inline">
                <ChoiceField
                    class="wider"
                    label="A chart number is"
                    placeholder="not said"
                    :options="meanings"
                    :model-value="habits.chart_means ?? null"
                    @update:model-value="change({ chart_means: $event })"
                />
                <TextField
                    class="narrow"
                    label="Drafted cup"
                    :model-value="habits.drafted_cup ?? ''"
                    @update:model-value="change({ drafted_cup: orNull($event) })"
                />
                <TextField
                    class="narrow"
                    label="Seam allowance"
                    :model-value="habits.seam_allowance ?? ''"
                    @update:model-value="change({ seam_allowance: orNull($event) })"
                />
                <TextField
                    class="narrow"
                    label="Hem allowance"
                    :model-value="habits.hem_allowance ?? ''"
                    @update:model-value="change({ hem_allowance: orNull($event) })"
                />
            </div>
            <p v-if="habits.front_widths" class="hint">
                Its front widths, offered to each of its patterns:
                {{
                    Object.entries(habits.front_widths)
                        .map(([size, width]) => `${size}: ${width}`)
                        .join(', ')
                }}.
            </p>
            <CupRule
                title="Its cup rule"
                at="house.cups"
                :model-value="rule"
                :unit="unit"
                :faults="new Map()"
                @update:model-value="change({ cups: $event })"
            />
            <div class="inline">
                <Button type="button" label="Keep the habits" size="small" @click="keep" />
                <Button
                    type="button"
                    label="Take them from this pattern"
                    size="small"
                    outlined
                    @click="fromPattern"
                />
                <DeleteButton
                    v-if="known"
                    :name="`the habits of ${house}`"
                    along=""
                    :remove="() => remove(known!)"
                    @deleted="emit('changed')"
                />
                <p class="notice" role="status">{{ said }}</p>
            </div>
            <DeletedNotice kind="house" @back="emit('changed')" />
        </template>
    </div>
</template>
