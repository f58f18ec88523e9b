<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import type { Unit } from '../api/types';
import TextField from '../ui/TextField.vue';
import type { Guess } from './useLaying';

/** Whether it reads more or less, and by how much: asked before anything is told. */
const props = defineProps<{ unit: Unit }>();
const emit = defineEmits<{ guess: [Guess] }>();
const ways = [
    { value: 'more', label: 'more' },
    { value: 'less', label: 'less' },
    { value: 'same', label: 'the same' },
] as const;
const way = ref<Guess['way'] | null>(null);
const much = ref('');
const NM = { cm: 10_000_000, in: 25_400_000 } as const;

function send(): void {
    const figure = Number(much.value.replace(',', '.'));
    if (way.value !== null)
        emit('guess', {
            way: way.value,
            nm: Number.isFinite(figure) ? Math.round(figure * NM[props.unit]) : 0,
        });
}
</script>

<template>
    <form class="guess" novalidate @submit.prevent="send">
        <fieldset>
            <legend>Will it read</legend>
            <label v-for="{ value, label } in ways" :key="value">
                <input v-model="way" type="radio" name="way" :value="value" /> {{ label }}
            </label>
        </fieldset>
        <TextField v-if="way === 'more' || way === 'less'" v-model="much" :label="`by about, ${unit}`" />
        <Button type="submit" label="That is my guess" :disabled="way === null" />
    </form>
</template>

<style scoped>
.guess {
    display: grid;
    gap: 12px;
    justify-items: start;
}
fieldset {
    display: flex;
    gap: 16px;
    margin: 0;
    padding: 0;
    border: 0;
}
legend {
    padding: 0;
    margin-bottom: 4px;
    font-weight: 600;
}
label {
    display: flex;
    gap: 6px;
    align-items: center;
    min-height: 44px;
}
</style>
