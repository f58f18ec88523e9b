<script setup lang="ts" generic="T extends string">
import { useId } from 'vue';
import PickOne from './PickOne.vue';

/** A choice that shows its present answer as a word in a sentence, and opens on demand. */
defineProps<{
    label: string;
    options: readonly { value: T; label: string }[];
    /** Why another answer would change nothing now. */
    idle?: string | null | undefined;
    /** Whether the label is only spoken: the sentence says it already. */
    quiet?: boolean;
    fault?: string | null | undefined;
}>();
const value = defineModel<T>({ required: true });
const id = useId();
</script>

<template>
    <span class="word-choice" :class="{ idle }">
        <label :for="id" :class="{ 'sr-only': quiet }">{{ label }}</label>
        <PickOne
            :id="id"
            :model-value="value"
            :options="options"
            :aria-describedby="idle || fault ? `${id}-note` : undefined"
            :aria-invalid="Boolean(fault)"
            @update:model-value="$event !== null && (value = $event)"
        />
        <small v-if="fault" :id="`${id}-note`" class="fault" role="alert">{{ fault }}</small>
        <small v-else-if="idle" :id="`${id}-note`">no effect: {{ idle }}</small>
    </span>
</template>

<style scoped>
.word-choice {
    position: relative;
    display: inline-flex;
    align-items: center;
    gap: 6px;
}
label {
    font-size: 13.5px;
}
select {
    field-sizing: content;
    max-width: 100%;
    padding: 3px 6px;
    font: inherit;
    font-size: 13.5px;
    color: var(--ink);
    background: var(--paper);
    border: 1px solid var(--rule);
    border-radius: 4px;
    cursor: pointer;
}
.idle select {
    color: var(--quiet);
    border-style: dashed;
}
small {
    position: absolute;
    top: 100%;
    right: 0;
    font-size: 11.5px;
    line-height: 1.25;
    white-space: nowrap;
}
@media (max-width: 560px) {
    .bench .word-choice {
        flex-wrap: wrap;
    }
    .bench .word-choice small {
        position: static;
        white-space: normal;
    }
}
</style>
