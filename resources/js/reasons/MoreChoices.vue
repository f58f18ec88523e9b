<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, Make, Plan } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import { named, type ChoiceRow } from '../ui/choiceRow';
import ChoiceRows from '../ui/ChoiceRows.vue';
import Measure from '../ui/Measure.vue';
import { toClothWith } from '../paper/toCloth';
import { spreads, toHems } from './lineChoices';

const props = defineProps<{ make: Make; plan: Plan; faultAt: (field: string) => string | null }>();
const emit = defineEmits<{ change: [part: Partial<Choices>] }>();

const choices = computed(() => props.make.choices);
type Asked = 'range' | 'view' | 'fit' | 'spread' | 'to_hem' | 'paper';
const asked = computed(() => {
    const { ranges, views, fits } = props.make;
    const { range, view, fit, spread, to_hem } = choices.value;
    const envelopes = Object.keys(ranges);
    const rows: ChoiceRow<Asked>[] = [];
    if (envelopes.length > 1)
        rows.push({
            key: 'range',
            label: 'Envelope',
            none: 'by the body',
            options: named(envelopes),
            value: range,
        });
    if (views.length > 0)
        rows.push({ key: 'view', label: 'View', none: 'any', options: named(views), value: view });
    if (fits.length > 0)
        rows.push({ key: 'fit', label: 'Fit', none: 'any', options: named(fits), value: fit });
    if (props.plan.bust_adjustment?.method === 'slash')
        rows.push({
            key: 'spread',
            label: 'What slashing adds at the waist',
            options: spreads,
            value: spread ?? 'dart',
        });
    rows.push({
        key: 'to_hem',
        label: 'Below the last level a change',
        none: 'stays where it goes outward',
        options: toHems,
        value: to_hem,
    });
    rows.push({
        key: 'paper',
        label: 'How it gets to the cloth',
        options: toClothWith(props.make.has_nest),
        value: choices.value.paper ?? 'trace',
    });
    return rows;
});
/** A clip on a size of another draft would hold the make to that draft: it goes with its envelope. */
function choose(key: Asked, name: string | null): void {
    const draft = key === 'range' && name !== null ? props.make.ranges[name] : undefined;
    const clips = Object.entries(choices.value.sizes ?? {});
    const kept = clips.filter(([, size]) => draft === undefined || draft.includes(size ?? ''));
    emit('change', {
        [key]: name,
        ...(kept.length < clips.length ? { sizes: Object.fromEntries(kept) } : {}),
    });
}
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
            <ChoiceRows :rows="asked" @choose="choose" />
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
        <p class="hint">A change of length by hand: with a minus to shorten, 0 for none.</p>
    </section>
</template>

<style scoped>
.more .inline {
    margin-bottom: 10px;
}
</style>
