<script setup lang="ts">
import { useTyped } from './useTyped';

/** The one field that text is typed into: what is being typed is never overwritten by an answer. */
const props = defineProps<{ value: string | null | undefined }>();
const emit = defineEmits<{
    /** At each key. */
    typed: [text: string];
    /** When it is left, and has become another. */
    keep: [text: string];
}>();

const { text, type, leave } = useTyped(
    () => props.value ?? '',
    (now) => {
        emit('keep', now);
    },
);

function typed(event: Event): void {
    const now = (event.target as HTMLInputElement).value;
    type(now);
    emit('typed', now);
}

/** What is put in without a key, as helpers of the browser do, is told by a change alone. */
function changed(event: Event): void {
    if ((event.target as HTMLInputElement).value !== text.value) typed(event);
    leave();
}
</script>

<template>
    <input
        :value="text"
        autocomplete="off"
        @input="typed"
        @change="changed"
        @blur="leave"
        @keydown.enter="leave"
    />
</template>
