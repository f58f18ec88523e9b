<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { useId } from 'vue';

defineProps<{
    label: string;
    type?: string;
    autocomplete?: string;
    fault?: string | null | undefined;
    hint?: string;
}>();
const value = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
    <div class="field">
        <label :for="id">{{ label }}</label>
        <InputText
            :id="id"
            v-model="value"
            :type="type ?? 'text'"
            :autocomplete="autocomplete ?? 'off'"
            :invalid="Boolean(fault)"
            :aria-describedby="fault || hint ? `${id}-note` : undefined"
        />
        <p v-if="fault" :id="`${id}-note`" class="fault" role="alert">{{ fault }}</p>
        <p v-else-if="hint" :id="`${id}-note`" class="hint">{{ hint }}</p>
    </div>
</template>
