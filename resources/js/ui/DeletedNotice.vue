<script setup lang="ts">
import { ref } from 'vue';
import type { BinEntry } from '../api/types';
import { useBin } from '../state/bin';

/** Tells what was deleted last, of one kind or of all, and takes it back. */
defineProps<{ kind?: BinEntry['kind'] }>();
const emit = defineEmits<{ back: [] }>();
const { last, bringBack } = useBin();
const refused = ref('');

async function undo(entry: number): Promise<void> {
    refused.value = (await bringBack(entry)) ?? '';
    if (refused.value === '') emit('back');
}
</script>

<template>
    <p v-if="last && (kind ?? last.kind) === last.kind" class="notice" role="status">
        {{ last.name }} is in the bin{{ last.with ? `, with ${last.with}` : '' }}.
        <button type="button" class="link" @click="undo(last.id)">Undo</button>
        <span v-if="refused" class="fault">{{ refused }}</span>
    </p>
</template>
