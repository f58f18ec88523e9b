<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watchEffect } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Workroom } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import { focusFault } from '../ui/focusFault';
import { cardWords } from '../measure/age';

const props = defineProps<{ wearers: Workroom['wearers']; patterns: Workroom['patterns'] }>();
const router = useRouter();
const card = ref<number | null>(null);
/** A pattern's own page sends here with the pattern. */
const pattern = ref<number | null>(Number(useRoute().query.pattern) || null);
const refused = ref<Refused | null>(null);
const measured = computed(() =>
    props.wearers.flatMap(({ name, cards }) =>
        cards
            .filter((one) => one.measured > 0)
            .map((one) => ({ label: `${name}, ${cardWords(one)}`, value: one.id })),
    ),
);
const owned = computed(() => props.patterns.map(({ name, id }) => ({ label: name, value: id })));

// Where there is only one there is nothing to choose.
watchEffect(() => {
    if (measured.value.length === 1) card.value ??= measured.value[0]?.value ?? null;
    if (owned.value.length === 1) pattern.value ??= owned.value[0]?.value ?? null;
});

async function start(): Promise<void> {
    refused.value = null;
    try {
        const ids = { card_id: card.value ?? 0, pattern_id: pattern.value ?? 0 };
        const make = await api.POST('/api/makes', { body: ids }).then(body);
        await router.push({ name: 'bench', params: { id: make.id } });
    } catch (error) {
        refused.value = asRefused(error);
        void focusFault();
    }
}
</script>

<template>
    <form class="inline starter" novalidate @submit.prevent="start">
        <ChoiceField
            v-model="card"
            label="New make for"
            :options="measured"
            placeholder="wearer and card"
            :fault="refused?.at('card_id')"
        />
        <ChoiceField
            v-model="pattern"
            label="from"
            :options="owned"
            placeholder="pattern"
            :fault="refused?.at('pattern_id')"
        />
        <Button type="submit" label="To the bench" />
        <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
            {{ refused.message }}
        </p>
    </form>
</template>

<style scoped>
.starter :deep(select) {
    width: 230px;
}
@media print {
    .starter {
        display: none;
    }
}
</style>
