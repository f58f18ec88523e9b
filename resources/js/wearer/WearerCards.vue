<script setup lang="ts">
import { api, body } from '../api/client';
import type { BinEntry, WearerPage } from '../api/types';
import { age, day } from '../measure/age';
import DeleteButton from '../ui/DeleteButton.vue';
import DeletedNotice from '../ui/DeletedNotice.vue';

defineProps<{ page: WearerPage }>();
const emit = defineEmits<{ changed: [] }>();

const remove = (card: number, version: number): Promise<BinEntry> =>
    api.DELETE('/api/cards/{card}', { params: { path: { card } }, body: { version } }).then(body);
</script>

<template>
    <section aria-labelledby="cards-title">
        <h2 id="cards-title">Cards</h2>
        <ul class="rows">
            <li v-for="card in page.cards" :key="card.id" class="pair">
                <RouterLink :to="{ name: 'card', params: { id: card.id } }">
                    <b>{{ day(card.taken_on) }}</b>
                    <span class="what">{{ age(card.age_days) }}</span>
                    <span class="what">{{ card.foundation || 'nothing noted underneath' }}</span>
                    <span v-if="card.cup" class="says">cup {{ card.cup }} by the rule of thumb</span>
                    <span class="what"
                        >{{ card.measures.length }}
                        {{ card.measures.length === 1 ? 'point' : 'points' }}</span
                    >
                </RouterLink>
                <DeleteButton
                    :name="`the card of ${day(card.taken_on)}`"
                    along=""
                    :remove="() => remove(card.id, card.version)"
                    @deleted="emit('changed')"
                />
            </li>
        </ul>
        <DeletedNotice kind="card" @back="emit('changed')" />
    </section>
</template>
