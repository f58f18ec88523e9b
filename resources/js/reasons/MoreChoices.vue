<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, Make, Plan } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import ChoiceField from '../ui/ChoiceField.vue';
import Measure from '../ui/Measure.vue';

const props = defineProps<{ make: Make; plan: Plan; faultAt: (field: string) => string | null }>();
const emit = defineEmits<{ change: [part: Partial<Choices>] }>();

const choices = computed(() => props.make.choices);
const named = (names: readonly string[]): { value: string; label: string }[] =>
    names.map((name) => ({ value: name, label: name }));
type Lengths = NonNullable<Choices['lengths']>;
const lengths = computed<{ key: keyof Lengths; title: string; nm: number | null }[]>(() => [
    { key: 'above_waist', title: 'above the waist', nm: props.plan.above_waist_nm },
    { key: 'below_waist', title: 'waist to hip', nm: props.plan.below_waist_nm },
    { key: 'hem', title: 'hem', nm: props.plan.hem_nm },
    { key: 'sleeve', title: 'sleeve', nm: props.plan.sleeve_nm },
]);

function setLength(key: keyof Lengths, text: string): void {
    emit('change', { lengths: { ...choices.value.lengths, [key]: text === '' ? null : text } });
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
        </div>
        <table class="entry">
            <thead>
                <tr>
                    <td />
                    <th>the paper gets</th>
                    <th>set by hand, {{ make.unit }}</th>
                    <td />
                </tr>
            </thead>
            <tbody>
                <tr v-for="one in lengths" :key="one.key">
                    <th scope="row">{{ one.title }}</th>
                    <td>
                        <template v-if="one.nm === null">not known</template>
                        <template v-else-if="one.nm === 0">as it is</template>
                        <template v-else
                            ><Measure :nm="Math.abs(one.nm)" />
                            {{ one.nm > 0 ? 'longer' : 'shorter' }}</template
                        >
                    </td>
                    <td>
                        <CellInput
                            :value="choices.lengths?.[one.key]"
                            :label="`${one.title}, set by hand`"
                            :fault="faultAt(`choices.lengths.${one.key}`)"
                            @change="setLength(one.key, $event)"
                        />
                    </td>
                    <td>
                        <button
                            v-if="one.nm !== null && one.nm !== 0"
                            type="button"
                            class="link"
                            :aria-label="`leave it, ${one.title}`"
                            @click="setLength(one.key, '0')"
                        >
                            leave it
                        </button>
                        <button
                            v-else-if="choices.lengths?.[one.key]"
                            type="button"
                            class="link"
                            :aria-label="`as measured, ${one.title}`"
                            @click="setLength(one.key, '')"
                        >
                            as measured
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
        <p class="hint">
            A change of length set by hand: longer as it is, shorter with a minus, 0 to decline it.
        </p>
    </section>
</template>

<style scoped></style>
