<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, watch } from 'vue';
import type { Exercise, PracticeFigure } from '../api/types';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';
import TextField from '../ui/TextField.vue';
import BodyViews from './BodyViews.vue';
import TapePiece from './TapePiece.vue';
import { questionServer, useQuestion, type Asked } from './useQuestion';

/** Something is asked about a body or a tape; after the answer it is told why. */
const props = defineProps<{ exercise: Exercise; figures: readonly PracticeFigure[] }>();
const emit = defineEmits<{ told: [] }>();
const session = useSession();
const { question, answered, refused, choice, text, begin, answer } = useQuestion(
    questionServer,
    props.exercise.code as Asked,
    Math.random,
);
const figure = computed(() => props.figures.find(({ code }) => code === question.value?.figure) ?? null);
const canAnswer = computed(() =>
    question.value?.choices.length === 0 ? text.value.trim() !== '' : choice.value !== null,
);
watch(answered, (now) => {
    if (now !== null) emit('told');
});
onMounted(begin);
</script>

<template>
    <div v-if="question" class="room" :class="{ unpictured: !figure && !question.piece }">
        <BodyViews
            v-if="figure"
            :figure="figure"
            :tape="answered?.tape ?? question.tape"
            :truth="answered?.belongs_at ?? null"
            fixed
            :can-bend="question.tape !== null"
        />
        <TapePiece v-else-if="question.piece" :piece="question.piece" />
        <div class="words">
            <form class="question" novalidate @submit.prevent="answer">
                <fieldset v-if="question.choices.length > 0" :disabled="answered !== null">
                    <legend>{{ question.text }}</legend>
                    <label
                        v-for="(words, place) in question.choices"
                        :key="place"
                        :class="{
                            right: answered?.right === place,
                            wrong: answered && choice === place && answered.right !== place,
                        }"
                    >
                        <input v-model="choice" type="radio" name="choice" :value="place" />
                        <span>{{ words }}</span>
                        <b v-if="answered?.right === place">that is it</b>
                    </label>
                </fieldset>
                <template v-else>
                    <p>
                        <b>{{ question.text }}</b>
                    </p>
                    <TextField
                        v-if="answered === null"
                        v-model="text"
                        :label="`It reads, ${session.unit}`"
                        :fault="refused?.at('text')"
                    />
                </template>
                <Button
                    v-if="answered === null"
                    type="submit"
                    label="That is my answer"
                    :disabled="!canAnswer"
                />
            </form>
            <div v-if="answered" role="status">
                <p class="verdict">
                    <b v-if="answered.is_right">Right.</b>
                    <b v-else-if="answered.right_nm !== null"
                        >Not quite: you read {{ text }}, it is
                        {{ figureText(answered.right_nm, session.unit) }}.</b
                    >
                    <b v-else>Not that.</b>
                </p>
                <p v-for="sentence in answered.told" :key="sentence">{{ sentence }}</p>
                <p v-if="answered.tape" class="hint">
                    Yellow: the tape that slipped. Green: where it belongs.
                </p>
            </div>
            <details v-else-if="question.in_figures.length > 0">
                <summary>Without looking: the same in figures</summary>
                <p v-for="sentence in question.in_figures" :key="sentence">{{ sentence }}</p>
            </details>
            <p v-if="refused && !refused.at('text')" class="fault" role="alert">{{ refused.message }}</p>
            <div v-if="answered" class="inline">
                <Button type="button" label="Another one" outlined @click="begin" />
                <slot />
            </div>
        </div>
    </div>
    <p v-else-if="refused" class="fault" role="alert">{{ refused.message }}</p>
</template>

<style scoped>
.unpictured {
    grid-template-columns: minmax(0, 70ch);
}
.question {
    display: grid;
    gap: 12px;
    justify-items: start;
    margin-bottom: 14px;
}
fieldset {
    display: grid;
    gap: 6px;
    width: 100%;
    margin: 0;
    padding: 0;
    border: 0;
}
legend {
    padding: 0;
    margin-bottom: 8px;
    font-weight: 650;
}
fieldset > label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    padding: 4px 12px;
    border: 1.5px solid var(--rule);
    border-radius: 3px;
}
fieldset b {
    margin-left: auto;
}
.right {
    border: 2px solid var(--garment);
}
.wrong span {
    text-decoration: line-through;
}
.verdict {
    font-size: 20px;
}
</style>
