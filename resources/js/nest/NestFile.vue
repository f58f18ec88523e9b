<script setup lang="ts">
/** A drawing from a file; the same one can be brought again. */
defineProps<{ words: string; isBusy: boolean }>();
const emit = defineEmits<{ bring: [file: File] }>();

function chosen(event: Event): void {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    input.value = '';
    if (file) emit('bring', file);
}
</script>

<template>
    <label class="file">
        <span>{{ isBusy ? 'Reading…' : words }}</span>
        <input type="file" accept=".svg,.pdf" :disabled="isBusy" @change="chosen" />
    </label>
</template>
