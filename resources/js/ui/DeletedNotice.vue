<script setup lang="ts">
import { nextTick, ref, useTemplateRef, watch } from 'vue';
import type { BinEntry } from '../api/types';
import { useBin } from '../state/bin';

/** Tells what was deleted last, of one kind or of all, and takes it back. */
defineProps<{ kind?: BinEntry['kind'] }>();
const emit = defineEmits<{ back: [] }>();
const { last, bringBack } = useBin();
const refused = ref('');

/** What had the focus is gone with what it belonged to: the hands land where that is taken back. */
const link = useTemplateRef<HTMLButtonElement>('link');
watch(
    last,
    async (entry) => {
        await nextTick();
        if (entry !== null && document.activeElement === document.body) link.value?.focus();
    },
    { flush: 'post' },
);

async function undo(entry: number): Promise<void> {
    refused.value = (await bringBack(entry)) ?? '';
    if (refused.value === '') emit('back');
}
</script>

<template>
    <p v-if="last && (kind ?? last.kind) === last.kind" class="notice" role="status">
        {{ last.name }} is in the bin{{ last.with ? `, with ${last.with}` : '' }}.
        <button ref="link" type="button" class="link" @click="undo(last.id)">Undo</button>
        <span v-if="refused" class="fault">{{ refused }}</span>
    </p>
</template>
