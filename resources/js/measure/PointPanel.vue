<script setup lang="ts">
import Button from 'primevue/button';
import { computed, nextTick, ref } from 'vue';
import type { Card, EarlierCard, Hand, Point, Reading, TapeReading, Unit } from '../api/types';
import { cardWords } from './age';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import DressStand from './DressStand.vue';
import WarningList from './WarningList.vue';
import ReadingField from './ReadingField.vue';
import { countsWords } from './counts';
import type { Kept } from './useCard';
import type { Pending } from './usePending';

const props = defineProps<{
    card: Card;
    earlier: EarlierCard[];
    /** Whoever measures, where their hand is known. */
    hand: Hand | null;
    point: Point;
    pending: readonly Pending[];
    keep: (point: string, attempt: number, text: string, unit: Unit) => Promise<Kept>;
}>();
const emit = defineEmits<{
    next: [];
    answer: [key: string, so: boolean];
    takeOver: [card: number];
    takeTheirs: [attempt: number];
    pick: [attempt: number];
    board: [round: boolean];
}>();

/** The other word that people have for it; elsewhere one is enough. */
const OTHER_WORDS: Record<string, string> = { high_bust: 'upper bust', underarm_to_waist: 'side waist' };
const alsoCalled = computed(() => OTHER_WORDS[props.point.code] ?? null);

/** More tries than anyone takes. */
const MOST_TRIES = 9;

const session = useSession();
const panel = ref<HTMLElement | null>(null);
/** What a bare figure means: the wearer's own unit, else the one figures are shown in. */
const unit = computed<Unit>(() => props.card.unit ?? session.unit);
const readings = computed(() => props.card.readings.filter(({ point }) => point === props.point.code));
/** Typed at this point, and not on the card. */
const here = computed(() => props.pending.filter(({ point }) => point === props.point.code));
const pendingAt = (attempt: number): Pending | null =>
    here.value.find((one) => one.attempt === attempt) ?? null;
/** What the card says of the point is told once all that was typed there is on it. */
const isOnTheWay = computed(() => here.value.some(({ outcome }) => outcome === null));
const measure = computed(() => props.card.measures.find(({ point }) => point === props.point.code) ?? null);
const scatter = computed(() => props.hand?.points.find(({ point }) => point === props.point.code) ?? null);
const findings = computed(() => props.card.findings.filter(({ point }) => point === props.point.code));
const asked = ref(1);
const tries = computed(() =>
    Math.max(asked.value, ...[...readings.value, ...here.value].map(({ attempt }) => attempt)),
);
const readingAt = (attempt: number): Reading | null =>
    readings.value.find((r) => r.attempt === attempt) ?? null;
const words = ['', ', second reading', ', third reading'];
const label = (attempt: number): string =>
    `${props.point.name}${words[attempt - 1] ?? `, reading ${attempt}`}`;

const offered = computed(() =>
    props.earlier.flatMap((card) => {
        const found = card.measures.find(({ point }) => point === props.point.code);
        return found ? [{ card, nm: found.length_nm }] : [];
    }),
);
const change = computed(() => props.card.changes?.change_nm[props.point.code]);
const MOST_OFFERED = 3;

const keepTry = (attempt: number, text: string): Promise<Kept> =>
    props.keep(props.point.code, attempt, text, unit.value);

const said = ref<string | null>(null);

/** What a talking tape sends goes to the first try that is still open. */
async function hear({ text, unit: spoken }: TapeReading): Promise<void> {
    const attempt = readingAt(tries.value) === null ? tries.value : Math.min(MOST_TRIES, tries.value + 1);
    asked.value = attempt;
    const outcome = await keepTry(attempt, spoken === unit.value ? text : `${text} ${spoken}`);
    const refused = outcome.kind === 'refused' || outcome.kind === 'unsent';
    said.value = refused ? `The tape said “${text}”. ${outcome.sentence}` : null;
}
defineExpose({ hear });

async function onceMore(): Promise<void> {
    asked.value = Math.min(MOST_TRIES, tries.value + 1);
    await nextTick();
    panel.value
        ?.querySelectorAll<HTMLInputElement>('input')
        .item(tries.value - 1)
        .focus();
}
</script>

<template>
    <section ref="panel" class="point-panel" :aria-label="point.name">
        <div class="taking">
            <h2>{{ point.name }}</h2>
            <p class="where">
                {{ point.where }} <template v-if="alsoCalled">Also called {{ alsoCalled }}.</template>
            </p>
            <p class="mistake">{{ point.mistake }}</p>
            <div class="tries">
                <div v-for="attempt in tries" :key="`${point.code}${attempt}`" class="try">
                    <ReadingField
                        :label="label(attempt)"
                        :reading="readingAt(attempt)"
                        :pending="pendingAt(attempt)"
                        :unit="unit"
                        @keep="keepTry(attempt, $event)"
                        @take-theirs="emit('takeTheirs', attempt)"
                        @next="emit('next')"
                    />
                    <template v-if="readings.length > 1 && !pendingAt(attempt)">
                        <span v-if="readingAt(attempt)?.picked" class="picked">this one counts</span>
                        <button
                            v-else-if="readingAt(attempt)"
                            type="button"
                            class="link"
                            :aria-label="`use reading ${attempt}`"
                            @click="emit('pick', attempt)"
                        >
                            use this one
                        </button>
                    </template>
                </div>
                <div class="means">
                    <small v-if="isOnTheWay">…</small>
                    <template v-else-if="measure">
                        <Measure :nm="measure.length_nm" />
                        <small
                            >{{ countsWords(measure)
                            }}<template v-if="measure.of > 1"
                                >, <Measure :nm="measure.spread_nm" /> apart</template
                            ></small
                        >
                    </template>
                    <small v-if="change !== undefined && !isOnTheWay">
                        <Measure :nm="change" signed /> since {{ card.changes?.since }}
                    </small>
                </div>
            </div>
            <Button
                v-if="readings.length + here.length > 0 && tries < MOST_TRIES"
                text
                size="small"
                label="Take it once more"
                @click="onceMore"
            />
            <p v-if="readings.length + here.length === 0 && offered.length > 0" class="take-over">
                <button
                    v-for="one in offered.slice(0, MOST_OFFERED)"
                    :key="one.card.id"
                    type="button"
                    class="link"
                    @click="emit('takeOver', one.card.id)"
                >
                    take over <Measure :nm="one.nm" /> of {{ cardWords(one.card) }}
                </button>
            </p>
            <label v-if="point.code === 'hip'" class="board">
                <input
                    type="checkbox"
                    :checked="card.round_a_board"
                    @change="emit('board', ($event.target as HTMLInputElement).checked)"
                />
                round a board held upright against the tummy
            </label>
            <p v-if="said" class="fault" role="alert">{{ said }}</p>
            <WarningList
                v-if="!isOnTheWay"
                :findings="findings"
                :card="card.id"
                @answer="(key, so) => emit('answer', key, so)"
            />
            <div class="help">
                <p v-if="card.measured_by" class="hand">
                    <template v-if="scatter"
                        >{{ card.measured_by }} reads it within <Measure :nm="scatter.spread_nm" />.</template
                    >
                    <RouterLink
                        v-else
                        :to="{
                            name: 'practice',
                            query: { by: card.measured_by, at: point.code, card: card.id },
                        }"
                        >How steady is {{ card.measured_by }}’s hand here? Five readings say</RouterLink
                    >
                </p>
                <RouterLink
                    v-if="point.practice"
                    :to="{ name: 'practice', query: { exercise: point.practice, card: card.id } }"
                    >Practise it on a stand</RouterLink
                >
                <details>
                    <summary>What helps</summary>
                    <p>{{ point.trick }}</p>
                </details>
                <details>
                    <summary>Another way</summary>
                    <p>{{ point.other_way }}</p>
                </details>
            </div>
        </div>
        <DressStand :point="point" />
    </section>
</template>

<style scoped>
.point-panel {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 280px;
    gap: 28px;
    padding: 18px 22px;
    min-height: 520px;
    background: var(--paper);
    border: 1.5px solid var(--ink);
    border-radius: 4px;
}
.taking {
    display: grid;
    gap: 12px;
    align-content: start;
    justify-items: start;
}
.taking h2 {
    font-size: 34px;
    letter-spacing: -0.02em;
}
.taking .where {
    font-size: 17px;
}
.taking .mistake {
    font-size: 17px;
    font-weight: 650;
}
.tries {
    display: flex;
    flex-wrap: wrap;
    gap: 14px;
    align-items: start;
}
.try {
    display: grid;
    gap: 4px;
    justify-items: start;
}
.try:not(:first-child) :deep(input) {
    width: 150px;
    font-size: 32px;
}
.picked {
    font-size: 13.5px;
    font-weight: 600;
    color: var(--body);
}
.means {
    display: grid;
    align-content: center;
    padding-top: 30px;
    color: var(--body);
    font-size: 24px;
    font-weight: 650;
}
.help {
    display: grid;
    gap: 8px;
    font-size: 15px;
}
.help p {
    margin: 0;
}
.help a {
    justify-self: start;
    padding: 4px 0;
}
.help summary {
    cursor: pointer;
    font-weight: 600;
}
.helper .help {
    display: none;
}
.helper .point-panel {
    grid-template-columns: minmax(0, 1fr);
}
.helper .taking h2 {
    font-size: 84px;
    line-height: 1;
}
.helper .taking .where,
.helper .taking .mistake {
    font-size: 28px;
}
.helper .means {
    font-size: 72px;
}
@media (max-width: 1100px) {
    .point-panel {
        grid-template-columns: minmax(0, 1fr);
    }
}
@media screen and (max-width: 700px) {
    .point-panel {
        min-height: 0;
        padding: 14px;
    }
    .taking h2 {
        font-size: 28px;
    }
}
</style>
