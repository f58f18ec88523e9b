<script setup lang="ts">
import Button from 'primevue/button';
import { computed, nextTick, ref } from 'vue';
import type { Hand, MeasuringGuide } from '../api/types';
import { useSession } from '../state/session';
import ChoiceField from '../ui/ChoiceField.vue';
import { figureText } from '../ui/figure';
import TextField from '../ui/TextField.vue';
import { TIMES, type useRepeat } from './useRepeat';

/** One point of a real body, five times, the tape off between, each reading written before the next. */
const props = defineProps<{
    repeat: ReturnType<typeof useRepeat>;
    points: MeasuringGuide['points'];
    by: string;
    at: string;
}>();
type Point = Hand['points'][number]['point'];
const session = useSession();
const { begun, result, done, refused } = props.repeat;

const name = ref(props.by);
const point = ref<Point | null>((props.at || 'waist') as Point);
const options = computed(() =>
    props.points.map(({ code, name: label }) => ({ value: code as Point, label })),
);
const guide = computed(() => props.points.find(({ code }) => code === begun.value?.point));
const lacksName = ref(false);
function start(): void {
    lacksName.value = name.value.trim() === '';
    if (!lacksName.value && point.value !== null)
        props.repeat.begin(name.value.trim(), point.value, session.unit);
}

const reading = ref('');
/** The last one is put out of sight: who sees it reads it again. */
async function write(): Promise<void> {
    if (!(await props.repeat.write(reading.value))) return;
    reading.value = '';
    await nextTick();
    document.querySelector<HTMLInputElement>('.repeat-room input')?.focus();
}
const words = (nm: number): string => figureText(nm, session.unit);
</script>

<template>
    <div class="repeat-room">
        <template v-if="begun">
            <h2>
                {{ begun.name }}: {{ guide?.name }}, reading {{ begun.readings.length + 1 }} of {{ TIMES }}
            </h2>
            <p>{{ guide?.where }} {{ guide?.mistake }}</p>
            <p>
                <b>Take the tape off, lay it anew, and write what you read.</b> The earlier ones stay hidden.
            </p>
            <form class="inline" novalidate @submit.prevent="write">
                <TextField
                    v-model="reading"
                    :label="`Reading ${begun.readings.length + 1}, ${begun.unit}`"
                    :fault="refused?.at(`readings.${begun.readings.length}`) ?? refused?.at('name')"
                />
                <Button type="submit" label="Written" :disabled="reading.trim() === ''" />
                <Button type="button" text label="Leave it" @click="repeat.leave()" />
            </form>
        </template>
        <template v-else>
            <div v-if="result && done" role="status" class="result">
                <p class="verdict">
                    <b>{{ done.name }} reads the {{ result.words }} within {{ words(result.spread_nm) }}</b
                    >, the middle is {{ words(result.middle_nm ?? 0) }}.
                </p>
                <p>
                    {{ result.readings.join(' · ') }} {{ result.unit }}. On a card that says “measured by
                    {{ done.name }}” a figure nearer than {{ words(result.counts_nm) }} to the edge of a size
                    gets “measure again”.
                </p>
            </div>
            <form class="inline" novalidate @submit.prevent="start">
                <TextField
                    v-model="name"
                    label="Who measures"
                    :fault="lacksName ? 'Whose hand is it?' : null"
                />
                <ChoiceField v-model="point" label="Which point" :options="options" />
                <Button type="submit" :label="result ? 'Another point' : 'Begin'" />
            </form>
        </template>
        <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
            {{ refused.message }}
        </p>
    </div>
</template>

<style scoped>
.repeat-room {
    display: grid;
    gap: 10px;
    padding: 14px 16px;
    border: 1.5px solid var(--rule);
    border-radius: 3px;
    background: var(--paper);
}
.repeat-room p {
    max-width: 70ch;
    margin: 0;
}
.inline {
    align-items: end;
}
.verdict {
    font-size: 18px;
}
</style>
