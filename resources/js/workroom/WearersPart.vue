<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Workroom } from '../api/types';
import { age } from '../measure/age';
import { focusFault } from '../ui/focusFault';
import MoreMenu from '../ui/MoreMenu.vue';
import StandMini from '../measure/StandMini.vue';
import TextField from '../ui/TextField.vue';
import { useSome } from './useSome';

/** Those who are sewn for, and a field for one more. */
const props = defineProps<{ wearers: Workroom['wearers']; isFound: (name: string) => boolean }>();
const router = useRouter();
const newName = ref('');
const refused = ref<Refused | null>(null);
const present = computed(() =>
    props.wearers.filter(({ archived, name }) => !archived && props.isFound(name)),
);
const { shown, left, isWhole } = useSome(present);
const away = computed(() => props.wearers.filter(({ archived }) => archived));

async function startCard(wearer: number): Promise<void> {
    const card = await api.POST('/api/wearers/{wearer}/cards', { params: { path: { wearer } } }).then(body);
    await router.push({ name: 'card', params: { id: card.id } });
}

async function addWearer(): Promise<void> {
    refused.value = null;
    try {
        const wearer = await api.POST('/api/wearers', { body: { name: newName.value } }).then(body);
        await startCard(wearer.id);
    } catch (error) {
        refused.value = asRefused(error);
        void focusFault();
    }
}
</script>

<template>
    <section aria-labelledby="wearers-title">
        <h2 id="wearers-title" tabindex="-1">
            Wearers <small>{{ present.length }}</small>
        </h2>
        <ul class="shelf">
            <li v-for="wearer in shown" :key="wearer.id">
                <RouterLink :to="{ name: 'wearer', params: { id: wearer.id } }">
                    <StandMini :points="wearer.cards[0]?.points ?? []" />
                    <b>{{ wearer.name }}</b>
                    <span v-if="wearer.cards[0]" class="what">card {{ age(wearer.cards[0].age_days) }}</span>
                    <span v-else class="what">not measured yet</span>
                </RouterLink>
                <Button
                    v-if="wearer.cards[0]"
                    label="Card"
                    :aria-label="`Card: ${wearer.name}`"
                    text
                    size="small"
                    @click="router.push({ name: 'card', params: { id: wearer.cards[0].id } })"
                />
                <MoreMenu v-if="wearer.cards[0]" :of="wearer.name">
                    <Button
                        label="Measure again"
                        :aria-label="`Measure again: ${wearer.name}`"
                        text
                        size="small"
                        @click="startCard(wearer.id)"
                    />
                </MoreMenu>
                <Button
                    v-else
                    label="Measure"
                    :aria-label="`Measure: ${wearer.name}`"
                    text
                    size="small"
                    @click="startCard(wearer.id)"
                />
            </li>
        </ul>
        <Button v-if="left > 0" :label="`${left} more wearers`" text size="small" @click="isWhole = true" />
        <details v-if="away.length > 0">
            <summary>{{ away.length }} put away</summary>
            <ul class="rows">
                <li v-for="wearer in away" :key="wearer.id">
                    <RouterLink :to="{ name: 'wearer', params: { id: wearer.id } }">{{
                        wearer.name
                    }}</RouterLink>
                </li>
            </ul>
        </details>
        <form class="inline" novalidate @submit.prevent="addWearer">
            <TextField v-model="newName" label="New wearer" :fault="refused?.at('name')" />
            <Button type="submit" label="Measure" outlined />
        </form>
        <p v-if="refused && !refused.at('name')" class="fault" role="alert">{{ refused.message }}</p>
    </section>
</template>
