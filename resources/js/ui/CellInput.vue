<script setup lang="ts">
import { useId } from 'vue';
import TypedInput from './TypedInput.vue';

/** A figure in a table: plain, narrow, with its fault at the cell. */
defineProps<{
    value: string | null | undefined;
    label: string;
    fault?: string | null | undefined;
    wide?: boolean;
}>();
defineOptions({ inheritAttrs: false });
const emit = defineEmits<{ change: [text: string] }>();
const id = useId();
</script>

<template>
    <span class="cell-box">
        <TypedInput
            v-bind="$attrs"
            :value="value"
            class="cell"
            :class="{ faulty: fault, wide }"
            :aria-label="label"
            :aria-invalid="Boolean(fault)"
            :aria-describedby="fault ? `${id}-fault` : undefined"
            maxlength="60"
            @keep="emit('change', $event.trim())"
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
