<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import { asRefused } from '../api/client';
import type { BinEntry } from '../api/types';
import { useBin } from '../state/bin';

/** Says what goes along before it deletes; where nothing does, one press is enough, as it can be taken back. */
const props = defineProps<{ name: string; along: string; remove: () => Promise<BinEntry> }>();
const emit = defineEmits<{ deleted: [BinEntry] }>();
const { last } = useBin();
const asking = ref(false);
const refused = ref('');

/** Pressed twice, it goes once. */
let isGoing = false;
async function toBin(): Promise<void> {
    if (isGoing) return;
    isGoing = true;
    asking.value = false;
    try {
        last.value = await props.remove();
        emit('deleted', last.value);
    } catch (error) {
        refused.value = asRefused(error).message;
    }
    isGoing = false;
}

const begin = (): unknown => (props.along === '' ? toBin() : (asking.value = true));
</script>

<template>
    <div v-if="asking" class="notice asking" role="alert">
        <p>
            <b>{{ name }}</b> goes into the bin with <b>{{ along }}</b>. For 30 days all of it can be brought
            back.
        </p>
        <div class="inline">
            <Button type="button" size="small" label="Into the bin" @click="toBin" />
            <Button type="button" size="small" text label="Keep" @click="asking = false" />
        </div>
    </div>
    <template v-else>
        <Button
            type="button"
            text
            size="small"
            label="Delete"
            :aria-label="`Delete ${name}`"
            @click="begin"
        />
        <span v-if="refused" class="fault" role="alert">{{ refused }}</span>
    </template>
</template>

<style scoped>
.asking {
    display: grid;
    gap: 8px;
}
</style>
