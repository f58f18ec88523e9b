<script setup lang="ts">
import Button from 'primevue/button';
import type { PatternDocument } from '../api/types';
import { placeWords } from '../sheet/sheet';
import type { Clash } from '../state/merge';

/** What was changed here and elsewhere to different values, and which of the two is to count. */
defineProps<{ clashes: Clash[]; document: PatternDocument }>();
const emit = defineEmits<{ settle: ['here' | 'meanwhile'] }>();

function place({ path }: Clash, document: PatternDocument): string {
    const [part, ...inside] = path;
    if (part !== 'document') return String(part);
    const field = inside.map((key) => (typeof key === 'number' ? `[${key}]` : `.${key}`)).join('');
    return placeWords(`pattern${field}`, document);
}

function words(value: unknown): string {
    if (value === null || value === undefined || value === '') return 'nothing';
    return typeof value === 'object' ? JSON.stringify(value).slice(0, 80) : String(value);
}
</script>

<template>
    <section class="clashes" role="alert" aria-label="Changed elsewhere meanwhile">
        <p><b>This was changed elsewhere while you typed.</b> All else is put together; here it clashes:</p>
        <ul>
            <li v-for="clash in clashes" :key="clash.path.join('.')">
                {{ place(clash, document) }}: here <b>{{ words(clash.here) }}</b>, meanwhile
                <b>{{ words(clash.meanwhile) }}</b>
            </li>
        </ul>
        <div class="inline">
            <Button type="button" size="small" label="Keep what is here" @click="emit('settle', 'here')" />
            <Button
                type="button"
                size="small"
                outlined
                label="Take what was changed meanwhile"
                @click="emit('settle', 'meanwhile')"
            />
        </div>
    </section>
</template>

<style scoped>
.clashes {
    display: grid;
    gap: 8px;
    padding: 12px 16px;
    border: 2px solid var(--cut);
    background: var(--paper);
}
</style>
