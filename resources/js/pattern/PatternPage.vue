<script setup lang="ts">
import Button from 'primevue/button';
import Tab from 'primevue/tab';
import TabList from 'primevue/tablist';
import TabPanel from 'primevue/tabpanel';
import TabPanels from 'primevue/tabpanels';
import Tabs from 'primevue/tabs';
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router';
import { useDebounceFn, useRefHistory } from '@vueuse/core';
import { api, asRefused, body, type Refused } from '../api/client';
import type { House, Pattern, PatternGuide, Unit } from '../api/types';
import { useSession } from '../state/session';
import { emptyDocument, opened, placeWords } from '../sheet/sheet';
import Crumbs from '../ui/Crumbs.vue';
import ChartsPart from './ChartsPart.vue';
import ClothPart from './ClothPart.vue';
import CupsPart from './CupsPart.vue';
import EnvelopesPart from './EnvelopesPart.vue';
import FinishedPart from './FinishedPart.vue';
import FlatPart from './FlatPart.vue';
import HousePart from './HousePart.vue';
import LevelsPart from './LevelsPart.vue';
import PatternHead from './PatternHead.vue';
import PiecesPart from './PiecesPart.vue';

const props = defineProps<{ id?: number }>();
const session = useSession();
const router = useRouter();

const route = useRoute();

const parts = [
    { value: 'charts', label: 'Charts' },
    { value: 'envelopes', label: 'Envelopes' },
    { value: 'cups', label: 'Cups' },
    { value: 'views', label: 'Views and fits' },
    { value: 'tissue', label: 'Tissue' },
    { value: 'levels', label: 'Levels and lengths' },
    { value: 'pieces', label: 'Pieces' },
    { value: 'cloth', label: 'Cloth and notions' },
    { value: 'house', label: 'House' },
];
const part = ref(parts.find(({ value }) => `#${value}` === route.hash)?.value ?? 'charts');
watch(part, (now) => void router.replace({ hash: `#${now}` }));
const guide = shallowRef<PatternGuide | null>(null);

const name = ref('');
const house = ref('');
const unit = ref<Unit>(session.unit);
// Plain objects, replaced whole at each change: the sheet copies them.
const document = shallowRef(emptyDocument());
const history = useRefHistory(document, { capacity: 200, flush: 'sync' });
const kept = shallowRef<Pattern | null>(null);
/** What was opened: nothing is saved before it changes. */
let untouched = document.value;
const loaded = ref(props.id === undefined);
const unsaved = ref(false);
const refused = ref<Refused | null>(null);

function show(pattern: Pattern): void {
    name.value = pattern.name;
    house.value = pattern.house;
    unit.value = pattern.unit;
    document.value = opened(pattern.document);
    untouched = document.value;
    kept.value = pattern;
    history.clear();
}

onMounted(async () => {
    try {
        guide.value = await api.GET('/api/pattern-guide').then(body);
        if (props.id === undefined) return;
        show(
            await api.GET('/api/patterns/{pattern}', { params: { path: { pattern: props.id } } }).then(body),
        );
        loaded.value = true;
    } catch (error) {
        refused.value = asRefused(error);
    }
});

let saving: Promise<void> = Promise.resolve();

/** One save after the other; a pattern is kept as typed, and its faults come back beside it. */
async function save(): Promise<void> {
    unsaved.value = false;
    const typed = { name: name.value, house: house.value, unit: unit.value, document: document.value };
    const pattern = kept.value?.id;
    try {
        const now =
            pattern === undefined
                ? await api.POST('/api/patterns', { body: typed }).then(body)
                : await api
                      .PUT('/api/patterns/{pattern}', { params: { path: { pattern } }, body: typed })
                      .then(body);
        kept.value = now;
        refused.value = null;
        if (pattern === undefined)
            window.history.replaceState(window.history.state, '', `/patterns/${now.id}`);
    } catch (error) {
        refused.value = asRefused(error);
        unsaved.value = true;
    }
}

const saveNow = (): Promise<void> => (saving = saving.then(save));
const saveSoon = useDebounceFn(saveNow, 500);

watch([name, house, unit, document], () => {
    if (!loaded.value) return;
    if (kept.value !== null && document.value === untouched && name.value === kept.value.name) {
        if (house.value === kept.value.house && unit.value === kept.value.unit) return;
    }
    unsaved.value = true;
    // Without a name there is nothing to find it by: it is asked for, and the sheet waits in the page.
    if (name.value.trim() !== '') void saveSoon();
});

const faultAt = computed(
    () => new Map((kept.value?.faults ?? []).map((fault) => [fault.field, fault.message])),
);

/** Faults of a part other than the charts are marked on its tab. */
const partsAtFault = computed(() => {
    const fields = [...faultAt.value.keys()];
    const has = (words: RegExp): boolean => fields.some((field) => words.test(field));
    return new Set([
        ...(has(/^pattern\.ranges/) ? ['envelopes'] : []),
        ...(has(/^pattern\.cups(\.table|\.by_range)/) ? ['cups'] : []),
        ...(has(/^pattern\.flat_checks/) ? ['tissue'] : []),
        ...(has(/^pattern\.(seam|levels|lengthen)/) ? ['levels'] : []),
        ...(has(/^pattern\.pieces/) ? ['pieces'] : []),
        ...(has(/^pattern\.(fabric_needs|notions)/) ? ['cloth'] : []),
    ]);
});

function keepHouse(now: House): void {
    if (guide.value === null) return;
    guide.value = {
        ...guide.value,
        houses: [...guide.value.houses.filter(({ name }) => name !== now.name), now],
    };
    void saveNow();
}

onBeforeRouteLeave(async () => {
    if (unsaved.value && name.value.trim() !== '') await saveNow();
    return !unsaved.value || window.confirm('This pattern is not kept yet. Leave all the same?');
});
</script>

<template>
    <form v-if="loaded && guide" class="pattern-page" novalidate @submit.prevent="saveNow">
        <Crumbs>{{ name || 'new pattern' }}</Crumbs>
        <PatternHead
            v-model:name="name"
            v-model:house="house"
            v-model:unit="unit"
            v-model:document="document"
            :guide="guide"
            :refused="refused"
            :faults="faultAt"
        />
        <div class="keeping">
            <p class="state" role="status">
                <template v-if="refused && Object.keys(refused.errors).length === 0">{{
                    refused.message
                }}</template>
                <template v-else-if="unsaved && name.trim() === ''"
                    >Give it a name, and it is kept as you type.</template
                >
                <template v-else-if="unsaved">Keeping…</template>
                <template v-else-if="kept && kept.faults.length > 0">
                    Kept, with {{ kept.faults.length }} to mend before it can be laid out.
                </template>
                <template v-else-if="kept">Kept.</template>
            </p>
            <span class="history">
                <Button
                    type="button"
                    text
                    size="small"
                    label="Undo"
                    :disabled="!history.canUndo.value"
                    @click="history.undo()"
                />
                <Button
                    type="button"
                    text
                    size="small"
                    label="Redo"
                    :disabled="!history.canRedo.value"
                    @click="history.redo()"
                />
            </span>
        </div>
        <Tabs v-model:value="part" scrollable>
            <TabList>
                <Tab v-for="one in parts" :key="one.value" :value="one.value">
                    {{ one.label
                    }}<span v-if="partsAtFault.has(one.value)" class="fault" title="to mend"> !</span>
                </Tab>
            </TabList>
            <TabPanels>
                <TabPanel value="charts">
                    <ChartsPart
                        v-model="document"
                        v-model:unit="unit"
                        :kept="kept"
                        :guide="guide"
                        @undo="history.undo()"
                        @redo="history.redo()"
                    />
                </TabPanel>
                <TabPanel value="envelopes">
                    <EnvelopesPart v-model="document" :faults="faultAt" :kept="kept" />
                </TabPanel>
                <TabPanel value="cups">
                    <CupsPart v-model="document" :faults="faultAt" :unit="unit" />
                </TabPanel>
                <TabPanel value="views"><FinishedPart v-model="document" :faults="faultAt" /></TabPanel>
                <TabPanel value="tissue">
                    <FlatPart v-model="document" :faults="faultAt" :kept="kept" :unit="unit" :guide="guide" />
                </TabPanel>
                <TabPanel value="levels">
                    <LevelsPart
                        v-model="document"
                        :faults="faultAt"
                        :unit="unit"
                        :guide="guide"
                        :house="guide.houses.find((one) => one.name === house) ?? null"
                    />
                </TabPanel>
                <TabPanel value="pieces"><PiecesPart v-model="document" :guide="guide" /></TabPanel>
                <TabPanel value="cloth"><ClothPart v-model="document" :faults="faultAt" /></TabPanel>
                <TabPanel value="house">
                    <HousePart
                        :house="house"
                        :houses="guide.houses"
                        :document="document"
                        :unit="unit"
                        @kept="keepHouse"
                    />
                </TabPanel>
            </TabPanels>
        </Tabs>
        <p v-if="refused?.at('document')" class="fault" role="alert">{{ refused.at('document') }}</p>
        <ul
            v-if="kept && kept.faults.length > 0 && document.sizes.length > 0"
            class="faults"
            aria-label="To mend"
        >
            <li v-for="fault in kept.faults.slice(0, 6)" :key="fault.field" class="fault">
                <b>{{ placeWords(fault.field, document) }}</b> {{ fault.message }}
            </li>
        </ul>
        <p class="after">
            <Button label="Back to the workroom" type="button" @click="router.push({ name: 'workroom' })" />
        </p>
    </form>
    <p v-else-if="refused" class="fault page-fault" role="alert">{{ refused.message }}</p>
</template>
