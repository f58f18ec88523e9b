<script setup lang="ts">
/** A figure in a table: plain, narrow, with its fault at the cell. */
defineProps<{
    value: string | null | undefined;
    label: string;
    fault?: string | null | undefined;
    wide?: boolean;
}>();
const emit = defineEmits<{ change: [text: string] }>();
</script>

<template>
    <input
        class="cell"
        :class="{ faulty: fault, wide }"
        :value="value ?? ''"
        :aria-label="label"
        :aria-invalid="Boolean(fault)"
        :title="fault ?? undefined"
        autocomplete="off"
        maxlength="60"
        @change="emit('change', ($event.target as HTMLInputElement).value.trim())"
    />
</template>

<style scoped>
.cell.wide {
    width: 190px;
}
.cell.faulty {
    border: 2px solid var(--bad);
}
</style>
