<script setup lang="ts">
import Button from 'primevue/button';
import { computed, nextTick, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body } from '../api/client';
import type { EarlierCard, Hand, MeasuringGuide } from '../api/types';
import { measuringGuide } from './guide';
import CardHead from './CardHead.vue';
import WarningList from './WarningList.vue';
import PointList from './PointList.vue';
import PointPanel from './PointPanel.vue';
import TalkingTape from './TalkingTape.vue';
import { cardServer, useCard } from './useCard';
import { usePending } from './usePending';
import { useSession } from '../state/session';
import Crumbs from '../ui/Crumbs.vue';
import PageFault from '../ui/PageFault.vue';
import { useShortcuts } from '../ui/shortcuts';

const props = defineProps<{ id: number; make?: number | undefined }>();
const session = useSession();
const router = useRouter();
const { card, refused, load, keep, pick, changeHead, answer, takeOver } = useCard(cardServer(props.id));
const current = ref('');
const panel = useTemplateRef<InstanceType<typeof PointPanel>>('panel');
const helper = ref(false);

const guide = shallowRef<MeasuringGuide>({ points: [], sets: [] });
/** The wearer's cards before this one, whose figures can be taken over. */
const earlier = shallowRef<EarlierCard[]>([]);
const set = computed(() => guide.value.sets.find(({ name }) => name === card.value?.point_set));
/** The points that the make one came from can use: they come first, and are marked. */
const needed = ref<string[]>([]);
/** With so many measured a blend can be planned. */
const enough = computed(() => guide.value.sets.find(({ name }) => name === 'three')?.points ?? []);
const isMeasured = (code: string): boolean =>
    card.value?.measures.some(({ point: measured }) => measured === code) ?? false;
const marked = computed((): { points: string[]; words: string } =>
    needed.value.length > 0
        ? { points: needed.value, words: 'for this make' }
        : { points: enough.value.filter((code) => !isMeasured(code)), words: 'enough to begin' },
);
const points = computed(() => {
    const all = guide.value.points;
    const first = all.filter(({ code }) => needed.value.includes(code));
    const rest = all.filter(
        ({ code }) => !needed.value.includes(code) && set.value?.points.includes(code) === true,
    );
    return [...first, ...rest];
});
const point = computed(() => points.value.find(({ code }) => code === current.value) ?? points.value[0]);
const aboutCard = computed(() => card.value?.findings.filter((finding) => finding.point === null) ?? []);

async function go(code: string): Promise<void> {
    current.value = code;
    await nextTick();
    document.querySelector<HTMLInputElement>('.point-panel input')?.focus();
}

const { pending, type, forget, sendAgain } = usePending(props.id, keep);

/** What the make can use and isn't measured yet, nor on its way. */
const lacking = computed(() =>
    points.value.filter(
        ({ code }) =>
            needed.value.includes(code) &&
            !isMeasured(code) &&
            !pending.value.some((one) => one.point === code && one.outcome === null),
    ),
);
/** Whether something was lacking when the card was opened: only then is typing the last of it the end of it. */
let cameLacking = false;
/** All is typed that the make can use: the bench comes by itself, once it is kept. */
const isDone = ref(false);
watch([isDone, pending, lacking], () => {
    if (isDone.value && pending.value.length === 0 && lacking.value.length === 0)
        void router.push({ name: 'bench', params: { id: props.make } });
});

function next(): void {
    isDone.value = cameLacking && lacking.value.length === 0;
    if (isDone.value) return;
    const at = points.value.findIndex(({ code }) => code === point.value?.code);
    const following = points.value[at + 1];
    if (following) void go(following.code);
    else document.querySelector<HTMLElement>('.after button')?.focus();
}

/** What was not taken at another point than the one that is open: the hands have gone on since. */
const leftBehind = computed(() =>
    pending.value.flatMap((one) => {
        const name = points.value.find(({ code }) => code === one.point)?.name;
        return one.outcome === null || one.point === point.value?.code || name === undefined
            ? []
            : [{ ...one, outcome: one.outcome, name }];
    }),
);

async function loadNeeded(): Promise<void> {
    if (props.make === undefined) return;
    const params = { path: { make: props.make } };
    const make = await api
        .GET('/api/makes/{make}', { params })
        .then(body)
        .catch(() => null);
    needed.value = make?.needed_points ?? [];
}

/** Who measures, and how steadily; without them the card can be filled in all the same. */
const hands = shallowRef<Hand[]>([]);
async function loadHands(): Promise<void> {
    hands.value = await api
        .GET('/api/hands')
        .then(body)
        .catch(() => []);
}

/** Likewise. */
async function loadEarlier(): Promise<void> {
    earlier.value = await api
        .GET('/api/cards/{card}/earlier', { params: { path: { card: props.id } } })
        .then(body)
        .catch(() => []);
}
// The day decides which cards were before this one.
watch(() => card.value?.taken_on, loadEarlier);

async function loadGuide(): Promise<void> {
    try {
        guide.value = await measuringGuide();
    } catch (error) {
        refused.value = asRefused(error);
    }
}

onMounted(async () => {
    void loadHands();
    await Promise.all([load(), loadGuide(), loadNeeded()]);
    await sendAgain();
    cameLacking = lacking.value.length > 0;
    const open = points.value.find(
        ({ code }) => !card.value?.measures.some((measure) => measure.point === code),
    );
    // Hands that were quicker have chosen a point already.
    if (card.value && current.value === '') await go((open ?? points.value[0])?.code ?? '');
});
// The sentences of the findings speak in the unit in use.
watch(
    () => session.unit,
    () => session.settled().then(load),
);

useShortcuts([
    {
        key: 'Alt+h',
        shown: 'Alt H',
        whileTyping: true,
        does: 'helper mode: large, for reading across the room',
        run: () => (helper.value = !helper.value),
    },
]);
</script>

<template>
    <div v-if="card && point" class="card-page" :class="{ helper }">
        <Crumbs>{{ card.wearer }} · measure card</Crumbs>
        <CardHead
            v-model:helper="helper"
            :card="card"
            :guide="guide"
            :hands="hands.map(({ name }) => name)"
            :refused="refused"
            @change="changeHead"
        />
        <WarningList :findings="aboutCard" :card="id" @answer="answer" />
        <p v-for="one in leftBehind" :key="`${one.point} ${one.attempt}`" class="fault" role="alert">
            {{
                one.outcome.kind === 'conflict'
                    ? `${one.name}, “${one.text}”: it was typed over elsewhere.`
                    : `${one.name}: ${one.outcome.sentence}`
            }}
            <button type="button" class="link" @click="go(one.point)">To it</button>
        </p>
        <div class="card-body">
            <PointList
                :card="card"
                :points="points"
                :marked="marked"
                :current="point.code"
                :pending="pending"
                @go="go"
            />
            <PointPanel
                ref="panel"
                :key="point.code"
                :card="card"
                :earlier="earlier"
                :hand="hands.find(({ name }) => name === card!.measured_by) ?? null"
                :point="point"
                :pending="pending"
                :keep="type"
                @next="next"
                @pick="(attempt) => pick(point!.code, attempt)"
                @take-theirs="(attempt) => forget(point!.code, attempt)"
                @answer="answer"
                @board="changeHead({ round_a_board: $event })"
                @take-over="(other) => takeOver(point!.code, other)"
            />
            <Button class="onwards" label="Next point" @click="next" />
        </div>
        <TalkingTape :hear="async (reading) => panel?.hear(reading)" />
        <p class="after">
            <Button
                v-if="make !== undefined"
                label="To the bench"
                @click="router.push({ name: 'bench', params: { id: make } })"
            />
            <Button v-else label="Back to the workroom" @click="router.push({ name: 'workroom' })" />
            <b v-if="make !== undefined && lacking.length > 0" class="lacking">
                Still for this make: {{ lacking.map(({ name }) => name).join(', ') }}.
            </b>
            <span class="hint">
                Every figure is kept as soon as it is typed. Enter goes on; leave out what you don’t know.
                95.5, 95,5, 37 3/4, 37¾ and 37" are all read.
            </span>
        </p>
    </div>
    <PageFault v-else-if="refused" :refused="refused" />
</template>

<style scoped>
.card-page {
    display: grid;
    gap: 16px;
    max-width: 1240px;
    margin: 18px auto 40px;
    padding: 0 20px;
}
.card-body {
    display: grid;
    grid-template-columns: 290px minmax(0, 1fr);
    gap: 28px;
    align-items: start;
}
.helper .after .hint {
    display: none;
}
.helper .card-body {
    grid-template-columns: minmax(0, 1fr);
}
@media (max-width: 1100px) {
    .card-body {
        grid-template-columns: 220px minmax(0, 1fr);
        gap: 16px;
    }
}
.onwards {
    display: none;
}
/* On a phone it is one point a screen; the list of all points follows below. */
@media screen and (max-width: 700px) {
    .card-body {
        grid-template-columns: minmax(0, 1fr);
    }
    .card-body > :deep(.point-list) {
        order: 3;
    }
    .onwards {
        display: inline-flex;
        order: 2;
        min-height: 48px;
    }
}
@media print {
    .card-body {
        display: block;
    }
    .card-body > :deep(:not(.point-list)),
    .card-page :deep(.print),
    .card-page :deep(.talking-tape) {
        display: none;
    }
}
</style>
