<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import type { Fitting, FittingFinding } from '../api/types';
import GarmentSpots from './GarmentSpots.vue';
import type { Spot } from './spots';
import { useSession } from '../state/session';
import TextField from '../ui/TextField.vue';
import { saidIn } from '../ui/typedUnit';
import WordChoice from '../ui/WordChoice.vue';

/** One thing that was found, and what is done about it. */
const props = defineProps<{
    page: Fitting;
    tracing: number;
    faultAt: (key: 'amount' | 'note') => string | null;
}>();
const emit = defineEmits<{ record: [finding: Omit<FittingFinding, 'tracing'>] }>();

const session = useSession();

type Place = FittingFinding['place'];
type Deed = FittingFinding['what'];
type Where = NonNullable<FittingFinding['where']>;

const place = ref<Place>('waist');
const what = ref<Deed>('take');
const where = ref<Where>('both');
const amount = ref('');
const note = ref('');
const pieces = ref<string[]>([]);

const named = (words: { key: string; words: string }[]) =>
    words.map((one) => ({ value: one.key, label: one.words }));
const places = computed(() => named(props.page.places) as { value: Place; label: string }[]);
const deeds = computed(() => named(props.page.deeds) as { value: Deed; label: string }[]);
const sides: { value: Where; label: string }[] = [
    { value: 'both', label: 'front and back' },
    { value: 'front', label: 'in front' },
    { value: 'back', label: 'at the back' },
];
const proposed = computed(
    () =>
        props.page.pieces.find((one) => one.place === place.value && one.where === where.value)?.pieces ?? [],
);
watch(proposed, (now) => (pieces.value = [...now]), { immediate: true });

/** Where the same spot is pressed on the other side too, it is front and back. */
function press(spot: Spot): void {
    const isOther = place.value === spot.place && where.value !== spot.where;
    where.value = isOther ? 'both' : spot.where;
    if (place.value !== spot.place) what.value = spot.usual;
    place.value = spot.place;
}
const others = computed(() => props.page.all_pieces.filter((piece) => !proposed.value.includes(piece)));

/** Filled in from elsewhere: an answer, a line of one's own, an earlier make. */
function fill(from: { place: string; what: string; amount?: string; where?: string; note?: string }): void {
    place.value = from.place as Place;
    what.value = from.what as Deed;
    if (from.where !== undefined) where.value = from.where as Where;
    if (from.amount !== undefined) amount.value = from.amount;
    if (from.note !== undefined) note.value = from.note;
    document.querySelector<HTMLInputElement>('.finding-form input')?.focus();
}

function record(): void {
    emit('record', {
        place: place.value,
        what: what.value,
        amount: saidIn(amount.value.trim(), props.page.unit, session.unit),
        where: where.value,
        pieces: pieces.value,
        note: note.value.trim(),
        done: [],
    });
}

function clear(): void {
    amount.value = '';
    note.value = '';
}

defineExpose({ fill, clear });
</script>

<template>
    <form class="finding-form" novalidate @submit.prevent="record">
        <GarmentSpots :place="place" :where="where" @pick="press" />
        <p class="sentence">
            <WordChoice v-model="place" label="At the" :options="places" />
            <WordChoice v-model="what" label="what to do" quiet :options="deeds" />
            <WordChoice v-model="where" label="where" quiet :options="sides" />
        </p>
        <div class="inline">
            <TextField
                v-model="amount"
                class="narrow"
                :label="`How much, ${session.unit}`"
                :fault="faultAt('amount')"
                :hint="['add', 'take', 'narrower', 'wider'].includes(what) ? 'at each edge' : ''"
            />
            <TextField
                v-model="note"
                class="wider"
                label="What you saw, one sentence"
                :fault="faultAt('note')"
            />
        </div>
        <fieldset v-if="proposed.length > 0" class="chips">
            <legend>Done on</legend>
            <label v-for="piece in proposed" :key="piece">
                <input v-model="pieces" type="checkbox" :value="piece" />{{ piece }}
            </label>
        </fieldset>
        <details v-if="others.length > 0" class="chips">
            <summary>another piece</summary>
            <label v-for="piece in others" :key="piece">
                <input v-model="pieces" type="checkbox" :value="piece" />{{ piece }}
            </label>
        </details>
        <Button type="submit" size="small" :label="`Into tracing ${tracing}`" />
    </form>
</template>

<style scoped>
.finding-form {
    display: grid;
    gap: 12px;
    justify-items: start;
}
.sentence {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    margin: 0;
}
</style>
