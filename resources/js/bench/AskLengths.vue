<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue';
import Button from 'primevue/button';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Pattern, PatternGuide } from '../api/types';
import { opened } from '../charts/grid';
import { lacksOf } from '../pattern/lacks';
import { withLength, withUsual } from '../pattern/usual';
import TextField from '../ui/TextField.vue';
import './ask.css';

/** Asks for the lengths that the new side seam can't be drawn without, here where it is missed. */
const props = defineProps<{ pattern: number }>();
const emit = defineEmits<{ kept: [] }>();

const kept = shallowRef<Pattern | null>(null);
const lengths = shallowRef<PatternGuide['usual_lengths']>([]);
const typed = ref<Record<string, string>>({});
const refused = ref<Refused | null>(null);

async function load(): Promise<void> {
    const [pattern, guide] = await Promise.all([
        api.GET('/api/patterns/{pattern}', { params: { path: { pattern: props.pattern } } }).then(body),
        api.GET('/api/pattern-guide').then(body),
    ]);
    kept.value = pattern;
    const lacking = new Set<string>(lacksOf(opened(pattern.document)));
    lengths.value = guide.usual_lengths.filter(({ key }) => lacking.has(key));
}
onMounted(() =>
    load().catch((error: unknown) => {
        refused.value = asRefused(error);
    }),
);

/** What is left empty is as long as is usual, and marked so. */
async function keep(): Promise<void> {
    if (kept.value === null) return;
    const { name, house, unit, version } = kept.value;
    let document = opened(kept.value.document);
    for (const [key, text] of Object.entries(typed.value))
        if (text.trim() !== '')
            document = {
                ...document,
                seam: withLength(document.seam, key as 'waist_to_hip', text),
            };
    const sent = { name, house, unit, version, document: withUsual(document, lengths.value, unit) };
    try {
        await api
            .PUT('/api/patterns/{pattern}', { params: { path: { pattern: props.pattern } }, body: sent })
            .then(body);
        emit('kept');
    } catch (error) {
        refused.value = asRefused(error);
        // Changed elsewhere meanwhile: what was typed here stays, and goes on top of it.
        if (refused.value.status === 409) await load();
    }
}
</script>

<template>
    <form v-if="kept && lengths.length > 0" class="ask" novalidate @submit.prevent="keep">
        <p>Measured on the paper, and the line is drawn:</p>
        <div class="inline">
            <TextField
                v-for="{ key, words, ...usual } in lengths"
                :key="key"
                :model-value="typed[key] ?? ''"
                :label="words"
                :hint="`empty: ${usual[kept.unit]}, as is usual`"
                @update:model-value="typed[key] = $event"
            />
            <Button type="submit" size="small" label="Draw the line" />
        </div>
        <p v-if="refused" class="fault" role="alert">{{ refused.message }}</p>
    </form>
</template>
