<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core';
import Button from 'primevue/button';
import { computed, onMounted, ref, watch } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Workroom } from '../api/types';
import { useSession } from '../state/session';
import DeletedNotice from '../ui/DeletedNotice.vue';
import TextField from '../ui/TextField.vue';
import { useLate } from '../ui/useLate';
import FirstSteps from './FirstSteps.vue';
import MakeFromFile from './MakeFromFile.vue';
import MakesPart from './MakesPart.vue';
import MakeStarter from './MakeStarter.vue';
import PatternsPart from './PatternsPart.vue';
import WearersPart from './WearersPart.vue';
import './shelf.css';

const session = useSession();
const room = ref<Workroom | null>(null);
const refused = ref<Refused | null>(null);
/** Everything is found by the words it is called by. */
const sought = ref('');
const isFound = (...words: string[]): boolean =>
    words.join(' ').toLocaleLowerCase().includes(sought.value.trim().toLocaleLowerCase());
const isEmpty = computed(() => room.value?.wearers.length === 0 && room.value.patterns.length === 0);
const isSearchable = computed(
    () =>
        room.value !== null &&
        (room.value.all_makes > 5 || room.value.patterns.length > 5 || sought.value !== ''),
);

/** Makes come by the page. */
const pages = ref(1);
const questions = ref(0);
const answered = ref(0);
const isLate = useLate(computed(() => answered.value !== questions.value));

/** An answer to an older question is let go. */
async function load(): Promise<void> {
    const question = ++questions.value;
    try {
        const query = { find: sought.value.trim(), pages: pages.value };
        const told = await api.GET('/api/workroom', { params: { query } }).then(body);
        if (question === questions.value) room.value = told;
    } catch (error) {
        refused.value = asRefused(error);
    }
    if (question === questions.value) answered.value = question;
}

function more(): void {
    pages.value++;
    void load();
}

watch(
    sought,
    useDebounceFn(() => {
        pages.value = 1;
        return load();
    }, 200),
);

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
        <template v-else>
            <div class="inline top">
                <h1>Makes under way</h1>
                <MakeStarter
                    :wearers="room.wearers.filter(({ archived }) => !archived)"
                    :patterns="room.patterns"
                />
                <TextField v-if="isSearchable" v-model="sought" class="seek" label="Find" />
            </div>
            <p class="jumps">
                <a href="#wearers-title">Wearers {{ room.wearers.length }}</a>
                <a href="#patterns-title">Patterns {{ room.patterns.length }}</a>
            </p>
        </template>
        <div class="rooms" :class="{ alone: isEmpty }">
            <MakesPart
                v-if="!isEmpty"
                :room="room"
                :is-sought="sought !== ''"
                :is-late="isLate"
                @changed="load"
                @more="more"
            />
            <div class="beside">
                <WearersPart :wearers="room.wearers" :is-found="isFound" />
                <PatternsPart :patterns="room.patterns" :is-found="isFound" />
            </div>
        </div>
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
    gap: 14px;
    max-width: 1240px;
    margin: 14px auto 40px;
    padding: 0 20px;
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
.rooms {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 390px;
    gap: 14px 28px;
    align-items: start;
}
.rooms.alone {
    grid-template-columns: minmax(0, 1fr);
}
.beside,
.beside :deep(section) {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 8px;
    align-content: start;
}
.beside {
    gap: 18px;
}
.beside :deep(section > .p-button) {
    justify-self: start;
}
.jumps {
    display: none;
    gap: 20px;
}
@media (max-width: 1020px) {
    .rooms {
        grid-template-columns: minmax(0, 1fr);
    }
    .jumps {
        display: flex;
    }
    .jumps a {
        display: grid;
        align-items: center;
        min-height: 44px;
    }
}
@media print {
    .jumps,
    .seek {
        display: none;
    }
}
</style>
