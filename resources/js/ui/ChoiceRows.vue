<script setup lang="ts" generic="K extends string">
import WordChoice from './WordChoice.vue';
import type { ChoiceRow } from './choiceRow';

/** Choices side by side, each from its row of one list; where a row has words for none, what is chosen can be unchosen. */
defineProps<{ rows: readonly ChoiceRow<K>[] }>();
const emit = defineEmits<{ choose: [key: K, value: string | null] }>();
const NONE = '';
</script>

<template>
    <WordChoice
        v-for="row in rows"
        :key="row.key"
        :label="row.label"
        :options="row.none === undefined ? row.options : [{ value: NONE, label: row.none }, ...row.options]"
        :model-value="row.value ?? NONE"
        :idle="row.idle"
        @update:model-value="emit('choose', row.key, $event === NONE ? null : $event)"
    />
</template>
