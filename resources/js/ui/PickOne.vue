<script setup lang="ts" generic="T extends string | number | null">
/** The one look of a list to pick from: the browser's own, which opens as a hand expects on every device. */
defineProps<{
    options: readonly { value: T; label: string }[];
    /** What stands there until something is picked. */
    placeholder?: string;
}>();
const value = defineModel<T | null>({ required: true });
</script>

<template>
    <!-- eslint-disable-next-line vuejs-accessibility/form-control-has-label -- whoever uses it names it -->
    <select v-model="value">
        <option v-if="placeholder" :value="null" disabled hidden>{{ placeholder }}</option>
        <option v-for="option in options" :key="String(option.value)" :value="option.value">
            {{ option.label }}
        </option>
    </select>
</template>
