<script setup lang="ts">
import Button from 'primevue/button';
import Checkbox from 'primevue/checkbox';
import Textarea from 'primevue/textarea';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import type { History, Point } from '../api/types';
import CardFiles from './CardFiles.vue';
import { measuringGuide } from '../measure/guide';
import WardrobePart from './WardrobePart.vue';
import WearerCards from './WearerCards.vue';
import WearerStand from './WearerStand.vue';
import HistoryTable from './HistoryTable.vue';
import { age, cardWords, day } from '../measure/age';
import { useSession } from '../state/session';
import ChoiceField from '../ui/ChoiceField.vue';
import ClashList from '../ui/ClashList.vue';
import Crumbs from '../ui/Crumbs.vue';
import PageFault from '../ui/PageFault.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import DoorRow from '../ui/DoorRow.vue';
import TextField from '../ui/TextField.vue';
import WordChoice from '../ui/WordChoice.vue';
import { useWearer } from './useWearer';

const props = defineProps<{ id: number }>();
const router = useRouter();
const session = useSession();
const {
    page,
    typed,
    refused,
    clashes,
    settle,
    load,
    putAway,
    remove,
    measureAgain,
    history: past,
} = useWearer(props.id);
const units = [
    { value: 'own', label: 'as figures are shown' },
    { value: 'cm', label: 'centimetres' },
    { value: 'in', label: 'inches' },
] as const;
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

onMounted(load);
const guide = shallowRef<readonly Point[]>([]);
const history = shallowRef<History | null>(null);
/** What stands below what was made comes with it: nothing moves under the hands. */
const isWhole = ref(false);
onMounted(async () => {
    guide.value = (await measuringGuide().catch(() => null))?.points ?? [];
    history.value = await past();
    isWhole.value = true;
});
const newest = computed(() => page.value?.cards[0] ?? null);

/** What is seldom touched. */
const open = ref<'settings' | 'files' | null>(null);
const doors = computed(() => [
    {
        name: 'settings' as const,
        words: 'Name and settings',
        state: typed.value?.sizes_hidden
            ? 'sizes not named'
            : typed.value?.agreed
              ? 'agreed'
              : 'figures, notes',
    },
    { name: 'files' as const, words: 'Cards as files', state: 'out and in' },
]);

async function measure(): Promise<void> {
    const card = await measureAgain();
    await router.push({ name: 'card', params: { id: card.id } });
}
</script>

<template>
    <div v-if="page && typed" class="wearer-page">
        <Crumbs
            ><span>{{ page.name }}</span></Crumbs
        >
        <p v-if="page.archived" class="notice away" role="status">
            Put away. Every card is kept.
            <button type="button" class="link" @click="putAway(false)">Undo</button>
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
                <Button :label="newest ? 'Measure again' : 'Measure'" @click="measure" />
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
            <p v-if="typed.notes" class="notes">{{ typed.notes }}</p>
        </section>
        <div v-if="isWhole" class="made">
            <section aria-labelledby="made-title">
                <h2 id="made-title">What was made, and how it wore</h2>
                <HistoryTable v-if="history && history.makes.length > 0" :history="history" />
                <p v-else class="hint">Nothing yet.</p>
            </section>
            <WardrobePart
                v-model="typed.wardrobe.garments"
                :eases="page.garments"
                :unit="page.unit ?? session.unit"
                :fault-at="(field) => refused?.at(field) ?? null"
            />
            <WearerCards :page="page" @changed="load" />
        </div>
        <DoorRow v-model="open" class="away" label="More of this wearer" :doors="doors" />
        <section v-if="open === 'settings'" class="away settings" aria-label="Name and settings">
            <TextField v-model="typed.name" label="Name" :fault="refused?.at('name')" />
            <div class="field">
                <label for="wearer-notes">Notes</label>
                <Textarea id="wearer-notes" v-model="typed.notes" rows="4" auto-resize />
            </div>
            <ChoiceField
                label="Figures are typed in"
                :options="units"
                :model-value="typed.unit ?? 'own'"
                @update:model-value="typed.unit = $event === 'own' ? null : $event"
            />
            <div class="consent">
                <Checkbox v-model="typed.agreed" input-id="wearer-agreed" binary />
                <label for="wearer-agreed">
                    Someone else: agreed to being measured, and to the figures being kept here
                    <small v-if="page.agreed_on">on {{ day(page.agreed_on) }}</small>
                </label>
            </div>
            <div class="consent">
                <Checkbox v-model="typed.sizes_hidden" input-id="wearer-sizes" binary />
                <label for="wearer-sizes">
                    Name no sizes
                    <small>on bench, paper and files: “the third line from the inside” instead</small>
                </label>
            </div>
            <p class="hint">
                Ask before you touch or measure anyone, and before you keep their figures. They are theirs.
            </p>
            <div class="inline acts">
                <Button v-if="!page.archived" label="Put away" text @click="putAway(true)" />
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
