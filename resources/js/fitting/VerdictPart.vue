<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import type { Fitting, LevelName, Verdict } from '../api/types';
import { day } from '../measure/age';
import TextField from '../ui/TextField.vue';
import { title } from '../ui/words';

/** What wearing told: kept with the sizes and the ease as cut of today. */
const props = defineProps<{ page: Fitting; today: string; fault: string | null }>();
const emit = defineEmits<{ judge: [verdict: Verdict] }>();

type Wear = 'tight' | 'right' | 'loose';
const wears: Wear[] = ['tight', 'right', 'loose'];
const levels = ref<Partial<Record<LevelName, Wear | null>>>({});
const note = ref('');
const again = ref<boolean | null>(null);

watch(
    () => props.page.verdict,
    (verdict) => {
        levels.value = { ...verdict.levels };
        note.value = verdict.note ?? '';
        again.value = verdict.again ?? null;
    },
    { immediate: true },
);
const isGiven = computed(() => Boolean(props.page.verdict.day));
/** Whether a make that was changed since is judged as it is now: else the verdict stays one of the garment that was worn. */
const isAnew = ref(false);
const isOfThen = computed(() => isGiven.value && !isAnew.value);
function ease(level: LevelName): string | null {
    const one = props.page.levels.find((each) => each.level === level);
    return (isOfThen.value ? one?.said_ease : null) ?? one?.ease ?? null;
}

function keep(): void {
    const of = (key: 'ease' | 'size') =>
        Object.fromEntries(props.page.levels.flatMap((one) => (one[key] ? [[one.level, one[key]]] : [])));
    const then = isOfThen.value && props.page.changed_since.length > 0 ? props.page.verdict : null;
    emit('judge', {
        day: then?.day ?? props.today,
        levels: levels.value,
        ease: then?.ease ?? of('ease'),
        sizes: then?.sizes ?? of('size'),
        note: note.value.trim(),
        again: again.value,
    });
    isAnew.value = false;
}
</script>

<template>
    <section class="verdict" aria-labelledby="verdict-title">
        <h2 id="verdict-title">Once it was worn</h2>
        <p v-if="isGiven" class="what">
            Said on {{ day(page.verdict.day!) }}, with the ease as cut of that day.
        </p>
        <p v-else class="hint">How was it to sit, reach and breathe in? It teaches the next make.</p>
        <p v-if="page.changed_since.length > 0 && !isAnew" class="changed">
            The make was changed since: {{ page.changed_since.join('; ') }}. What was said stays with the
            garment that was worn.
            <button type="button" class="link" @click="isAnew = true">Judge it as it is now</button>
        </p>
        <ul>
            <li v-for="{ level, size } in page.levels" :key="level">
                <b :id="`wear-${level}`">{{ title(level) }}</b>
                <span class="answers" role="radiogroup" :aria-labelledby="`wear-${level}`">
                    <label v-for="wear in wears" :key="wear">
                        <input v-model="levels[level]" type="radio" :name="`wear-${level}`" :value="wear" />{{
                            wear
                        }}
                    </label>
                </span>
                <span class="what"
                    >cut in {{ (isOfThen && page.verdict.sizes?.[level]) || size
                    }}<template v-if="ease(level)">, {{ ease(level) }} of room</template></span
                >
            </li>
        </ul>
        <TextField v-model="note" class="note" label="One sentence for next time" :fault="fault" />
        <p class="again" role="radiogroup" aria-label="Make it again?">
            <b>Make it again?</b>
            <label><input v-model="again" type="radio" name="again" :value="true" />yes</label>
            <label><input v-model="again" type="radio" name="again" :value="false" />no</label>
        </p>
        <Button type="button" size="small" label="Keep the verdict" @click="keep" />
    </section>
</template>

<style scoped>
.verdict {
    display: grid;
    gap: 8px;
    justify-items: start;
}
li,
.again {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    align-items: baseline;
    padding: 3px 0;
    margin: 0;
}
.note {
    width: 100%;
}
li b {
    min-width: 52px;
}
.answers {
    display: inline-flex;
    gap: 12px;
}
p {
    margin: 0;
}
</style>
