<script setup lang="ts">
import { computed, ref } from 'vue';
import type { FittingDocument, Trial } from '../api/types';
import WordChoice from '../ui/WordChoice.vue';

/** A way to try the make, and the questions that belong to it; an answer that is no can become a finding. */
const props = defineProps<{ trials: Trial[]; document: FittingDocument }>();
const emit = defineEmits<{
    answer: [trials: NonNullable<FittingDocument['trials']>];
    found: [finding: { place: string; what: string; note: string }];
}>();

type Answers = Record<string, boolean | null | undefined>;
const answered = computed(() => (props.document.trials ?? {}) as Record<string, Answers | null | undefined>);
const way = ref(Object.keys(answered.value)[0] ?? props.trials[0]?.key ?? '');
const ways = computed(() => props.trials.map(({ key, words }) => ({ value: key, label: words })));
const trial = computed(() => props.trials.find(({ key }) => key === way.value));
const said = (question: string): boolean | null => answered.value[way.value]?.[question] ?? null;

function answer(question: string, isRight: boolean): void {
    emit('answer', { ...answered.value, [way.value]: { ...answered.value[way.value], [question]: isRight } });
}
</script>

<template>
    <section class="trial" aria-labelledby="trial-title">
        <h2 id="trial-title">Try it</h2>
        <WordChoice v-model="way" label="How" :options="ways" />
        <template v-if="trial">
            <p class="hint">{{ trial.how }}</p>
            <ul>
                <li v-for="question in trial.questions" :key="question.key">
                    <span :id="`ask-${question.key}`">{{ question.words }}</span>
                    <span class="answers" role="radiogroup" :aria-labelledby="`ask-${question.key}`">
                        <label
                            ><input
                                type="radio"
                                :name="`${way}-${question.key}`"
                                :checked="said(question.key) === true"
                                @change="answer(question.key, true)"
                            />yes</label
                        >
                        <label
                            ><input
                                type="radio"
                                :name="`${way}-${question.key}`"
                                :checked="said(question.key) === false"
                                @change="answer(question.key, false)"
                            />no</label
                        >
                    </span>
                    <button
                        v-if="said(question.key) === false"
                        type="button"
                        class="link"
                        @click="emit('found', { place: question.place, what: question.what, note: '' })"
                    >
                        record what to do
                    </button>
                </li>
            </ul>
        </template>
        <p class="hint">
            Pins away from the body, heads rounded; never pull a tape tight. Ask before you touch or measure
            someone else.
        </p>
    </section>
</template>

<style scoped>
.trial {
    display: grid;
    gap: 8px;
    justify-items: start;
}
li {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    padding: 3px 0;
    align-items: baseline;
}
.answers {
    display: inline-flex;
    gap: 12px;
}
p {
    margin: 0;
}
</style>
