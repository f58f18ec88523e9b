<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { BinEntry, Workroom } from '../api/types';
import { useSession } from '../state/session';
import DeletedNotice from '../ui/DeletedNotice.vue';
import TextField from '../ui/TextField.vue';
import FirstSteps from './FirstSteps.vue';
import GarmentMini from '../pattern/GarmentMini.vue';
import MakeCard from './MakeCard.vue';
import MakeFromFile from './MakeFromFile.vue';
import MakeStarter from './MakeStarter.vue';
import WearersPart from './WearersPart.vue';
import { bySteps } from './steps';
import './shelf.css';

const session = useSession();
const router = useRouter();
const room = ref<Workroom | null>(null);
const refused = ref<Refused | null>(null);
/** Everything is found by the words it is called by. */
const sought = ref('');
const isFound = (...words: string[]): boolean =>
    words.join(' ').toLocaleLowerCase().includes(sought.value.trim().toLocaleLowerCase());
const found = computed(
    () => room.value?.makes.filter((make) => isFound(make.wearer, make.name, make.pattern)) ?? [],
);
const worn = computed(() => found.value.filter(({ next }) => next === 'worn'));
const patterns = computed(() => room.value?.patterns.filter(({ name, house }) => isFound(name, house)) ?? []);
const isEmpty = computed(() => room.value?.wearers.length === 0 && room.value.patterns.length === 0);

async function load(): Promise<void> {
    try {
        room.value = await api.GET('/api/workroom').then(body);
    } catch (error) {
        refused.value = asRefused(error);
    }
}

const deleteMake = (make: number, version: number): Promise<BinEntry> =>
    api.DELETE('/api/makes/{make}', { params: { path: { make } }, body: { version } }).then(body);

const filling = ref(false);
async function demoData(change: () => Promise<{ data?: Workroom }>): Promise<void> {
    filling.value = true;
    try {
        room.value = await change().then(body);
    } catch (error) {
        refused.value = asRefused(error);
    }
    filling.value = false;
}
const addDemoData = (): Promise<void> => demoData(() => api.POST('/api/demo-data'));
async function takeDemoDataOut(): Promise<void> {
    const sure = window.confirm(
        'Take the demo’s people, patterns and makes out again? What you changed on them goes too; what your own makes use stays.',
    );
    if (sure) await demoData(() => api.DELETE('/api/demo-data'));
}

onMounted(load);
// The sentences of the plans speak in the unit in use.
watch(
    () => session.unit,
    () => session.settled().then(load),
);
</script>

<template>
    <div v-if="room" class="workroom">
        <DeletedNotice class="deleted" @back="load" />
        <FirstSteps v-if="isEmpty" :is-filling="filling" @demo="addDemoData" />
        <section v-else class="makes" aria-labelledby="makes-title">
            <div class="inline top">
                <h1 id="makes-title">Makes under way</h1>
                <MakeStarter
                    :wearers="room.wearers.filter(({ archived }) => !archived)"
                    :patterns="room.patterns"
                />
                <TextField v-if="room.makes.length > 5" v-model="sought" class="seek" label="Find" />
            </div>
            <template v-for="step in bySteps(found)" :key="step.next">
                <h2>
                    {{ step.words }} <small>{{ step.makes.length }}</small>
                </h2>
                <ul class="shelf">
                    <MakeCard
                        v-for="make in step.makes"
                        :key="make.id"
                        :make="make"
                        :remove="() => deleteMake(make.id, make.version)"
                        @deleted="load"
                    />
                </ul>
            </template>
            <details v-if="worn.length > 0" class="away">
                <summary>{{ worn.length }} worn already</summary>
                <ul class="shelf">
                    <MakeCard
                        v-for="make in worn"
                        :key="make.id"
                        :make="make"
                        :remove="() => deleteMake(make.id, make.version)"
                        @deleted="load"
                    />
                </ul>
            </details>
            <p v-if="room.makes.length === 0" class="hint">No make yet: choose a wearer and a pattern.</p>
            <p v-else-if="found.length === 0" class="hint">No make is called so.</p>
        </section>

        <WearersPart :wearers="room.wearers" :is-found="isFound" />

        <section aria-labelledby="patterns-title">
            <h2 id="patterns-title">Patterns</h2>
            <ul class="shelf">
                <li v-for="pattern in patterns" :key="pattern.id">
                    <RouterLink :to="{ name: 'pattern', params: { id: pattern.id } }">
                        <GarmentMini :garment="pattern.garment ?? null" />
                        <span>
                            <b>{{ pattern.name }}</b>
                            <span class="what"
                                >{{ pattern.house
                                }}<template v-if="pattern.sizes.length > 0"
                                    >, {{ pattern.sizes.at(0) }} – {{ pattern.sizes.at(-1) }}</template
                                ></span
                            >
                            <span v-if="pattern.faults > 0" class="waits">{{ pattern.faults }} to mend</span>
                        </span>
                    </RouterLink>
                </li>
            </ul>
            <Button label="Put a pattern in" outlined @click="router.push({ name: 'new-pattern' })" />
        </section>
        <MakeFromFile v-if="!isEmpty" class="bin" />
        <p class="bin inline acts">
            <RouterLink :to="{ name: 'bin' }">Bin</RouterLink>
            <Button
                v-if="room.has_demo"
                label="Take the demo’s data out"
                text
                size="small"
                :loading="filling"
                @click="takeDemoDataOut"
            />
        </p>
    </div>
    <p v-if="refused" class="fault page-fault" role="alert">{{ refused.message }}</p>
</template>

<style scoped>
.workroom {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
    max-width: 1240px;
    margin: 16px auto 40px;
    padding: 0 20px;
}
.workroom section {
    display: grid;
    gap: 8px;
    align-content: start;
}
.top {
    align-items: end;
    justify-content: space-between;
}
h1 {
    align-self: center;
    margin-right: auto;
}
.seek {
    width: 150px;
}
.workroom section > :deep(.p-button) {
    justify-self: start;
}
</style>
