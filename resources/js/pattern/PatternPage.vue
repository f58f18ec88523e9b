<script setup lang="ts">
import Button from 'primevue/button';
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router';
import { areMany } from '../charts/columnWidths';
import { placeWords } from '../charts/grid';
import { api, body } from '../api/client';
import type { BinEntry } from '../api/types';
import { useSession } from '../state/session';
import type { Clash } from '../state/merge';
import ClashList from '../ui/ClashList.vue';
import Crumbs from '../ui/Crumbs.vue';
import { useShortcuts } from '../ui/shortcuts';
import PageFault from '../ui/PageFault.vue';
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
import PartSection from './PartSection.vue';
import { partNamed, partsOf, type PartName } from './parts';
import GarmentPicture from './GarmentPicture.vue';
import DoorRow from '../ui/DoorRow.vue';
import { usePrinting } from '../ui/usePrinting';
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

const open = ref<PartName | null>(partNamed(route.hash));
const isPrinting = usePrinting();
const parts = computed(() => partsOf(document.value, [...faults.value.keys()]));
/** One part stands open beside the chart; what is printed has all that holds anything. */
const shown = computed(() =>
    parts.value.filter(({ name: part, isPrinted }) => (isPrinting.value ? isPrinted : part === open.value)),
);
const ownLines = computed(() => kept.value?.drawn.join(', ').replaceAll('_', ' ') || 'not drawn yet');
const knownHouse = computed(() => guide.value?.houses.find((one) => one.name === house.value) ?? null);

/** Brings what was opened into sight, where it has an address of its own. */
watch([loaded, open], async ([isLoaded, part]) => {
    if (!isLoaded) return;
    window.history.replaceState(
        window.history.state,
        '',
        part === null ? window.location.pathname : `#${part}`,
    );
    await nextTick();
    if (part !== null) window.document.getElementById(part)?.scrollIntoView({ block: 'nearest' });
});

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
    if (unsaved.value) await saveNow();
    return !unsaved.value || window.confirm('This pattern is not kept yet. Leave all the same?');
});

useShortcuts([
    {
        key: '$mod+z',
        shown: 'Ctrl Z',
        does: 'undo the last change of the pattern',
        run: () => history.undo(),
    },
    {
        key: '$mod+y',
        shown: 'Ctrl Y',
        does: 'make the change that was undone again',
        run: () => history.redo(),
    },
]);
</script>

<template>
    <form v-if="loaded" class="pattern-page" novalidate @submit.prevent="saveNow">
        <h1 class="sr-only">{{ name || 'New pattern' }}</h1>
        <Crumbs
            ><span>{{ name || 'new pattern' }}</span></Crumbs
        >
        <div class="top">
            <PatternHead
                v-model:name="name"
                v-model:house="house"
                v-model:unit="unit"
                v-model:document="document"
                :guide="guide"
                :refused="refused"
                :faults="faults"
            />
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
        </div>
        <ClashList v-if="clashes.length > 0" :clashes="clashes" :place="placeOf" @settle="settle" />
        <template v-if="guide">
            <div class="envelope" :class="{ many: areMany(document.sizes) }">
                <GarmentPicture
                    :document="document"
                    :unit="unit"
                    :guide="guide"
                    :kept="kept"
                    @ask="open = 'levels'"
                />
                <section id="charts" class="charts" aria-label="Charts">
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
                </section>
                <DoorRow v-model="open" class="parts" label="Parts of the pattern" :doors="parts">
                    <RouterLink v-if="kept" :to="{ name: 'nest', params: { id: kept.id } }">
                        <b>Its own lines</b> <span>{{ ownLines }}</span>
                    </RouterLink>
                </DoorRow>
            </div>
            <PartSection v-for="part in shown" :key="part.name" :name="part.name" :words="part.words">
                <LevelsPart
                    v-if="part.name === 'levels'"
                    v-model="document"
                    :faults="faults"
                    :unit="unit"
                    :guide="guide"
                    :house="knownHouse"
                />
                <EnvelopesPart
                    v-else-if="part.name === 'envelopes'"
                    v-model="document"
                    :faults="faults"
                    :kept="kept"
                />
                <CupsPart v-else-if="part.name === 'cups'" v-model="document" :faults="faults" :unit="unit" />
                <FinishedPart
                    v-else-if="part.name === 'views'"
                    v-model="document"
                    :faults="faults"
                    :unit="unit"
                />
                <FlatPart
                    v-else-if="part.name === 'tissue'"
                    v-model="document"
                    :faults="faults"
                    :kept="kept"
                    :unit="unit"
                    :guide="guide"
                />
                <PiecesPart
                    v-else-if="part.name === 'pieces'"
                    v-model="document"
                    :guide="guide"
                    :faults="faults"
                    :unit="unit"
                    :kept="kept"
                />
                <ClothPart
                    v-else-if="part.name === 'cloth'"
                    v-model="document"
                    :faults="faults"
                    :unit="unit"
                />
                <HousePart
                    v-else
                    :house="house"
                    :houses="guide.houses"
                    :document="document"
                    :unit="unit"
                    @kept="keepHouse"
                    @changed="findHouses"
                />
            </PartSection>
        </template>
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
            <Button
                v-if="kept"
                label="Make it for…"
                type="button"
                @click="router.push({ name: 'workroom', query: { pattern: kept.id } })"
            />
            <Button
                v-if="kept"
                label="For a whole company"
                type="button"
                outlined
                @click="router.push({ name: 'company', params: { id: kept.id } })"
            />
            <DeleteButton
                v-if="kept"
                :name="kept.name"
                :along="kept.goes_along"
                :remove="() => remove(kept!)"
                @deleted="router.push({ name: 'workroom' })"
            />
            <p v-if="kept && kept.makes.length > 0" class="made">
                <b>Made from it</b>
                <RouterLink
                    v-for="make in kept.makes"
                    :key="make.id"
                    :to="{ name: 'bench', params: { id: make.id } }"
                    >{{ make.wearer }}<template v-if="make.name">, {{ make.name }}</template></RouterLink
                >
            </p>
        </div>
    </form>
    <PageFault v-else-if="refused" :refused="refused" />
</template>

<style scoped>
.pattern-page {
    display: grid;
    gap: 14px;
    max-width: 1240px;
    margin: 14px auto 32px;
    padding: 0 20px;
}
/* What is said of the keeping moves nothing under the hands, however long it is. */
.top {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 176px;
    gap: 0 16px;
    align-items: start;
}
.after {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: center;
}
.made a {
    display: inline-block;
    min-height: 24px;
    padding: 2px 0;
}
.made {
    display: flex;
    flex: 1 1 420px;
    justify-content: flex-end;
    flex-wrap: wrap;
    gap: 4px 18px;
    margin: 0;
    font-size: 14.5px;
}
.envelope {
    display: grid;
    grid-template: 'picture charts' auto 'parts parts' auto / 370px minmax(0, 1fr);
    gap: 14px 24px;
    align-items: start;
}
.envelope > .garment-picture {
    grid-area: picture;
}
.charts {
    grid-area: charts;
    min-width: 0;
}
.parts {
    grid-area: parts;
}
/* Many sizes have the whole width, and the picture stands beside the parts. */
.envelope.many {
    grid-template-areas: 'charts charts' 'picture parts';
}
/* A pasted chart that is looked over has the whole width. */
.envelope:has(.preview) {
    grid-template: 'charts' auto 'parts' auto / minmax(0, 1fr);
}
.envelope:has(.preview) .garment-picture {
    display: none;
}
.parts {
    grid-template-columns: repeat(auto-fit, minmax(min(220px, 100%), 1fr));
}
@media screen and (max-width: 900px) {
    .top {
        grid-template-columns: minmax(0, 1fr);
    }
    .envelope,
    .envelope.many {
        grid-template: 'charts' auto 'picture' auto 'parts' auto / minmax(0, 1fr);
    }
}
/* The whole pattern on two pages: its envelope and what is done most with it first. */
@media print {
    .pattern-page {
        zoom: 0.68;
        gap: 6px;
        max-width: none;
        margin: 0;
        padding: 0;
    }
    .top {
        grid-template-columns: minmax(0, 1fr);
    }
    .envelope:not(.many) {
        grid-template-columns: 300px minmax(0, 1fr);
    }
    .envelope :deep(.garment-picture svg) {
        max-height: 380px;
    }
}
</style>
