<script setup lang="ts" generic="T extends string | number">
import Select from 'primevue/select';
import { useId } from 'vue';

defineProps<{
    label: string;
    options: readonly { value: T; label: string }[];
    placeholder?: string;
    fault?: string | null | undefined;
}>();
const value = defineModel<T | null>({ required: true });
const id = useId();
</script>

<template>
    <div class="field">
        <span :id="id" class="label">{{ label }}</span>
        <Select
            v-model="value"
            :options="[...options]"
            option-label="label"
            option-value="value"
            :placeholder="placeholder ?? ''"
            :aria-labelledby="id"
            :invalid="Boolean(fault)"
        />
        <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    </div>
</template>
