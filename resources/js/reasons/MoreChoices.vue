<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, LevelName, Make, Plan } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import ChoiceField from '../ui/ChoiceField.vue';

const props = defineProps<{ make: Make; plan: Plan; faultAt: (field: string) => string | null }>();
const emit = defineEmits<{ change: [part: Partial<Choices>] }>();

const choices = computed(() => props.make.choices);
const named = (names: readonly string[]): { value: string; label: string }[] =>
    names.map((name) => ({ value: name, label: name }));
const orders = [
    { value: 'blend_first', label: 'blend first' },
    { value: 'length_first', label: 'length first' },
] as const;
const shifts = [
    { value: -1, label: 'back a size larger' },
    { value: 0, label: 'alike' },
    { value: 1, label: 'front a size larger' },
    { value: 2, label: 'front two larger' },
];

type Lengths = 'own_garment' | 'least_ease' | 'centre_back';

const columns: { key: Lengths; title: string }[] = [
    { key: 'own_garment', title: 'a garment you like, flat' },
    { key: 'least_ease', title: 'least ease' },
    { key: 'centre_back', title: 'centre back alone' },
];

function setLength(key: Lengths, level: LevelName, text: string): void {
    emit('change', { [key]: { ...choices.value[key], [level]: text === '' ? null : text } });
}

function setShift(level: LevelName, sizes: number): void {
    emit('change', { front_larger: { ...choices.value.front_larger, [level]: sizes } });
}
</script>

<template>
    <section class="more" aria-labelledby="more-title">
        <h2 id="more-title">More choices</h2>
        <div class="inline">
            <ChoiceField
                v-if="make.ranges.length > 1"
                class="narrow"
                label="Envelope"
                placeholder="by the body"
                :options="named(make.ranges)"
                :model-value="choices.range ?? null"
                @update:model-value="emit('change', { range: $event })"
            />
            <ChoiceField
                v-if="make.views.length > 0"
                class="narrow"
                label="View"
                placeholder="any"
                :options="named(make.views)"
                :model-value="choices.view ?? null"
                @update:model-value="emit('change', { view: $event })"
            />
            <ChoiceField
                v-if="make.fits.length > 0"
                class="narrow"
                label="Fit"
                placeholder="any"
                :options="named(make.fits)"
                :model-value="choices.fit ?? null"
                @update:model-value="emit('change', { fit: $event })"
            />
            <ChoiceField
                class="narrow"
                label="Order"
                :options="orders"
                :model-value="choices.order ?? plan.work.order"
                @update:model-value="emit('change', { order: $event })"
            />
        </div>
        <table class="entry">
            <thead>
                <tr>
                    <td />
                    <th v-for="column in columns" :key="column.key">{{ column.title }}, {{ make.unit }}</th>
                    <th>front and back</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="level in plan.levels" :key="level.level">
                    <th scope="row">{{ level.level }}</th>
                    <td v-for="column in columns" :key="column.key">
                        <CellInput
                            :value="choices[column.key]?.[level.level]"
                            :label="`${level.level}, ${column.title}`"
                            :fault="faultAt(`choices.${column.key}.${level.level}`)"
                            @change="setLength(column.key, level.level, $event)"
                        />
                    </td>
                    <td>
                        <select
                            :value="choices.front_larger?.[level.level] ?? 0"
                            :aria-label="`${level.level}, front and back`"
                            @change="
                                setShift(level.level, Number(($event.target as HTMLSelectElement).value))
                            "
                        >
                            <option v-for="shift in shifts" :key="shift.value" :value="shift.value">
                                {{ shift.label }}
                            </option>
                        </select>
                    </td>
                </tr>
            </tbody>
        </table>
        <p class="hint">
            Lay a garment that fits well flat and measure it across: twice that, less the body, is the ease
            you like for this kind. It counts when sizes go by the ease you like.
        </p>
    </section>
</template>
