<script setup lang="ts">
import { watchDebounced } from '@vueuse/core';
import Button from 'primevue/button';
import Checkbox from 'primevue/checkbox';
import Textarea from 'primevue/textarea';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { BinEntry, Unit, WearerPage } from '../api/types';
import PointChart from './PointChart.vue';
import WearerCards from './WearerCards.vue';
import { useJoining } from '../state/joining';
import { day } from './age';
import { inTurn } from '../state/queue';
import ChoiceField from '../ui/ChoiceField.vue';
import ClashList from '../ui/ClashList.vue';
import Crumbs from '../ui/Crumbs.vue';
import PageFault from '../ui/PageFault.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import TextField from '../ui/TextField.vue';
import WordChoice from '../ui/WordChoice.vue';

const props = defineProps<{ id: number }>();
const router = useRouter();
const params = { path: { wearer: props.id } };
const page = shallowRef<WearerPage | null>(null);
const name = ref('');
const notes = ref('');
const agreed = ref(false);
const sizesHidden = ref(false);
const unit = ref<Unit | 'own'>('own');
const units = [
    { value: 'own', label: 'as figures are shown' },
    { value: 'cm', label: 'centimetres' },
    { value: 'in', label: 'inches' },
] as const;
const refused = ref<Refused | null>(null);
/** Cards are compared on one foundation at a time, the newest card's first. */
const worn = ref<string | null>(null);
const foundation = computed(() => worn.value ?? page.value?.cards[0]?.foundation ?? '');
const underneath = computed(() =>
    [...new Set(page.value?.cards.map((card) => card.foundation))].map((value) => ({
        value,
        label: value || 'nothing noted',
    })),
);
const charts = computed(
    () => page.value?.histories.filter((history) => history.foundation === foundation.value) ?? [],
);

type Typed = Pick<WearerPage, 'name' | 'notes' | 'unit' | 'sizes_hidden' | 'archived'> & { agreed: boolean };

const typedOf = (wearer: WearerPage): Typed => ({
    name: wearer.name,
    notes: wearer.notes,
    unit: wearer.unit,
    agreed: wearer.agreed_on !== null,
    sizes_hidden: wearer.sizes_hidden,
    archived: wearer.archived,
});

function show(typed: Typed): void {
    name.value = typed.name;
    notes.value = typed.notes;
    agreed.value = typed.agreed;
    sizesHidden.value = typed.sizes_hidden;
    unit.value = typed.unit ?? 'own';
}

async function load(): Promise<void> {
    try {
        const found = await api.GET('/api/wearers/{wearer}', { params }).then(body);
        show(typedOf(found));
        page.value = found;
    } catch (error) {
        refused.value = asRefused(error);
    }
}

onMounted(load);

const { clashes, join, settle: settled } = useJoining<Typed>();

// One after the other: a save that overtakes another would find the wearer changed by itself.
const queue = inTurn();
const save = (archived: boolean): Promise<void> => queue(() => keep(archived));
const settle = (which: 'here' | 'meanwhile'): Promise<void> => queue(() => settled(which));

const asTyped = (archived: boolean): Typed => ({
    name: name.value,
    notes: notes.value,
    unit: unit.value === 'own' ? null : unit.value,
    agreed: agreed.value,
    sizes_hidden: sizesHidden.value,
    archived,
});

async function keep(archived: boolean): Promise<void> {
    const before = page.value;
    if (before === null || clashes.value.length > 0) return;
    const typed = asTyped(archived);
    try {
        page.value = await api
            .PATCH('/api/wearers/{wearer}', { params, body: { ...typed, version: before.version } })
            .then(body);
        refused.value = null;
    } catch (error) {
        const refusal = asRefused(error);
        const meanwhile = (refusal.answer as { wearer?: WearerPage } | null)?.wearer;
        if (refusal.status === 409 && meanwhile !== undefined) {
            await join({
                before: typedOf(before),
                here: () => asTyped(archived),
                meanwhile: typedOf(meanwhile),
                take: async (both) => {
                    page.value = meanwhile;
                    show(both);
                    await keep(both.archived);
                },
            });
        } else refused.value = refusal;
    }
}

watchDebounced(
    [name, notes, agreed, sizesHidden, unit],
    () => {
        const now = page.value;
        const same =
            now?.name === name.value &&
            now.notes === notes.value &&
            now.sizes_hidden === sizesHidden.value &&
            (now.agreed_on !== null) === agreed.value &&
            (now.unit ?? 'own') === unit.value;
        if (now !== null && !same) void save(now.archived);
    },
    { debounce: 500 },
);

/** After what is typed is kept: deleting from an old view would be refused. */
async function remove(): Promise<BinEntry> {
    await queue(() => Promise.resolve());
    const version = page.value?.version ?? 0;
    return api.DELETE('/api/wearers/{wearer}', { params, body: { version } }).then(body);
}

async function measureAgain(): Promise<void> {
    const card = await api.POST('/api/wearers/{wearer}/cards', { params }).then(body);
    await router.push({ name: 'card', params: { id: card.id } });
}
</script>

<template>
    <div v-if="page" class="wearer-page">
        <h1 class="sr-only">{{ page.name }}</h1>
        <Crumbs
            ><span>{{ page.name }}</span></Crumbs
        >
        <p v-if="page.archived" class="notice away" role="status">
            Put away. Every card is kept.
            <button type="button" class="link" @click="save(false)">Undo</button>
        </p>
        <ClashList
            v-if="clashes.length > 0"
            class="away"
            :clashes="clashes"
            :place="({ path }) => String(path[0])"
            @settle="settle"
        />
        <section>
            <TextField v-model="name" label="Name" :fault="refused?.at('name')" />
            <div class="field">
                <label for="wearer-notes">Notes</label>
                <Textarea id="wearer-notes" v-model="notes" rows="4" auto-resize />
            </div>
            <ChoiceField
                label="Figures are typed in"
                :options="units"
                :model-value="unit"
                @update:model-value="unit = $event ?? 'own'"
            />
            <div class="consent">
                <Checkbox v-model="agreed" input-id="wearer-agreed" binary />
                <label for="wearer-agreed">
                    Someone else: agreed to being measured, and to the figures being kept here
                    <small v-if="page.agreed_on">on {{ day(page.agreed_on) }}</small>
                </label>
            </div>
            <div class="consent">
                <Checkbox v-model="sizesHidden" input-id="wearer-sizes" binary />
                <label for="wearer-sizes">
                    Name no sizes
                    <small>on bench, paper and files: “the third line from the inside” instead</small>
                </label>
            </div>
            <p class="hint">
                Ask before you touch or measure anyone, and before you keep their figures. They are theirs.
            </p>
            <div class="inline acts">
                <Button :label="page.cards.length > 0 ? 'Measure again' : 'Measure'" @click="measureAgain" />
                <RouterLink :to="{ name: 'which-pattern', params: { id } }">Which pattern</RouterLink>
                <RouterLink :to="{ name: 'history', params: { id } }">What was made</RouterLink>
                <Button v-if="!page.archived" label="Put away" text @click="save(true)" />
                <DeleteButton
                    :name="page.name"
                    :along="page.goes_along"
                    :remove="remove"
                    @deleted="router.push({ name: 'workroom' })"
                />
            </div>
        </section>
        <WearerCards :page="page" @changed="load" />
        <section
            v-if="charts.length > 0 || underneath.length > 1"
            class="charts"
            aria-labelledby="charts-title"
        >
            <h2 id="charts-title">From card to card</h2>
            <WordChoice
                v-if="underneath.length > 1"
                label="worn underneath"
                :options="underneath"
                :model-value="foundation"
                @update:model-value="worn = $event"
            />
            <PointChart v-for="history in charts" :key="history.point" :history="history" />
            <p v-if="charts.length === 0" class="hint">
                One card on this foundation: nothing to compare yet.
            </p>
        </section>
    </div>
    <PageFault v-else-if="refused" :refused="refused" />
</template>

<style scoped>
.wearer-page {
    display: grid;
    grid-template-columns: 380px minmax(0, 1fr);
    gap: 26px 48px;
    max-width: 1180px;
    margin: 24px auto 60px;
    padding: 0 24px;
}
.wearer-page > section {
    display: grid;
    gap: 14px;
    align-content: start;
}
.wearer-page .away,
.wearer-page .charts {
    grid-column: 1 / -1;
}
.wearer-page .charts {
    grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
}
.charts h2 {
    grid-column: 1 / -1;
}
.consent {
    display: flex;
    gap: 10px;
    align-items: start;
    line-height: 1.4;
}
@media (max-width: 1100px) {
    .wearer-page {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
