<script setup lang="ts">
import Button from 'primevue/button';
import { reactive, ref } from 'vue';
import { asRefused, type Refused } from '../api/client';
import type { Make, Point } from '../api/types';
import { useSession } from '../state/session';
import TextField from '../ui/TextField.vue';
import { keepReading } from './askedFor';
import './ask.css';

/** Points of the card that the plan waits for, asked for where they are missed. */
const props = defineProps<{ make: Make; points: readonly Point[] }>();
const emit = defineEmits<{ kept: [] }>();
const session = useSession();

const typed = reactive<Record<string, string>>({});
const refused = ref<Record<string, Refused>>({});
const sentence = (point: string): string | null => {
    const one = refused.value[point];
    return one?.at('text') ?? one?.message ?? null;
};

/** One after the other, each on top of the card as it then is; what is refused stays as it was typed. */
async function keep(): Promise<void> {
    refused.value = {};
    for (const { code: point } of props.points) {
        if ((typed[point] ?? '').trim() === '') continue;
        try {
            await keepReading(props.make.card_id, point, typed[point] ?? '', session.unit);
        } catch (error) {
            refused.value = { ...refused.value, [point]: asRefused(error) };
        }
    }
    if (Object.keys(refused.value).length === 0) emit('kept');
}
</script>

<template>
    <form v-if="points.length > 0" class="ask" novalidate @submit.prevent="keep">
        <p>Measured, and the line is drawn:</p>
        <div class="inline">
            <TextField
                v-for="{ code, name } in points"
                :key="code"
                :model-value="typed[code] ?? ''"
                :label="`${name}, ${session.unit}`"
                :fault="sentence(code)"
                @update:model-value="typed[code] = $event"
            />
            <Button type="submit" size="small" label="Onto the card" />
        </div>
    </form>
</template>
