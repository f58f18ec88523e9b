<script setup lang="ts">
import { watchDebounced } from '@vueuse/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { Refused } from '../api/client';
import type { Card, MeasuringGuide } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';

const props = defineProps<{ card: Card; guide: MeasuringGuide; refused: Refused | null }>();
const emit = defineEmits<{
    change: [part: Partial<Pick<Card, 'taken_on' | 'foundation' | 'point_set'>>];
}>();
/** Large, for reading across the room. */
const helper = defineModel<boolean>('helper', { required: true });

/** The paper of the country the browser speaks the language of. */
const paper = /-(US|CA|MX)$/.test(navigator.language) ? 'letter' : 'a4';
const takenOn = ref(props.card.taken_on);
const foundation = ref(props.card.foundation);
const sets = computed(() =>
    props.guide.sets.map(({ name, title }) => ({ value: name as Card['point_set'], label: title })),
);

watchDebounced(
    [takenOn, foundation],
    ([taken_on, worn]) => {
        if (taken_on !== props.card.taken_on || worn !== props.card.foundation)
            emit('change', { taken_on, foundation: worn });
    },
    { debounce: 400 },
);
</script>

<template>
    <div class="inline card-head" :class="{ helper }">
        <h1>{{ card.wearer }}</h1>
        <TextField v-model="takenOn" type="date" label="Taken on" :fault="refused?.at('taken_on')" />
        <TextField v-model="foundation" label="Worn underneath" :fault="refused?.at('foundation')" />
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
.card-head .print {
    padding-top: 30px;
}
.card-head.helper .field {
    display: none;
}
</style>
