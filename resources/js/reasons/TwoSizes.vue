<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { Choices, LevelPlan, Plan } from '../api/types';
import Measure from '../ui/Measure.vue';
import PickOne from '../ui/PickOne.vue';
import { useSizeName } from '../ui/sizeName';
import { title } from '../ui/words';
import { twoSizes } from './twoSizes';

/** Two sizes beside each other at one level: what each prints, and what it would leave over. */
const props = defineProps<{ plan: Plan; choices: Choices }>();
const emit = defineEmits<{ change: [part: Partial<Choices>] }>();
const nameOf = useSizeName();

const levels = computed(() => props.plan.levels.filter(({ notches }) => notches.length > 1));
const at = ref<LevelPlan['level'] | null>(null);
const level = computed(() => levels.value.find((one) => one.level === at.value) ?? levels.value[0]);
/** Picked here, by level; else the two that the body lies between. */
const picked = ref<Record<string, [string, string]>>({});
const pair = computed(() =>
    level.value === undefined ? [] : twoSizes(level.value, picked.value[level.value.level]),
);
const rows = [
    { what: 'chart', key: 'chart_nm', signed: false },
    { what: 'finished', key: 'finished_nm', signed: false },
    { what: 'the pattern’s own ease', key: 'drafted_ease_nm', signed: true },
    { what: 'room in it for you', key: 'your_ease_nm', signed: true },
    { what: 'difference', key: 'left_over_nm', signed: true },
    { what: 'at each edge', key: 'per_edge_nm', signed: true },
] as const;

function pick(which: 0 | 1, size: string): void {
    const here = level.value;
    if (here === undefined) return;
    const [one, other] = pair.value.map((notch) => notch.size);
    picked.value = {
        ...picked.value,
        [here.level]: which === 0 ? [size, other ?? size] : [one ?? size, size],
    };
}

function cut(size: string): void {
    if (level.value) emit('change', { sizes: { ...props.choices.sizes, [level.value.level]: size } });
}

const isFrontLarger = computed(() => (props.choices.front_larger?.[level.value?.level ?? 'bust'] ?? 0) > 0);
function frontLarger(): void {
    if (level.value === undefined) return;
    const name = level.value.level;
    emit('change', {
        front_larger: { ...props.choices.front_larger, [name]: isFrontLarger.value ? 0 : 1 },
    });
}
</script>

<template>
    <section v-if="level" class="two-sizes" aria-labelledby="two-sizes-title">
        <h2 id="two-sizes-title">Between two sizes</h2>
        <div class="which" role="group" aria-label="At which level">
            <button
                v-for="one in levels"
                :key="one.level"
                type="button"
                class="link"
                :aria-pressed="one.level === level.level"
                @click="at = one.level"
            >
                {{ one.level }}
            </button>
        </div>
        <table>
            <thead>
                <tr>
                    <td>
                        {{ title(level.level)
                        }}<template v-if="level.measure_nm !== null"
                            >, you <Measure :nm="level.measure_nm"
                        /></template>
                    </td>
                    <th v-for="(notch, n) in pair" :key="n" scope="col">
                        <PickOne
                            :model-value="notch.size"
                            :options="level.notches.map(({ size }) => ({ value: size, label: nameOf(size) }))"
                            :aria-label="n === 0 ? 'One size' : 'The other size'"
                            @update:model-value="pick(n === 0 ? 0 : 1, $event as string)"
                        />
                    </th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="row in rows" :key="row.key" :class="{ sum: row.key === 'left_over_nm' }">
                    <th scope="row">{{ row.what }}</th>
                    <td v-for="(notch, n) in pair" :key="n">
                        <Measure :nm="notch[row.key]" :signed="row.signed" />
                    </td>
                </tr>
                <tr>
                    <td />
                    <td v-for="(notch, n) in pair" :key="n">
                        <!-- One button in both states: the hand that pressed it stays on it. -->
                        <Button
                            size="small"
                            :outlined="notch.size !== level.size"
                            :text="notch.size === level.size"
                            :label="notch.size === level.size ? 'Cut now' : `Cut ${nameOf(notch.size)}`"
                            :aria-disabled="notch.size === level.size"
                            @click="notch.size === level.size || cut(notch.size)"
                        />
                    </td>
                </tr>
            </tbody>
        </table>
        <p>
            <Button
                size="small"
                outlined
                :aria-pressed="isFrontLarger"
                :label="
                    isFrontLarger ? 'Front and back alike again' : 'Front one size larger, back one smaller'
                "
                @click="frontLarger"
            />
            <small> for more in front than at the back, with the same girth</small>
        </p>
    </section>
</template>

<style scoped>
.two-sizes {
    display: grid;
    gap: 8px;
    justify-items: start;
}
.which {
    display: flex;
    gap: 14px;
}
.which [aria-pressed='true'] {
    font-weight: 700;
    text-decoration: none;
}
.two-sizes table {
    width: auto;
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
}
.two-sizes th,
.two-sizes td {
    padding: 3px 18px 3px 0;
    text-align: left;
    font-weight: 450;
}
.two-sizes :deep(select) {
    max-width: 26vw;
}
.two-sizes :deep(button) {
    max-width: 26vw;
    white-space: normal;
    overflow-wrap: anywhere;
}
.two-sizes > p :deep(button) {
    max-width: 100%;
}
.two-sizes tbody tr {
    border-top: 1px solid var(--rule);
}
.two-sizes .sum th,
.two-sizes .sum td {
    border-top: 1.5px solid var(--ink);
    font-weight: 700;
}
</style>
