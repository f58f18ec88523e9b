<script setup lang="ts">
import Button from 'primevue/button';
import type { Clash } from '../state/merge';

/** What was changed here and elsewhere to different values, and which of the two is to count. */
defineProps<{ clashes: Clash[]; place: (clash: Clash) => string }>();
const emit = defineEmits<{ settle: ['here' | 'meanwhile'] }>();

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
                {{ place(clash) }}: here <b>{{ words(clash.here) }}</b>, meanwhile
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
    border: 2px solid var(--ink);
    background: var(--paper);
}
</style>
