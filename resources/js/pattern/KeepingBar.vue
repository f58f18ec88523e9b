<script setup lang="ts">
import Button from 'primevue/button';
import type { Refused } from '../api/client';
import type { Pattern } from '../api/types';

defineProps<{
    refused: Refused | null;
    unsaved: boolean;
    hasName: boolean;
    kept: Pattern | null;
    canUndo: boolean;
    canRedo: boolean;
}>();
const emit = defineEmits<{ undo: []; redo: [] }>();
</script>

<template>
    <div class="keeping">
        <span class="history">
            <Button type="button" text size="small" label="Undo" :disabled="!canUndo" @click="emit('undo')" />
            <Button type="button" text size="small" label="Redo" :disabled="!canRedo" @click="emit('redo')" />
        </span>
        <p class="state" role="status">
            <template v-if="refused && Object.keys(refused.errors).length === 0">{{
                refused.message
            }}</template>
            <template v-else-if="unsaved">Keeping…</template>
            <template v-else-if="kept && kept.faults.length > 0">
                Kept, with {{ kept.faults.length }} to mend before it can be laid out.
            </template>
            <template v-else-if="kept && !hasName">Kept without a name: give it one.</template>
            <template v-else-if="kept">Kept.</template>
        </p>
    </div>
</template>

<style scoped>
/* In one line with the fields beside it; what is longer goes on below, in room that is kept for it. */
.keeping {
    display: flex;
    flex-wrap: wrap;
    gap: 0 10px;
    align-items: center;
    align-content: start;
    height: 78px;
    padding-top: 20px;
    font-size: 13px;
    line-height: 1.25;
    color: var(--quiet);
}
.state {
    margin: 0;
}
</style>
