<script setup lang="ts">
import { computed } from 'vue';
import type { Make } from '../api/types';
import { cardWords } from '../measure/age';
import WordChoice from '../ui/WordChoice.vue';

/** Which card of the wearer the make is planned from, and a newer one with what it would change. */
const props = defineProps<{ make: Make }>();
const emit = defineEmits<{ change: [card: number] }>();

const cards = computed(() =>
    props.make.cards
        .filter(({ id, measured }) => measured > 0 || id === props.make.card_id)
        .map((card) => ({ value: String(card.id), label: cardWords(card) })),
);
</script>

<template>
    <span class="card-choice">
        <WordChoice
            v-if="cards.length > 1"
            label="measured"
            :options="cards"
            :model-value="String(make.card_id)"
            @update:model-value="emit('change', Number($event))"
        />
        <template v-else>
            measured
            {{ cardWords({ taken_on: make.card_taken_on, foundation: make.card_foundation }) }}
        </template>
    </span>
</template>

<style scoped>
.card-choice {
    font-size: 13.5px;
}
</style>
