<script setup lang="ts">
import Button from 'primevue/button';
import { computed, watch } from 'vue';
import type { Exercise, PracticeFigure } from '../api/types';
import { useSession } from '../state/session';
import ChoiceField from '../ui/ChoiceField.vue';
import { figureText } from '../ui/figure';
import TextField from '../ui/TextField.vue';
import BodyViews from './BodyViews.vue';
import { foremostOf, tautLength, type Lying } from './follow';
import GirthTable from './GirthTable.vue';
import GuessForm from './GuessForm.vue';
import ReadTape from './ReadTape.vue';
import { sectionsOf } from './sections';
import { readsTape, useLaying } from './useLaying';

/** A tape is laid round a body: guessed about, laid, read. */
const props = defineProps<{
    exercise: Exercise;
    figures: readonly PracticeFigure[];
    patterns: readonly { value: number; label: string }[];
}>();
const emit = defineEmits<{ told: [] }>();
const session = useSession();
const { figure, refused, step, guess, asked, own, lying, board, pattern, begin, guessed, laid } = useLaying(
    readsTape,
    props.exercise,
    props.figures,
    Math.random,
);
watch(step, (now) => {
    if (now === 'told') emit('told');
});

const NM_OF_A_MM = 1_000_000;
/** Of the body, once for all the tape does on it. */
const sections = computed(() => sectionsOf(figure.value?.rings ?? []));
const held = computed(() =>
    board.value && figure.value !== null
        ? foremostOf(sections.value, figure.value.rings[0]?.[0] ?? 0, figure.value.waist_mm)
        : null,
);
/** Followed here while hands are at it; the server's reading decides. */
const follows = computed(() => Math.round(tautLength(sections.value, lying.value, held.value)) * NM_OF_A_MM);
const parts: { key: keyof Lying; label: string }[] = [
    { key: 'height', label: 'Height, mm' },
    { key: 'front', label: 'Front higher by, mm' },
    { key: 'left', label: 'Left side higher by, mm' },
];
function set(key: keyof Lying, text: string): void {
    const figures = Number(text.replace(',', '.'));
    if (text.trim() !== '' && Number.isFinite(figures)) lying.value = { ...lying.value, [key]: figures };
}
const guessWords = computed(() => {
    if (guess.value === null || asked.value === null) return '';
    const by = asked.value.reading_nm - asked.value.true_nm;
    const NONE = 3 * NM_OF_A_MM;
    const way = Math.abs(by) < NONE ? 'the same' : by > 0 ? 'more' : 'less';
    const said = guess.value.way === 'same' ? 'the same' : guess.value.way;
    const much = Math.abs(by) < NONE ? '' : ` by ${figureText(Math.abs(by), session.unit, { places: 1 })}`;
    return `It reads ${way}${much}. You said ${said}${guess.value.nm > 0 ? `, by ${figureText(guess.value.nm, session.unit)}` : ''}.`;
});
</script>

<template>
    <div v-if="figure" class="room">
        <BodyViews
            :figure="figure"
            :tape="step === 'guess' ? null : lying"
            :truth="own?.true_height ?? null"
            :fixed="step === 'told'"
            :board="held"
            @lay="lying = $event"
        />
        <div class="words">
            <p class="hint">{{ figure.name }}</p>
            <template v-if="step === 'guess'">
                <p>
                    <b>{{ exercise.laying?.asked }}</b>
                </p>
                <GuessForm :unit="session.unit" @guess="guessed" />
            </template>
            <template v-else-if="step === 'lay'">
                <p role="status">{{ guessWords }}</p>
                <p>
                    <b>{{ exercise.laying?.task }}</b>
                </p>
                <p class="hint">
                    Drag the tape by its rings, or move a ring with the arrow keys (1 mm, with Shift 10), or
                    type.
                </p>
                <form class="lay" novalidate @submit.prevent="laid">
                    <TextField
                        v-for="{ key, label } in parts"
                        :key="key"
                        :model-value="String(lying[key])"
                        :label="label"
                        :fault="refused?.at(key)"
                        @update:model-value="set(key, $event)"
                    />
                    <label v-if="exercise.laying?.point === 'hip'" class="board">
                        <input v-model="board" type="checkbox" /> a board held upright against the front
                    </label>
                    <ChoiceField
                        v-model="pattern"
                        label="Size by the chart of"
                        placeholder="the demo’s"
                        :options="patterns"
                    />
                    <p>
                        The tape is <b>{{ figureText(follows, session.unit, { places: 1 }) }}</b> long, more
                        or less.
                    </p>
                    <Button type="submit" label="Read it" />
                </form>
                <details>
                    <summary>Without looking: the body in figures</summary>
                    <GirthTable :figure="figure" />
                </details>
            </template>
            <template v-else-if="own">
                <p role="status" class="verdict">
                    <b>{{ own.is_right ? 'It lies right.' : 'It has slipped.' }}</b>
                </p>
                <ReadTape :read="own" />
                <p v-for="sentence in own.mended" :key="sentence" class="mended">{{ sentence }}</p>
                <p class="hint">Thick and yellow: your tape. Green: where it belongs.</p>
                <div class="inline">
                    <Button type="button" label="Once more" outlined @click="begin" />
                    <slot />
                </div>
            </template>
            <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
                {{ refused.message }}
            </p>
            <p v-else-if="refused?.at('placing')" class="fault" role="alert">{{ refused.at('placing') }}</p>
        </div>
    </div>
</template>

<style scoped>
.lay {
    display: grid;
    gap: 10px;
    justify-items: start;
}
.board {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 44px;
}
.mended {
    font-weight: 600;
}
.verdict {
    font-size: 20px;
}
</style>
