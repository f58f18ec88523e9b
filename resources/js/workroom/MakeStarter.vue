<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watchEffect } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Workroom } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import { focusFault } from '../ui/focusFault';
import TextField from '../ui/TextField.vue';
import { fieldWords } from '../ui/fieldWords';
import { title } from '../ui/words';
import { cardWords } from '../measure/age';

const props = defineProps<{ wearers: Workroom['wearers']; patterns: Workroom['patterns'] }>();
const router = useRouter();
const card = ref<number | null>(null);
const pattern = ref<number | null>(null);
const refused = ref<Refused | null>(null);
const fileRefused = ref<Refused | null>(null);
const wearer = ref('');
const measured = computed(() =>
    props.wearers.flatMap(({ name, cards }) =>
        cards
            .filter((one) => one.measured > 0)
            .map((one) => ({ label: `${name}, ${cardWords(one)}`, value: one.id })),
    ),
);
const owned = computed(() => props.patterns.map(({ name, id }) => ({ label: name, value: id })));

// Where there is only one there is nothing to choose.
watchEffect(() => {
    if (measured.value.length === 1) card.value ??= measured.value[0]?.value ?? null;
    if (owned.value.length === 1) pattern.value ??= owned.value[0]?.value ?? null;
});

async function start(): Promise<void> {
    refused.value = null;
    try {
        const ids = { card_id: card.value ?? 0, pattern_id: pattern.value ?? 0 };
        const make = await api.POST('/api/makes', { body: ids }).then(body);
        await router.push({ name: 'bench', params: { id: make.id } });
    } catch (error) {
        refused.value = asRefused(error);
        void focusFault();
    }
}

/** A make file brings its own wearer and pattern; every fault in it is named before anything is written. */
async function bring(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return;
    fileRefused.value = null;
    try {
        const text = await file.text();
        const make = await api.POST('/api/makes/import', { body: { text, wearer: wearer.value } }).then(body);
        await router.push({ name: 'bench', params: { id: make.id } });
    } catch (error) {
        fileRefused.value = asRefused(error);
    }
    input.value = '';
}
</script>

<template>
    <form class="inline starter" novalidate @submit.prevent="start">
        <ChoiceField
            v-model="card"
            label="New make for"
            :options="measured"
            placeholder="wearer and card"
            :fault="refused?.at('card_id')"
        />
        <ChoiceField
            v-model="pattern"
            label="from"
            :options="owned"
            placeholder="pattern"
            :fault="refused?.at('pattern_id')"
        />
        <Button type="submit" label="To the bench" />
        <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
            {{ refused.message }}
        </p>
    </form>
    <details class="bring">
        <summary>Bring a make from a file</summary>
        <div class="inline">
            <TextField
                v-model="wearer"
                label="Whose measures are in it?"
                :fault="fileRefused?.at('wearer')"
            />
            <label class="file">
                Choose the make file
                <input type="file" accept=".json" @change="bring" />
            </label>
        </div>
        <ul v-if="fileRefused && !fileRefused.at('wearer')" role="alert">
            <li v-for="(sentences, field) in fileRefused.errors" :key="field" class="fault">
                <b>{{ title(fieldWords(String(field))) }}</b> {{ sentences[0] }}
            </li>
            <li v-if="Object.keys(fileRefused.errors).length === 0" class="fault">
                {{ fileRefused.message }}
            </li>
        </ul>
    </details>
</template>

<style scoped>
@media print {
    .starter {
        display: none;
    }
}
</style>
