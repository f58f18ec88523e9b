<script setup lang="ts">
import { api, body } from '../api/client';
import type { BinEntry, Workroom } from '../api/types';
import MakeRow from './MakeRow.vue';

/** Makes one below the other, in rows as high as the highest of them. */
defineProps<{ makes: Workroom['makes'] }>();
const emit = defineEmits<{ changed: [] }>();

const remove = (make: number, version: number): Promise<BinEntry> =>
    api.DELETE('/api/makes/{make}', { params: { path: { make } }, body: { version } }).then(body);
</script>

<template>
    <ul>
        <MakeRow
            v-for="make in makes"
            :key="make.id"
            :make="make"
            :remove="() => remove(make.id, make.version)"
            @deleted="emit('changed')"
        />
    </ul>
</template>

<style scoped>
ul {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-auto-rows: 1fr;
}
</style>
