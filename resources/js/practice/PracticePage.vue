<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { api, body } from '../api/client';
import { day } from '../measure/age';
import { useSession } from '../state/session';
import ChoiceField from '../ui/ChoiceField.vue';
import { figureText } from '../ui/figure';
import PageFault from '../ui/PageFault.vue';
import TextField from '../ui/TextField.vue';
import BodyViews from './BodyViews.vue';
import { tautLength, type Lying } from './follow';
import GuessForm from './GuessForm.vue';
import ReadTape from './ReadTape.vue';
import { sectionsOf } from './sections';
import { practiceServer, usePractice } from './usePractice';

const session = useSession();
const {
    practice,
    due,
    exercise,
    figure,
    refused,
    step,
    guess,
    asked,
    own,
    lying,
    board,
    pattern,
    load,
    begin,
    guessed,
    laid,
} = usePractice(practiceServer, Math.random);

const patterns = shallowRef<{ value: number; label: string }[]>([]);
onMounted(async () => {
    await load();
    const room = await api
        .GET('/api/workroom')
        .then(body)
        .catch(() => null);
    patterns.value = (room?.patterns ?? []).map(({ id, name }) => ({ value: id, label: name }));
});

const NM_OF_A_MM = 1_000_000;
/** Of the body, once for all the tape does on it. */
const sections = computed(() => sectionsOf(figure.value?.rings ?? []));
/** Followed here while hands are at it; the server's reading decides. */
const follows = computed(() =>
    figure.value === null ? 0 : Math.round(tautLength(sections.value, lying.value)) * NM_OF_A_MM,
);
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
const showsAll = ref(false);
</script>

<template>
    <div v-if="practice" class="practice-page">
        <template v-if="exercise === null || figure === null">
            <h1>What a slipped tape does</h1>
            <p class="lead">
                A body stands here from the front and from the side. You lay the tape and see what it reads,
                what each slip adds, and which size it would have cut. Two minutes each.
            </p>
            <ul class="exercises">
                <li v-for="one in showsAll || due.length === 0 ? practice.exercises : due" :key="one.code">
                    <button type="button" @click="begin(one)">
                        <b>{{ one.title }}</b>
                        <span v-if="one.due_on === null">not tried yet</span>
                        <span v-else-if="one.is_due">asked again today</span>
                        <span v-else>sits until {{ day(one.due_on) }}</span>
                    </button>
                </li>
            </ul>
            <p v-if="due.length === 0" class="hint">
                Nothing is due today. Any of them can be tried all the same.
            </p>
            <button
                v-else-if="due.length < practice.exercises.length"
                type="button"
                class="link"
                @click="showsAll = !showsAll"
            >
                {{ showsAll ? 'Only what is due' : `All ${practice.exercises.length}` }}
            </button>
        </template>
        <template v-else>
            <h1>{{ exercise.title }}</h1>
            <div class="room">
                <BodyViews
                    :figure="figure"
                    :lying="step === 'guess' ? null : lying"
                    :truth="own?.true_height ?? null"
                    :fixed="step === 'told'"
                    @lay="lying = $event"
                />
                <div class="words">
                    <p class="hint">{{ figure.name }}</p>
                    <template v-if="step === 'guess'">
                        <p>
                            <b>{{ exercise.asked }}</b>
                        </p>
                        <GuessForm :unit="session.unit" @guess="guessed" />
                    </template>
                    <template v-else-if="step === 'lay'">
                        <p role="status">{{ guessWords }}</p>
                        <p>
                            <b>{{ exercise.task }}</b>
                        </p>
                        <p class="hint">
                            Drag the tape by its rings, or move a ring with the arrow keys (1 mm, with Shift
                            10), or type.
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
                            <label v-if="exercise.point === 'hip'" class="board">
                                <input v-model="board" type="checkbox" /> a board held upright against the
                                front
                            </label>
                            <ChoiceField
                                v-model="pattern"
                                label="Size by the chart of"
                                placeholder="the demo’s"
                                :options="patterns"
                            />
                            <p>
                                The tape is
                                <b>{{ figureText(follows, session.unit, { places: 1 }) }}</b> long, more or
                                less.
                            </p>
                            <Button type="submit" label="Read it" />
                        </form>
                    </template>
                    <template v-else-if="own">
                        <p role="status" class="verdict">
                            <b>{{ own.is_right ? 'It lies right.' : 'It has slipped.' }}</b>
                        </p>
                        <ReadTape :read="own" />
                        <p>{{ own.avoid }}</p>
                        <p class="hint">Thick and yellow: your tape. Green: where it belongs.</p>
                        <div class="inline">
                            <Button type="button" label="Once more" outlined @click="begin(exercise)" />
                            <Button
                                v-if="due.length > 0"
                                type="button"
                                label="The next one"
                                @click="begin(due[0]!)"
                            />
                            <Button type="button" label="All exercises" text @click="exercise = null" />
                        </div>
                    </template>
                    <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
                        {{ refused.message }}
                    </p>
                    <p v-else-if="refused?.at('placing')" class="fault" role="alert">
                        {{ refused.at('placing') }}
                    </p>
                </div>
            </div>
        </template>
    </div>
    <PageFault v-else-if="refused" :refused="refused" />
</template>

<style scoped>
.practice-page {
    display: grid;
    gap: 12px;
    max-width: 1240px;
    margin: 14px auto 40px;
    padding: 0 20px;
}
.lead {
    max-width: 70ch;
    margin: 0;
}
.exercises {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(280px, 100%), 1fr));
    gap: 10px;
}
.exercises button {
    display: grid;
    gap: 2px;
    width: 100%;
    min-height: 64px;
    padding: 10px 14px;
    border: 1.5px solid var(--rule);
    border-radius: 3px;
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    text-align: left;
    cursor: pointer;
}
.exercises span {
    color: var(--quiet);
    font-size: 14px;
}
.room {
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    gap: 24px;
    align-items: start;
}
.words p {
    margin: 0 0 10px;
}
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
.verdict {
    font-size: 20px;
}
@media (max-width: 820px) {
    .room {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
