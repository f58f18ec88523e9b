<script setup lang="ts">
import { watchDebounced } from '@vueuse/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { Refused } from '../api/client';
import type { Card, MeasuringGuide } from '../api/types';
import { day, readDay } from './age';
import type { CardHead } from './useCard';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';

const props = defineProps<{
    card: Card;
    guide: MeasuringGuide;
    /** Names of those whose hands are known. */
    hands: readonly string[];
    refused: Refused | null;
}>();
const emit = defineEmits<{ change: [part: Partial<CardHead>] }>();
/** Large, for reading across the room. */
const helper = defineModel<boolean>('helper', { required: true });

/** The paper of the country the browser speaks the language of. */
const paper = /-(US|CA|MX)$/.test(navigator.language) ? 'letter' : 'a4';
const takenOn = ref(day(props.card.taken_on));
const foundation = ref(props.card.foundation);
const measuredBy = ref(props.card.measured_by);
const read = computed(() => readDay(takenOn.value, new Date()));
const dayFault = ref<string | null>(null);
const sets = computed(() =>
    props.guide.sets.map(({ name, title }) => ({ value: name as Card['point_set'], label: title })),
);

watchDebounced(
    [takenOn, foundation, measuredBy],
    ([, worn, by]) => {
        dayFault.value = read.value === null ? 'Give a day, such as 20 Nov 2026.' : null;
        const head = { taken_on: read.value ?? props.card.taken_on, foundation: worn, measured_by: by };
        const { taken_on, foundation: seen, measured_by } = props.card;
        if (head.taken_on !== taken_on || worn !== seen || by !== measured_by) emit('change', head);
    },
    { debounce: 400 },
);
</script>

<template>
    <div class="inline card-head" :class="{ helper }">
        <h1>{{ card.wearer }}</h1>
        <TextField v-model="takenOn" label="Taken on" :fault="dayFault ?? refused?.at('taken_on')" />
        <TextField v-model="foundation" label="Worn underneath" :fault="refused?.at('foundation')" />
        <TextField
            v-model="measuredBy"
            label="Measured by"
            :suggestions="hands"
            :fault="refused?.at('measured_by')"
        />
        <ChoiceField
            label="Points"
            :options="sets"
            :model-value="card.point_set"
            @update:model-value="emit('change', { point_set: $event ?? 'dress' })"
        />
        <a class="print" :href="`/api/blank-card.pdf?set=${card.point_set}&paper=${paper}`" target="_blank"
            >A blank card to print</a
        >
        <Button :label="helper ? 'Back to the card' : 'Helper mode'" outlined @click="helper = !helper" />
    </div>
</template>

<style scoped>
.card-head h1 {
    flex: 1;
    padding-top: 22px;
}
.card-head :deep(.text-field) {
    width: 158px;
}
.card-head .print {
    padding-top: 30px;
}
.card-head.helper .field {
    display: none;
}
</style>
