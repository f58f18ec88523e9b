<script setup lang="ts">
import Button from 'primevue/button';
import { ref, shallowRef } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { Import } from '../api/types';
import Measure from '../ui/Measure.vue';

const props = defineProps<{ wearer: number }>();
const emit = defineEmits<{ written: [] }>();

/** More than any workroom's cards. */
const LARGEST = 200_000;

const text = ref('');
const preview = shallowRef<Import | null>(null);
const sentence = ref<string | null>(null);

const readings = (count: number): string => (count === 1 ? '1 reading' : `${count} readings`);

async function read(event: Event): Promise<void> {
    const field = event.target as HTMLInputElement;
    const file = field.files?.[0];
    if (file === undefined) return;
    preview.value = null;
    if (file.size > LARGEST) {
        sentence.value = 'This file is larger than 200 kB, far more than any cards. Is it the right one?';
        return;
    }
    text.value = await file.text();
    await send(false);
    field.value = '';
}

async function send(write: boolean): Promise<void> {
    try {
        const params = { path: { wearer: props.wearer } };
        const answer = await api
            .POST('/api/wearers/{wearer}/cards/import', { params, body: { text: text.value, write } })
            .then(body);
        sentence.value = answer.written ? `Written: ${readings(answer.lines.length)}.` : null;
        preview.value = answer.written ? null : answer;
        if (answer.written) emit('written');
    } catch (error) {
        sentence.value = asRefused(error).message;
    }
}
</script>

<template>
    <div class="card-files">
        <p>
            All cards as a file: <a :href="`/api/wearers/${wearer}/cards.csv`" download>CSV</a>,
            <a :href="`/api/wearers/${wearer}/cards.json`" download>JSON</a>
        </p>
        <div class="field">
            <label for="card-file">Cards from a CSV or JSON file</label>
            <input
                id="card-file"
                type="file"
                accept=".csv,.json,text/csv,text/plain,application/json"
                @change="read"
            />
            <p class="hint">
                In a CSV file one reading a line: point, value, unit, reading, date, foundation. Nothing is
                written before you have seen it.
            </p>
        </div>
        <p v-if="sentence" class="notice" role="status">{{ sentence }}</p>
        <template v-if="preview">
            <ul v-if="preview.faults.length > 0" class="faults" aria-label="To mend in the file">
                <li v-for="fault in preview.faults" :key="fault.field + fault.message" class="fault">
                    <b>{{ fault.field }}</b> {{ fault.message }}
                </li>
            </ul>
            <table v-if="preview.lines.length > 0" class="preview">
                <thead>
                    <tr>
                        <th scope="col">date</th>
                        <th scope="col">point</th>
                        <th scope="col">typed</th>
                        <th scope="col">is</th>
                        <th scope="col">writes over</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="line in preview.lines" :key="line.number">
                        <td>{{ line.date }} {{ line.foundation }}</td>
                        <td>{{ line.name }}{{ line.attempt > 1 ? ` (${line.attempt})` : '' }}</td>
                        <td>{{ line.text }}</td>
                        <td>
                            <Measure :nm="line.length_nm" />
                            <small v-if="line.asked" class="fault">{{ line.asked }}</small>
                        </td>
                        <td>{{ line.replaces ?? '' }}</td>
                    </tr>
                </tbody>
            </table>
            <div class="inline">
                <Button
                    v-if="preview.faults.length === 0"
                    :label="`Write ${readings(preview.lines.length)}`"
                    @click="send(true)"
                />
                <Button label="Leave it" text @click="preview = null" />
            </div>
        </template>
    </div>
</template>

<style scoped>
.card-files {
    display: grid;
    gap: 12px;
}
</style>
