<script setup lang="ts">
import Button from 'primevue/button';
import { onMounted, ref, shallowRef } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { BinEntry } from '../api/types';
import { useBin } from '../state/bin';
import Crumbs from '../ui/Crumbs.vue';
import { day } from '../measure/age';

const { bringBack } = useBin();
const entries = shallowRef<BinEntry[] | null>(null);
const said = ref('');
const refused = ref('');
const kinds = {
    wearer: 'wearer',
    card: 'measure card',
    pattern: 'pattern',
    make: 'make',
    house: 'habits of a house',
    nest: 'drawing of a piece',
} as const;

async function load(): Promise<void> {
    try {
        entries.value = await api.GET('/api/bin').then(body);
    } catch (error) {
        refused.value = asRefused(error).message;
    }
}

/** Pressed twice, it comes back, or goes, once. */
let isBusy = false;
async function once(work: () => Promise<void>): Promise<void> {
    if (isBusy) return;
    isBusy = true;
    await work();
    await load();
    isBusy = false;
}

const back = (entry: BinEntry): Promise<void> => once(() => bring(entry));
async function bring(entry: BinEntry): Promise<void> {
    refused.value = (await bringBack(entry.id)) ?? '';
    said.value = refused.value === '' ? `${entry.name} is back.` : '';
}

const forGood = (entry: BinEntry): Promise<void> => once(() => letGo(entry));
async function letGo(entry: BinEntry): Promise<void> {
    if (!window.confirm(`Let ${entry.name} go for good? It can’t be brought back then.`)) return;
    said.value = refused.value = '';
    try {
        await api.DELETE('/api/bin/{entry}', { params: { path: { entry: entry.id } } });
        said.value = `${entry.name} is gone for good.`;
    } catch (error) {
        refused.value = asRefused(error).message;
    }
}

onMounted(load);
</script>

<template>
    <div class="bin">
        <Crumbs><span>Bin</span></Crumbs>
        <h1>Bin</h1>
        <p class="hint">
            What is deleted waits here for 30 days and comes back as it was, with all that went along.
        </p>
        <p v-if="said" class="notice" role="status">{{ said }}</p>
        <p v-if="refused" class="fault" role="alert">{{ refused }}</p>
        <ul v-if="entries" class="rows">
            <li v-for="entry in entries" :key="entry.id" class="pair">
                <p class="alone">
                    <b>{{ entry.name }}</b>
                    <span class="what"
                        >{{ kinds[entry.kind] }}{{ entry.with ? `, with ${entry.with}` : '' }}</span
                    >
                    <span class="what">
                        deleted {{ day(entry.deleted_on) }}, {{ entry.days_left }}
                        {{ entry.days_left === 1 ? 'day' : 'days' }} left
                    </span>
                </p>
                <Button
                    label="Bring back"
                    :aria-label="`Bring back ${entry.name}`"
                    outlined
                    size="small"
                    @click="back(entry)"
                />
                <Button
                    label="Delete for good"
                    :aria-label="`Delete for good: ${entry.name}`"
                    text
                    size="small"
                    @click="forGood(entry)"
                />
            </li>
        </ul>
        <p v-if="entries?.length === 0"><b>The bin is empty.</b></p>
    </div>
</template>

<style scoped>
.bin {
    display: grid;
    gap: 14px;
    max-width: 980px;
    margin: 24px auto 60px;
    padding: 0 24px;
}
</style>
