<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Workroom } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';

const props = defineProps<{ wearers: Workroom['wearers']; patterns: Workroom['patterns'] }>();
const router = useRouter();
const card = ref<number | null>(null);
const pattern = ref<number | null>(null);
const refused = ref<Refused | null>(null);
const measured = computed(() =>
    props.wearers.flatMap(({ name, cards }) => (cards[0] ? [{ label: name, value: cards[0].id }] : [])),
);
const owned = computed(() => props.patterns.map(({ name, id }) => ({ label: name, value: id })));

async function start(): Promise<void> {
    refused.value = null;
    try {
        const ids = { card_id: card.value ?? 0, pattern_id: pattern.value ?? 0 };
        const make = await api.POST('/api/makes', { body: ids }).then(body);
        await router.push({ name: 'bench', params: { id: make.id } });
    } catch (error) {
        refused.value = asRefused(error);
    }
}
</script>

<template>
    <form class="inline starter" novalidate @submit.prevent="start">
        <ChoiceField
            v-model="card"
            label="New make for"
            :options="measured"
            placeholder="wearer"
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
