<script setup lang="ts">
import { computed, nextTick, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { api, body } from '../api/client';
import type { Exercise, MeasuringGuide } from '../api/types';
import { measuringGuide } from '../measure/guide';
import PageFault from '../ui/PageFault.vue';
import ExerciseList from './ExerciseList.vue';
import GoOn from './GoOn.vue';
import HandsPart from './HandsPart.vue';
import LayingRoom from './LayingRoom.vue';
import QuestionRoom from './QuestionRoom.vue';
import { usePractice } from './usePractice';
import { handServer, useRepeat } from './useRepeat';
import './practice.css';

/** Which exercise is open, whose hand is practised at which point, and the card that one came from: all in the address. */
const props = defineProps<{ exercise: string; by: string; at: string; card: number | undefined }>();
const router = useRouter();
const { practice, due, refused, load } = usePractice(() => api.GET('/api/practice').then(body));
const repeat = useRepeat(handServer);
const points = shallowRef<MeasuringGuide['points']>([]);
const patterns = shallowRef<{ value: number; label: string }[]>([]);
onMounted(async () => {
    await Promise.all([load(), repeat.load()]);
    points.value = await measuringGuide().then(
        (guide) => guide.points,
        () => [],
    );
    const room = await api
        .GET('/api/workroom')
        .then(body)
        .catch(() => null);
    patterns.value = (room?.patterns ?? []).map(({ id, name }) => ({ value: id, label: name }));
    if (props.at !== '') document.querySelector('.hands')?.scrollIntoView();
});

const open = computed(() => practice.value?.exercises.find(({ code }) => code === props.exercise) ?? null);
const which = computed(
    () => (practice.value?.exercises.findIndex(({ code }) => code === props.exercise) ?? 0) + 1,
);
/** The same exercise begun again is another room. */
const round = ref(0);
async function go(exercise: Exercise | null): Promise<void> {
    const { card } = props;
    round.value++;
    await router.push({
        name: 'practice',
        query: { ...(exercise && { exercise: exercise.code }), ...(card && { card }) },
    });
    await nextTick();
    document.querySelector<HTMLElement>('h1')?.focus();
}
const next = computed(() => due.value.find(({ code }) => code !== props.exercise) ?? null);
</script>

<template>
    <div v-if="practice" class="practice-page">
        <p v-if="card !== undefined" class="back">
            <RouterLink :to="{ name: 'card', params: { id: card } }">Back to the card</RouterLink>
        </p>
        <template v-if="open === null">
            <h1 tabindex="-1">What a slipped tape does</h1>
            <p class="lead">
                A body stands here from the front and from the side. You lay the tape and see what it reads,
                what each slip adds, and which size it would have cut. Two minutes each.
            </p>
            <ExerciseList :exercises="practice.exercises" @begin="go" />
            <HandsPart :repeat="repeat" :points="points" :by="by" :at="at" />
            <div class="helps">
                <section>
                    <h2>Measuring alone</h2>
                    <ul>
                        <li v-for="one in practice.alone" :key="one">{{ one }}</li>
                    </ul>
                </section>
                <section>
                    <h2>Measuring someone else</h2>
                    <ul>
                        <li v-for="one in practice.someone_else" :key="one">{{ one }}</li>
                    </ul>
                </section>
            </div>
        </template>
        <template v-else>
            <h1 tabindex="-1">
                {{ open.title }} <small>{{ which }} of {{ practice.exercises.length }}</small>
            </h1>
            <LayingRoom
                v-if="open.laying"
                :key="`${open.code} ${round}`"
                :exercise="open"
                :figures="practice.figures"
                :patterns="patterns"
                @told="load"
            >
                <GoOn :next="next" @go="go" />
            </LayingRoom>
            <QuestionRoom
                v-else
                :key="`${open.code} ${round} asked`"
                :exercise="open"
                :figures="practice.figures"
                @told="load"
            >
                <GoOn :next="next" @go="go" />
            </QuestionRoom>
        </template>
    </div>
    <PageFault v-else-if="refused" :refused="refused" />
</template>

<style scoped>
.practice-page {
    display: grid;
    gap: 16px;
    max-width: 1240px;
    margin: 14px auto 40px;
    padding: 0 20px;
}
.back {
    margin: 0;
}
h1 small {
    color: var(--quiet);
    font-size: 16px;
    font-weight: 400;
}
.helps {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr));
    gap: 24px;
}
.helps ul {
    display: grid;
    gap: 4px;
    padding-left: 18px;
    list-style: disc;
}
</style>
