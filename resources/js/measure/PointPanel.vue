<script setup lang="ts">
import Button from 'primevue/button';
import { computed, nextTick, ref } from 'vue';
import type { Card, EarlierCard, Point, Reading, TapeReading, Unit } from '../api/types';
import { cardWords } from '../pages/age';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import DressStand from './DressStand.vue';
import FindingList from './FindingList.vue';
import ReadingField from './ReadingField.vue';
import { dropUnsent, keepUnsent, unsentReadings } from './unsent';
import type { Kept } from './useCard';

const props = defineProps<{
    card: Card;
    earlier: EarlierCard[];
    point: Point;
    keep: (point: string, attempt: number, text: string, unit: Unit) => Promise<Kept>;
}>();
const emit = defineEmits<{ next: []; answer: [key: string, so: boolean]; takeOver: [card: number] }>();

/** More tries than anyone takes. */
const MOST_TRIES = 9;

const session = useSession();
const panel = ref<HTMLElement | null>(null);
/** What a bare figure means: the wearer's own unit, else the one figures are shown in. */
const unit = computed<Unit>(() => props.card.unit ?? session.unit);
const readings = computed(() => props.card.readings.filter(({ point }) => point === props.point.code));
const measure = computed(() => props.card.measures.find(({ point }) => point === props.point.code) ?? null);
const findings = computed(() => props.card.findings.filter(({ point }) => point === props.point.code));
const asked = ref(1);
const tries = computed(() => Math.max(asked.value, ...readings.value.map(({ attempt }) => attempt)));
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
/** How the measure is taken from several tries. */
const taken = computed(() => {
    if (props.point.code === 'waist') return 'smallest';
    return ['hip', 'thigh_level'].includes(props.point.code) ? 'largest' : 'middle';
});

const place = (attempt: number) => ({ card: props.card.id, point: props.point.code, attempt });
const unsent = (attempt: number): string | null =>
    unsentReadings().find(
        (r) => r.card === props.card.id && r.point === props.point.code && r.attempt === attempt,
    )?.text ?? null;

async function keepTry(attempt: number, text: string): Promise<Kept> {
    const outcome = await props.keep(props.point.code, attempt, text, unit.value);
    if (outcome.kind === 'unsent') keepUnsent({ ...place(attempt), text, unit: unit.value });
    else dropUnsent(place(attempt));
    return outcome;
}

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
            <p class="where">{{ point.where }}</p>
            <p class="mistake">{{ point.mistake }}</p>
            <div class="tries">
                <ReadingField
                    v-for="attempt in tries"
                    :key="`${point.code}${attempt}`"
                    :label="label(attempt)"
                    :reading="readingAt(attempt)"
                    :unsent="unsent(attempt)"
                    :unit="unit"
                    :keep="(text) => keepTry(attempt, text)"
                    @next="emit('next')"
                />
                <div class="means">
                    <Measure v-if="measure" :nm="measure.length_nm" :places="2" />
                    <small v-if="measure && tries > 1"
                        >{{ taken }} of {{ readings.length }},
                        <Measure :nm="measure.spread_nm" /> apart</small
                    >
                    <small v-if="change !== undefined">
                        <Measure :nm="change" signed /> since {{ card.changes?.since }}
                    </small>
                </div>
            </div>
            <Button
                v-if="readings.length > 0 && tries < MOST_TRIES"
                text
                size="small"
                label="Take it once more"
                @click="onceMore"
            />
            <p v-if="readings.length === 0 && offered.length > 0" class="take-over">
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
            <p v-if="said" class="fault" role="alert">{{ said }}</p>
            <FindingList :findings="findings" @answer="(key, so) => emit('answer', key, so)" />
            <div class="help">
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
