<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { PatternDocument } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import { changedAt, orNull, withoutAt } from './lists';

/** The files of a pattern that comes as files: a make says which of them to print. */
const document = defineModel<PatternDocument>({ required: true });

type File = NonNullable<PatternDocument['files']>[number];
const files = computed(() => document.value.files ?? []);
const set = (next: File[]): void => void (document.value = { ...document.value, files: next });
const columns = ['cup', 'range', 'sheet'] as const;
const heads = { cup: 'Cup', range: 'Envelope', sheet: 'Sheet' };
</script>

<template>
    <table v-if="files.length > 0" class="entry">
        <thead>
            <tr>
                <th>File</th>
                <th v-for="column in columns" :key="column">{{ heads[column] }}</th>
                <td />
            </tr>
        </thead>
        <tbody>
            <tr v-for="(file, n) in files" :key="n">
                <td>
                    <CellInput
                        wide
                        :value="file.name"
                        :label="`File ${n + 1}, name`"
                        @change="set(changedAt(files, n, { name: $event }))"
                    />
                </td>
                <td v-for="column in columns" :key="column">
                    <CellInput
                        :value="file[column]"
                        :label="`File ${n + 1}, ${heads[column]}`"
                        @change="set(changedAt(files, n, { [column]: orNull($event) }))"
                    />
                </td>
                <td>
                    <button
                        type="button"
                        class="plain"
                        :aria-label="`Take out ${file.name}`"
                        @click="set(withoutAt(files, n))"
                    >
                        ×
                    </button>
                </td>
            </tr>
        </tbody>
    </table>
    <Button
        type="button"
        outlined
        size="small"
        label="Add a file"
        @click="set([...files, { name: `file ${files.length + 1}` }])"
    />
</template>
