<script setup lang="ts">
import Button from 'primevue/button';
import { computed, useId } from 'vue';
import type { Alternative, Choices, Plan } from '../api/types';
import { title } from '../ui/words';
import { ways, workWeights, workWords } from './leads';

const props = defineProps<{ plan: Plan; choices: Choices }>();
const emit = defineEmits<{ change: [part: Partial<Choices>] }>();
const slider = useId();

const place = computed(() => {
    const work = Number(props.choices.weights?.work ?? 1);
    return Math.max(
        0,
        workWeights.findIndex((weight) => weight === work),
    );
});

/** The ways of this draft, and what the envelopes that are there give where the plan needs another one. */
const offered = computed(() => [
    ...props.plan.alternatives.map((way) => ({ way, lacks: [] as string[], range: null as string | null })),
    ...(props.plan.owned_way === null ? [] : [props.plan.owned_way]),
]);

/** Who picks so by himself needs no clips; any other way is set by hand. */
function take(way: Alternative, range: string | null): void {
    if (range !== null) {
        emit('change', { range, sizes: { ...way.sizes }, adjust_bust: null });
        return;
    }
    const pick = pickerOf(way);
    if (pick !== null) emit('change', { pick, sizes: {}, adjust_bust: null });
    else emit('change', { sizes: { ...way.sizes }, adjust_bust: way.adjusts_bust || null });
}

/** While a bust is adjusted by hand the ways are those of its frame. */
function pickerOf({ name, adjusts_bust }: Alternative): 'best' | 'one_size' | null {
    if (name === 'best') return name;
    return name === 'one_size' && !adjusts_bust && !props.choices.adjust_bust ? name : null;
}

function weigh(event: Event): void {
    const work = workWeights[Number((event.target as HTMLInputElement).value)] ?? 1;
    emit('change', { weights: { ...props.choices.weights, work } });
}

/** From the top down; a size that goes on is named once. */
function sizes(way: Alternative): string {
    const named = (['bust', 'waist', 'hip'] as const).flatMap((level) => way.sizes[level] ?? []);
    return named.filter((size, place) => size !== named[place - 1]).join(' – ');
}
</script>

<template>
    <section class="alternatives" aria-labelledby="ways-title">
        <h2 id="ways-title">Other ways, and what each costs</h2>
        <p class="weigh">
            <label :for="slider">Fit closer</label>
            <input
                :id="slider"
                type="range"
                min="0"
                :max="workWeights.length - 1"
                :value="place"
                :aria-valuetext="workWords[place]"
                @change="weigh"
            />
            <span>work less</span> <small>{{ workWords[place] }}</small>
        </p>
        <div class="columns ways">
            <article v-for="{ way, lacks, range } in offered" :key="way.name" :class="{ chosen: way.chosen }">
                <h3>{{ ways[way.name].title }}</h3>
                <p class="hint">{{ ways[way.name].what }}</p>
                <p class="sizes">{{ sizes(way) }}</p>
                <p v-if="range !== null" class="hint">in {{ range }}</p>
                <p v-if="lacks.length > 0">{{ title(lacks.join(', ')) }}.</p>
                <table>
                    <tbody>
                        <tr v-for="line in way.receipt" :key="line.what">
                            <td>{{ line.what }}</td>
                            <td class="cost">{{ line.cost.toFixed(2) }}</td>
                        </tr>
                        <tr class="sum">
                            <td>together</td>
                            <td class="cost">{{ way.cost.toFixed(2) }}</td>
                        </tr>
                    </tbody>
                </table>
                <!-- One button in both states: the hand that pressed it stays on it. -->
                <Button
                    size="small"
                    :outlined="!way.chosen"
                    :text="way.chosen"
                    :label="way.chosen ? 'On the bench now' : 'Cut these'"
                    :aria-label="
                        way.chosen
                            ? `On the bench now: ${ways[way.name].title}`
                            : `Cut these: ${ways[way.name].title}`
                    "
                    :aria-disabled="way.chosen"
                    @click="way.chosen || take(way, range)"
                />
            </article>
        </div>
    </section>
</template>

<style scoped>
.reasons .columns.ways {
    grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
}
.alternatives article {
    border-top: 1.5px solid var(--ink);
    padding-top: 8px;
}
.alternatives article.chosen {
    border-top: 4px solid var(--cut);
    padding-top: 5px;
}
.alternatives .sizes {
    font-size: 22px;
    font-weight: 650;
}
.alternatives table {
    width: 100%;
    border-collapse: collapse;
    font-size: 13.5px;
    margin-bottom: 8px;
}
.alternatives td {
    padding: 2px 0;
    vertical-align: top;
}
.alternatives .cost {
    text-align: right;
    padding-left: 10px;
    font-variant-numeric: tabular-nums;
}
.alternatives .sum td {
    border-top: 1px solid var(--ink);
    font-weight: 650;
}
.weigh {
    display: flex;
    gap: 10px;
    align-items: center;
}
.weigh input {
    accent-color: var(--ink);
}
@media (max-width: 560px) {
    .bench .reasons .columns.ways {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
