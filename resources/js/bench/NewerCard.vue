<script setup lang="ts">
import type { Make } from '../api/types';
import { day } from '../measure/age';

/** A newer card on the same foundation, and what it would change, before it is taken. */
defineProps<{ newer: NonNullable<Make['newer_card']> }>();
const emit = defineEmits<{ take: [card: number] }>();
</script>

<template>
    <p class="newer" role="status">
        A newer card was taken on {{ day(newer.taken_on) }}:
        {{ newer.measures.join('; ') || 'the same figures' }}.
        <template v-if="newer.headline">With it: {{ newer.headline }}</template>
        <button type="button" class="link" @click="emit('take', newer.id)">Plan from it</button>
    </p>
</template>

<style scoped>
.newer {
    margin: 0 20px 6px;
    padding: 6px 10px;
    font-size: 13.5px;
    background: var(--doubt);
    border-left: 4px solid var(--body-mark);
}
</style>
