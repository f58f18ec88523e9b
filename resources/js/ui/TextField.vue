<script setup lang="ts">
import { useId } from 'vue';
import TypedInput from './TypedInput.vue';

defineProps<{
    label: string;
    type?: string;
    autocomplete?: string;
    fault?: string | null | undefined;
    hint?: string;
    /** What may be meant, offered while it is typed. */
    suggestions?: readonly string[];
}>();
const value = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
    <div class="field">
        <label :for="id">{{ label }}</label>
        <TypedInput
            :id="id"
            :value="value"
            class="text-field"
            :type="type ?? 'text'"
            :autocomplete="autocomplete ?? 'off'"
            :list="suggestions ? `${id}-list` : undefined"
            :aria-invalid="Boolean(fault)"
            :aria-describedby="fault || hint ? `${id}-note` : undefined"
            @typed="value = $event"
        />
        <datalist v-if="suggestions" :id="`${id}-list`">
            <option v-for="one in suggestions" :key="one" :value="one" />
        </datalist>
        <p v-if="fault" :id="`${id}-note`" class="fault" role="alert">{{ fault }}</p>
        <p v-else-if="hint" :id="`${id}-note`" class="hint">{{ hint }}</p>
    </div>
</template>
