<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { computed, ref, useId, watch } from 'vue';
import type { Reading, Unit } from '../api/types';
import { withUnit } from './typed';
import type { Kept } from './useCard';

const props = defineProps<{
    label: string;
    reading: Reading | null;
    /** Typed earlier and not sent yet. */
    unsent: string | null;
    /** Meant where the text names none. */
    unit: Unit;
    keep: (text: string) => Promise<Kept>;
}>();
const emit = defineEmits<{ next: [] }>();

const id = useId();
const shown = computed(() => (props.reading ? withUnit(props.reading, props.unit) : ''));
const text = ref(props.unsent ?? shown.value);
const kept = ref(shown.value);
const outcome = ref<Kept>({ kind: 'kept' });

/** What stands on the card is shown, unless something else is being typed over it. */
watch(shown, (now) => {
    if (text.value === kept.value) text.value = now;
    kept.value = now;
    // Sent meanwhile, by a later try.
    if (text.value === now) outcome.value = { kind: 'kept' };
});

/** What was typed stays in the field whatever becomes of it. */
async function send(): Promise<boolean> {
    const typed = text.value.trim();
    if (typed === kept.value && outcome.value.kind === 'kept') return true;
    outcome.value = await props.keep(typed);
    if (outcome.value.kind === 'kept') text.value = kept.value = shown.value;
    return outcome.value.kind === 'kept';
}

async function enter(): Promise<void> {
    if (await send()) emit('next');
}

function takeTheirs(): void {
    text.value = kept.value = shown.value;
    outcome.value = { kind: 'kept' };
}
</script>

<template>
    <div class="reading-field">
        <label :for="id">{{ label }}, {{ unit }}</label>
        <InputText
            :id="id"
            v-model="text"
            autocomplete="off"
            :invalid="outcome.kind !== 'kept'"
            :aria-describedby="`${id}-note`"
            @blur="send"
            @keydown.enter.prevent="enter"
        />
        <p :id="`${id}-note`" class="fault" role="alert">
            <template v-if="outcome.kind === 'refused' || outcome.kind === 'unsent'">{{
                outcome.sentence
            }}</template>
            <template v-else-if="outcome.kind === 'conflict'">
                Elsewhere “{{ outcome.theirs || 'nothing' }}” was typed here; yours is “{{ text }}”.
                <button type="button" class="link" @click="send">Keep mine</button>
                <button type="button" class="link" @click="takeTheirs">Take the other</button>
            </template>
        </p>
    </div>
</template>

<style scoped>
.reading-field {
    display: grid;
    gap: 4px;
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
.reading-field ~ .reading-field input {
    width: 150px;
    font-size: 32px;
}
/* Read from across the room, by someone who calls out the figures. */
.helper .reading-field input {
    max-width: none;
    width: 520px;
    font-size: 120px;
}
</style>
