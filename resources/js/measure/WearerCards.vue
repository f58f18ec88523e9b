<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import { api } from '../api/client';
import type { WearerPage } from '../api/types';
import { age } from '../pages/age';
import CardFiles from './CardFiles.vue';

defineProps<{ page: WearerPage }>();
const emit = defineEmits<{ changed: [] }>();

const thrown = ref<number | null>(null);

async function throwAway(card: number): Promise<void> {
    await api.DELETE('/api/cards/{card}', { params: { path: { card } } });
    thrown.value = card;
    emit('changed');
}

async function bringBack(): Promise<void> {
    if (thrown.value === null) return;
    await api.POST('/api/cards/{card}/restore', { params: { path: { card: thrown.value } } });
    thrown.value = null;
    emit('changed');
}
</script>

<template>
    <section aria-labelledby="cards-title">
        <h2 id="cards-title">Cards</h2>
        <ul class="rows">
            <li v-for="card in page.cards" :key="card.id" class="pair">
                <RouterLink :to="{ name: 'card', params: { id: card.id } }">
                    <b>{{ card.taken_on }}</b>
                    <span class="what">{{ age(card.age_days) }}</span>
                    <span class="what">{{ card.foundation || 'nothing noted underneath' }}</span>
                    <span v-if="card.cup" class="says">cup {{ card.cup }} by the rule of thumb</span>
                    <span class="what"
                        >{{ card.measures.length }}
                        {{ card.measures.length === 1 ? 'point' : 'points' }}</span
                    >
                </RouterLink>
                <Button
                    label="Throw away"
                    :aria-label="`Throw away the card of ${card.taken_on}`"
                    text
                    size="small"
                    @click="throwAway(card.id)"
                />
            </li>
        </ul>
        <p v-if="thrown !== null" class="notice" role="status">
            The card is thrown away. <button type="button" class="link" @click="bringBack">Undo</button>
        </p>
        <p v-if="page.cards.length === 0" class="hint">
            No card yet. Bust, waist and hip are enough to begin.
        </p>
        <CardFiles :wearer="page.id" @written="emit('changed')" />
    </section>
</template>
