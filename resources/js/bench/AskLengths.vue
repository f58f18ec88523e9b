<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue';
import Button from 'primevue/button';
import { asRefused, type Refused } from '../api/client';
import TextField from '../ui/TextField.vue';
import { keepLengths, lackingOf, type Lacking } from './askedFor';
import './ask.css';

/** Asks for the lengths that the new side seam can't be drawn without, here where it is missed. */
const props = defineProps<{ pattern: number }>();
const emit = defineEmits<{ kept: [] }>();

const lacking = shallowRef<Lacking | null>(null);
const typed = ref<Record<string, string>>({});
const refused = ref<Refused | null>(null);

async function load(): Promise<void> {
    lacking.value = await lackingOf(props.pattern);
}
onMounted(() =>
    load().catch((error: unknown) => {
        refused.value = asRefused(error);
    }),
);

async function keep(): Promise<void> {
    if (lacking.value === null) return;
    try {
        await keepLengths(lacking.value, typed.value);
        emit('kept');
    } catch (error) {
        refused.value = asRefused(error);
        // Changed elsewhere meanwhile: what was typed here stays, and goes on top of it.
        if (refused.value.status === 409) await load();
    }
}
</script>

<template>
    <form v-if="lacking && lacking.lengths.length > 0" class="ask" novalidate @submit.prevent="keep">
        <p>Measured on the paper, and the line is drawn:</p>
        <div class="inline">
            <TextField
                v-for="{ key, words, ...usual } in lacking.lengths"
                :key="key"
                :model-value="typed[key] ?? ''"
                :label="words"
                :hint="`empty: ${usual[lacking.pattern.unit]}, as is usual`"
                @update:model-value="typed[key] = $event"
            />
            <Button type="submit" size="small" label="Draw the line" />
        </div>
        <p v-if="refused" class="fault" role="alert">{{ refused.message }}</p>
    </form>
</template>
