<script setup lang="ts">
import { ref, useId, watch } from 'vue';

/** A figure in a table: plain, narrow, with its fault at the cell. What is being typed is never overwritten by an answer. */
const props = defineProps<{
    value: string | null | undefined;
    label: string;
    fault?: string | null | undefined;
    wide?: boolean;
}>();
defineOptions({ inheritAttrs: false });
const emit = defineEmits<{ change: [text: string] }>();

const id = useId();
const typed = ref(props.value ?? '');
let isTyping = false;
watch(
    () => props.value,
    (value) => {
        if (!isTyping) typed.value = value ?? '';
    },
);

function keep(): void {
    isTyping = false;
    emit('change', typed.value.trim());
}
</script>

<template>
    <span class="cell-box">
        <input
            v-bind="$attrs"
            v-model="typed"
            class="cell"
            :class="{ faulty: fault, wide }"
            :aria-label="label"
            :aria-invalid="Boolean(fault)"
            :aria-describedby="fault ? `${id}-fault` : undefined"
            autocomplete="off"
            maxlength="60"
            @input="isTyping = true"
            @change="keep"
        />
        <small v-if="fault" :id="`${id}-fault`" class="fault" role="alert">{{ fault }}</small>
    </span>
</template>

<style scoped>
.cell-box {
    display: inline-grid;
    gap: 2px;
    justify-items: start;
    white-space: normal;
}
.cell-box .fault {
    max-width: 26ch;
}
.cell.wide {
    width: 190px;
}
.cell.faulty {
    border: 2px solid var(--bad);
}
</style>
