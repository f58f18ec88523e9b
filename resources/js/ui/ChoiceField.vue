<script setup lang="ts" generic="T extends string | number">
import { useId } from 'vue';
import PickOne from './PickOne.vue';

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
        <label :for="id" class="label">{{ label }}</label>
        <PickOne
            :id="id"
            v-model="value"
            :options="options"
            :placeholder="placeholder ?? ''"
            :aria-invalid="Boolean(fault)"
        />
        <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    </div>
</template>
