<script setup lang="ts">
import Button from 'primevue/button';
import { ref, shallowRef } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { BroughtBack } from '../api/types';

/** Everything from a file, in again: told first, then brought in. */
const told = shallowRef<BroughtBack | null>(null);
const takes = ref(false);
const busy = ref(false);
const refusal = ref<string | null>(null);
let chosen: File | null = null;

async function send(write: boolean): Promise<void> {
    if (chosen === null) return;
    busy.value = true;
    refusal.value = null;
    const form = new FormData();
    form.append('file', chosen);
    form.append('write', write ? '1' : '0');
    form.append('takes', takes.value ? '1' : '0');
    try {
        told.value = await api
            .POST('/api/me/everything', { body: form as never, bodySerializer: () => form })
            .then(body);
    } catch (error) {
        const refused = asRefused(error);
        refusal.value = refused.at('file') ?? refused.message;
        told.value = null;
    }
    busy.value = false;
}

function pick(event: Event): void {
    const input = event.target as HTMLInputElement;
    chosen = input.files?.[0] ?? null;
    input.value = '';
    void send(false);
}

const few = (names: string[]): string =>
    names.length > 6 ? `${names.slice(0, 6).join(', ')} and ${names.length - 6} more` : names.join(', ');
const isNothingNew = (back: BroughtBack): boolean =>
    back.kinds.every((kind) => kind.new.length === 0 && kind.different.length === 0);
</script>

<template>
    <section class="back" aria-labelledby="back-title">
        <h2 id="back-title">Bring everything back</h2>
        <p class="hint">
            The file that was taken away here or elsewhere. What is here already is not doubled; you see what
            would come before anything is written.
        </p>
        <label class="file">
            Choose the file
            <input type="file" accept=".zip" :disabled="busy" @change="pick" />
        </label>
        <p v-if="busy" role="status">Reading it…</p>
        <p v-if="refusal" class="fault" role="alert">{{ refusal }}</p>
        <template v-if="told">
            <p role="status">
                <b>{{
                    told.is_written
                        ? 'It is brought in.'
                        : isNothingNew(told)
                          ? 'All of it is here already, as it is in the file.'
                          : 'This would come in. Nothing is written yet.'
                }}</b>
            </p>
            <table>
                <thead>
                    <tr>
                        <td />
                        <th scope="col">new</th>
                        <th scope="col">the same</th>
                        <th scope="col">different here</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="kind in told.kinds" :key="kind.kind">
                        <th scope="row">{{ kind.kind }}</th>
                        <td>
                            {{ kind.new.length || '–' }} <small>{{ few(kind.new) }}</small>
                        </td>
                        <td>{{ kind.same || '–' }}</td>
                        <td>
                            {{ kind.different.length || '–' }} <small>{{ few(kind.different) }}</small>
                        </td>
                    </tr>
                </tbody>
            </table>
            <template v-if="!told.is_written && !isNothingNew(told)">
                <label v-if="told.kinds.some(({ different }) => different.length > 0)" class="takes">
                    <input v-model="takes" type="checkbox" />
                    Where the two differ, take the file’s
                </label>
                <div class="acts">
                    <Button type="button" label="Bring it in" :disabled="busy" @click="send(true)" />
                    <Button type="button" text label="Leave it" @click="told = null" />
                </div>
            </template>
        </template>
    </section>
</template>

<style scoped>
.back {
    display: grid;
    gap: 8px;
    justify-items: start;
    width: 100%;
}
.back table {
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
}
.back th,
.back td {
    padding: 3px 16px 3px 0;
    text-align: left;
    vertical-align: top;
}
.back tbody tr {
    border-top: 1px solid var(--rule);
}
.back small {
    display: block;
    color: var(--quiet);
}
.takes,
.acts {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 40px;
}
</style>
