<script setup lang="ts">
import { watchDebounced } from '@vueuse/core';
import Button from 'primevue/button';
import Checkbox from 'primevue/checkbox';
import Textarea from 'primevue/textarea';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { BinEntry, History, OwnGarment, Point, Unit, WearerPage } from '../api/types';
import CardFiles from './CardFiles.vue';
import { measuringGuide } from '../measure/guide';
import WardrobePart from './WardrobePart.vue';
import WearerCards from './WearerCards.vue';
import WearerStand from './WearerStand.vue';
import HistoryTable from './HistoryTable.vue';
import { useJoining } from '../state/joining';
import { age, cardWords, day } from '../measure/age';
import { inTurn } from '../state/queue';
import { useSession } from '../state/session';
import ChoiceField from '../ui/ChoiceField.vue';
import ClashList from '../ui/ClashList.vue';
import Crumbs from '../ui/Crumbs.vue';
import PageFault from '../ui/PageFault.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import DoorRow from '../ui/DoorRow.vue';
import TextField from '../ui/TextField.vue';
import WordChoice from '../ui/WordChoice.vue';

const props = defineProps<{ id: number }>();
const router = useRouter();
const session = useSession();
const params = { path: { wearer: props.id } };
const page = shallowRef<WearerPage | null>(null);
const name = ref('');
const notes = ref('');
const agreed = ref(false);
const sizesHidden = ref(false);
const garments = ref<OwnGarment[]>([]);
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

type Typed = Pick<WearerPage, 'name' | 'notes' | 'unit' | 'sizes_hidden' | 'archived' | 'wardrobe'> & {
    agreed: boolean;
};

const typedOf = (wearer: WearerPage): Typed => ({
    name: wearer.name,
    notes: wearer.notes,
    unit: wearer.unit,
    agreed: wearer.agreed_on !== null,
    sizes_hidden: wearer.sizes_hidden,
    archived: wearer.archived,
    wardrobe: { garments: wearer.wardrobe.garments ?? [] },
});

function show(typed: Typed): void {
    name.value = typed.name;
    notes.value = typed.notes;
    agreed.value = typed.agreed;
    sizesHidden.value = typed.sizes_hidden;
    unit.value = typed.unit ?? 'own';
    garments.value = typed.wardrobe.garments ?? [];
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
const guide = shallowRef<readonly Point[]>([]);
const history = shallowRef<History | null>(null);
/** What stands below what was made comes with it: nothing moves under the hands. */
const isWhole = ref(false);
onMounted(async () => {
    guide.value = (await measuringGuide().catch(() => null))?.points ?? [];
    history.value = await api
        .GET('/api/wearers/{wearer}/history', { params })
        .then(body)
        .catch(() => null);
    isWhole.value = true;
});
const newest = computed(() => page.value?.cards[0] ?? null);

/** What is seldom touched. */
const open = ref<'settings' | 'files' | null>(null);
const doors = computed(() => [
    {
        name: 'settings' as const,
        words: 'Name and settings',
        state: sizesHidden.value ? 'sizes not named' : agreed.value ? 'agreed' : 'figures, notes',
    },
    { name: 'files' as const, words: 'Cards as files', state: 'out and in' },
]);

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
    wardrobe: { garments: garments.value },
});

const isSame = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

async function keep(archived: boolean): Promise<void> {
    const before = page.value;
    if (before === null || clashes.value.length > 0) return;
    const typed = asTyped(archived);
    try {
        const kept = await api
            .PATCH('/api/wearers/{wearer}', { params, body: { ...typed, version: before.version } })
            .then(body);
        page.value = kept;
        refused.value = null;
        // Each length has its unit now; what was typed meanwhile stays.
        if (isSame(garments.value, typed.wardrobe.garments))
            garments.value = typedOf(kept).wardrobe.garments ?? [];
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
    [name, notes, agreed, sizesHidden, unit, garments],
    () => {
        const now = page.value;
        const same =
            now?.name === name.value &&
            now.notes === notes.value &&
            now.sizes_hidden === sizesHidden.value &&
            (now.agreed_on !== null) === agreed.value &&
            (now.unit ?? 'own') === unit.value &&
            isSame(typedOf(now).wardrobe.garments, garments.value);
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
        <header class="inline">
            <h1>{{ page.name }}</h1>
            <span v-if="newest" class="what"
                >card of {{ cardWords(newest) }}, {{ age(newest.age_days)
                }}<template v-if="newest.cup">, cup {{ newest.cup }} by the rule of thumb</template></span
            >
            <div class="inline acts">
                <Button :label="newest ? 'Measure again' : 'Measure'" @click="measureAgain" />
                <RouterLink :to="{ name: 'which-pattern', params: { id } }">Which pattern</RouterLink>
            </div>
        </header>
        <section class="body" aria-label="Figures">
            <WearerStand v-if="newest" :guide="guide" :card="newest" :histories="charts" />
            <p v-else class="hint">No card yet. Bust, waist and hip are enough to begin.</p>
            <WordChoice
                v-if="underneath.length > 1"
                label="compared on"
                :options="underneath"
                :model-value="foundation"
                @update:model-value="worn = $event"
            />
            <p v-if="notes" class="notes">{{ notes }}</p>
        </section>
        <div v-if="isWhole" class="made">
            <section aria-labelledby="made-title">
                <h2 id="made-title">What was made, and how it wore</h2>
                <HistoryTable v-if="history && history.makes.length > 0" :history="history" />
                <p v-else class="hint">Nothing yet.</p>
            </section>
            <WardrobePart
                v-model="garments"
                :eases="page.garments"
                :unit="page.unit ?? session.unit"
                :fault-at="(field) => refused?.at(field) ?? null"
            />
            <WearerCards :page="page" @changed="load" />
        </div>
        <DoorRow v-model="open" class="away" label="More of this wearer" :doors="doors" />
        <section v-if="open === 'settings'" class="away settings" aria-label="Name and settings">
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
                <Button v-if="!page.archived" label="Put away" text @click="save(true)" />
                <DeleteButton
                    :name="page.name"
                    :along="page.goes_along"
                    :remove="remove"
                    @deleted="router.push({ name: 'workroom' })"
                />
            </div>
        </section>
        <CardFiles v-else-if="open === 'files'" class="away" :wearer="page.id" @written="load" />
    </div>
    <PageFault v-else-if="refused" :refused="refused" />
</template>

<style scoped>
.wearer-page {
    display: grid;
    grid-template-columns: minmax(0, 9fr) minmax(0, 11fr);
    gap: 12px 36px;
    max-width: 1240px;
    margin: 14px auto 40px;
    padding: 0 20px;
}
.wearer-page header,
.wearer-page .away {
    grid-column: 1 / -1;
}
header {
    align-items: baseline;
}
header .acts {
    margin-left: auto;
    align-items: center;
}
header .what {
    color: var(--quiet);
}
.made {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 22px;
    align-content: start;
    min-width: 0;
}
.settings {
    display: grid;
    gap: 14px;
    justify-items: start;
    max-width: 460px;
}
.notes {
    white-space: pre-line;
}
.consent {
    display: flex;
    gap: 10px;
    align-items: start;
    line-height: 1.4;
}
@media (max-width: 1000px) {
    .wearer-page {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
