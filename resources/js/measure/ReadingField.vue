<script setup lang="ts">
import { computed, useId } from 'vue';
import type { Reading, Unit } from '../api/types';
import TypedInput from '../ui/TypedInput.vue';
import { withUnit } from './typed';
import type { Pending } from './usePending';

/** One try at a point. What is typed is handed on when it is left; Enter goes on without waiting for the answer. */
const props = defineProps<{
    label: string;
    reading: Reading | null;
    /** Typed, and not on the card. */
    pending: Pending | null;
    /** Meant where the text names none. */
    unit: Unit;
}>();
const emit = defineEmits<{ keep: [text: string]; takeTheirs: []; next: [] }>();

const id = useId();
const onCard = computed(() => (props.reading ? withUnit(props.reading, props.unit) : ''));
const text = computed(() => props.pending?.text ?? onCard.value);
const outcome = computed(() => props.pending?.outcome ?? null);
</script>

<template>
    <div class="reading-field">
        <label :for="id">{{ label }}, {{ unit }}</label>
        <TypedInput
            :id="id"
            :value="text"
            class="text-field"
            inputmode="decimal"
            :aria-invalid="outcome !== null"
            :aria-describedby="`${id}-note`"
            @keep="emit('keep', $event.trim())"
            @keydown.enter.prevent="emit('next')"
        />
        <p v-if="outcome" :id="`${id}-note`" class="fault" role="alert">
            <template v-if="outcome.kind !== 'conflict'">{{ outcome.sentence }}</template>
            <template v-else>
                Elsewhere “{{ outcome.theirs || 'nothing' }}” was typed here; yours is “{{ text }}”.
                <button type="button" class="link" @click="emit('keep', text)">Keep mine</button>
                <button type="button" class="link" @click="emit('takeTheirs')">Take the other</button>
            </template>
        </p>
    </div>
</template>

<style scoped>
.reading-field {
    display: grid;
    gap: 8px;
    max-width: 260px;
}
.reading-field label {
    font-size: 13px;
    font-weight: 600;
}
.helper .reading-field {
    max-width: none;
    width: 520px;
    font-size: 120px;
}
.reading-field input {
    width: 240px;
    font-size: 54px;
    font-weight: 650;
    line-height: 1.1;
    font-feature-settings: 'tnum';
}
/* Read from across the room, by someone who calls out the figures. */
.helper .reading-field input {
    max-width: none;
    width: 520px;
    font-size: 120px;
}
</style>
