<script setup lang="ts">
import Button from 'primevue/button';
import Tab from 'primevue/tab';
import TabList from 'primevue/tablist';
import TabPanel from 'primevue/tabpanel';
import TabPanels from 'primevue/tabpanels';
import Tabs from 'primevue/tabs';
import { computed, onMounted, ref, watch } from 'vue';
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router';
import { placeWords } from '../sheet/sheet';
import { api, body } from '../api/client';
import type { BinEntry } from '../api/types';
import { useSession } from '../state/session';
import type { Clash } from '../state/merge';
import ClashList from '../ui/ClashList.vue';
import Crumbs from '../ui/Crumbs.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import ChartsPart from './ChartsPart.vue';
import ClothPart from './ClothPart.vue';
import CupsPart from './CupsPart.vue';
import EnvelopesPart from './EnvelopesPart.vue';
import FinishedPart from './FinishedPart.vue';
import FlatPart from './FlatPart.vue';
import HousePart from './HousePart.vue';
import KeepingBar from './KeepingBar.vue';
import LevelsPart from './LevelsPart.vue';
import PatternHead from './PatternHead.vue';
import PiecesPart from './PiecesPart.vue';
import { partNamed, partsWith } from './parts';
import { patternServer, usePattern } from './usePattern';
import './parts.css';

const props = defineProps<{ id?: number }>();
const session = useSession();
const router = useRouter();
const route = useRoute();
const {
    guide,
    name,
    house,
    unit,
    document,
    history,
    kept,
    loaded,
    unsaved,
    refused,
    clashes,
    settle,
    hasName,
    faults,
    load,
    saveNow,
    keepHouse,
    findHouses,
} = usePattern(patternServer, props.id ?? null, session.unit);

/** Where a clash stands, in the words of the page. */
function placeOf({ path: [part, ...inside] }: Clash): string {
    if (part !== 'document') return String(part);
    const field = inside.map((key) => (typeof key === 'number' ? `[${key}]` : `.${key}`)).join('');
    return placeWords(`pattern${field}`, document.value);
}

const part = ref(partNamed(route.hash));
watch(part, (now) => void router.replace({ hash: `#${now}` }));
const parts = computed(() => partsWith([...faults.value.keys()]));

onMounted(load);
// A new pattern that is kept has an address of its own.
watch(kept, (now, before) => {
    if (before === null && now !== null && props.id === undefined)
        window.history.replaceState(window.history.state, '', `/patterns/${now.id}`);
});

/** What is typed is kept first, so that it is there when the pattern comes back. */
async function remove({ id: pattern }: { id: number }): Promise<BinEntry> {
    if (unsaved.value) await saveNow();
    const version = kept.value?.version ?? 0;
    return api
        .DELETE('/api/patterns/{pattern}', { params: { path: { pattern } }, body: { version } })
        .then(body);
}

onBeforeRouteLeave(async () => {
    if (unsaved.value && hasName.value) await saveNow();
    return !unsaved.value || window.confirm('This pattern is not kept yet. Leave all the same?');
});
</script>

<template>
    <form v-if="loaded && guide" class="pattern-page" novalidate @submit.prevent="saveNow">
        <h1 class="sr-only">{{ name || 'New pattern' }}</h1>
        <Crumbs
            ><span>{{ name || 'new pattern' }}</span></Crumbs
        >
        <PatternHead
            v-model:name="name"
            v-model:house="house"
            v-model:unit="unit"
            v-model:document="document"
            :guide="guide"
            :refused="refused"
            :faults="faults"
        />
        <ClashList v-if="clashes.length > 0" :clashes="clashes" :place="placeOf" @settle="settle" />
        <KeepingBar
            :refused="refused"
            :unsaved="unsaved"
            :has-name="hasName"
            :kept="kept"
            :can-undo="history.canUndo.value"
            :can-redo="history.canRedo.value"
            @undo="history.undo()"
            @redo="history.redo()"
        />
        <Tabs v-model:value="part" scrollable>
            <TabList>
                <Tab v-for="one in parts" :key="one.value" :value="one.value">
                    {{ one.label }}<span v-if="one.atFault" class="fault" title="to mend"> !</span>
                </Tab>
            </TabList>
            <TabPanels>
                <TabPanel value="charts">
                    <ChartsPart
                        v-model="document"
                        v-model:unit="unit"
                        :kept="kept"
                        :guide="guide"
                        :house="house"
                        @undo="history.undo()"
                        @redo="history.redo()"
                        @house="keepHouse"
                    />
                </TabPanel>
                <TabPanel value="envelopes">
                    <EnvelopesPart v-model="document" :faults="faults" :kept="kept" />
                </TabPanel>
                <TabPanel value="cups">
                    <CupsPart v-model="document" :faults="faults" :unit="unit" />
                </TabPanel>
                <TabPanel value="views"
                    ><FinishedPart v-model="document" :faults="faults" :unit="unit"
                /></TabPanel>
                <TabPanel value="tissue">
                    <FlatPart v-model="document" :faults="faults" :kept="kept" :unit="unit" :guide="guide" />
                </TabPanel>
                <TabPanel value="levels">
                    <LevelsPart
                        v-model="document"
                        :faults="faults"
                        :unit="unit"
                        :guide="guide"
                        :house="guide.houses.find((one) => one.name === house) ?? null"
                    />
                </TabPanel>
                <TabPanel value="pieces"
                    ><PiecesPart v-model="document" :guide="guide" :faults="faults"
                /></TabPanel>
                <TabPanel value="cloth"
                    ><ClothPart v-model="document" :faults="faults" :unit="unit"
                /></TabPanel>
                <TabPanel value="house">
                    <HousePart
                        :house="house"
                        :houses="guide.houses"
                        :document="document"
                        :unit="unit"
                        @kept="keepHouse"
                        @changed="findHouses"
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
        <div class="after">
            <Button label="Back to the workroom" type="button" @click="router.push({ name: 'workroom' })" />
            <Button
                v-if="kept"
                label="Its own lines (nest)"
                type="button"
                outlined
                @click="router.push({ name: 'nest', params: { id: kept.id } })"
            />
            <DeleteButton
                v-if="kept"
                :name="kept.name"
                :along="kept.goes_along"
                :remove="() => remove(kept!)"
                @deleted="router.push({ name: 'workroom' })"
            />
        </div>
    </form>
    <p v-else-if="refused" class="fault page-fault" role="alert">{{ refused.message }}</p>
</template>

<style scoped>
.pattern-page {
    display: grid;
    gap: 16px;
    max-width: 1240px;
    margin: 18px auto 40px;
    padding: 0 20px;
}
.pattern-page :deep(.p-tabpanels) {
    padding: 14px 0 0;
    background: none;
}
.pattern-page :deep(.p-tab) {
    padding: 8px 10px;
    font-family: inherit;
}
.pattern-page :deep(.p-tabs) {
    min-width: 0;
}
.pattern-page :deep(.p-tablist-tab-list) {
    background: none;
}
</style>
