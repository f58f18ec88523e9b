<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import type { BroughtBack } from '../api/types';
import { bringServer, useBringBack } from './useBringBack';

/** Everything from a file, in again: told first, then brought in. */
const { told, done, under, refusal, look, bring, stop, leave } = useBringBack(bringServer);
const takes = ref(false);

function pick(event: Event): void {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0] ?? null;
    input.value = '';
    takes.value = false;
    void look(file);
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
            The file that you took out, here or elsewhere. What is here already is not doubled; you see what
            would come before anything is written.
        </p>
        <label class="file">
            Choose the file
            <input type="file" accept=".zip" :disabled="under !== null" @change="pick" />
        </label>
        <div v-if="under" class="acts" role="status">
            <progress max="100" :value="done ?? undefined" aria-label="How far it is" />
            <span>
                {{ under === 'bringing' ? 'Being brought back' : 'Reading it'
                }}{{ done === null ? '…' : `, ${done} %` }}
            </span>
            <Button type="button" text label="Stop" @click="stop" />
        </div>
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
                    <Button
                        type="button"
                        label="Bring it in"
                        :disabled="under !== null"
                        @click="bring(takes)"
                    />
                    <Button type="button" text label="Leave it" @click="leave" />
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
progress {
    accent-color: var(--cut);
}
.takes,
.acts {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 40px;
}
</style>
