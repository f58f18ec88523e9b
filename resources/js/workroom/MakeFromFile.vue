<script setup lang="ts">
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import TextField from '../ui/TextField.vue';
import { fieldWords } from '../ui/fieldWords';
import { title } from '../ui/words';

const router = useRouter();
const fileRefused = ref<Refused | null>(null);
const wearer = ref('');

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
