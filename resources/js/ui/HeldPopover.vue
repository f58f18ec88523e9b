<script setup lang="ts">
import Popover from 'primevue/popover';
import { nextTick, ref, useTemplateRef } from 'vue';

/** What opens beside a button: by key the hand is in its first field, stays in it, and comes back to the button. */
defineProps<{ label: string }>();
const panel = ref<InstanceType<typeof Popover> | null>(null);
const content = useTemplateRef<HTMLElement>('content');
let opener: HTMLElement | null = null;
let isByKey = false;

/** @param at the button, where the event has gone by already */
function toggle(event: Event, at: EventTarget | null = event.currentTarget): void {
    opener = at as HTMLElement;
    // A click that no pointer made; under a finger no keyboard jumps up.
    isByKey = (event as MouseEvent).detail === 0;
    panel.value?.toggle(event, opener);
}

async function shown(): Promise<void> {
    await nextTick();
    if (isByKey)
        content.value?.querySelector<HTMLElement>('input, select, textarea, button, a[href]')?.focus();
}

/** Where the hand has gone elsewhere by itself it stays there. */
function hidden(): void {
    if (document.activeElement === null || document.activeElement === document.body) opener?.focus();
}

function hide(): void {
    panel.value?.hide();
    opener?.focus();
}

defineExpose({ toggle, hide });
</script>

<template>
    <Popover ref="panel" :aria-label="label" @show="shown" @hide="hidden">
        <div ref="content"><slot /></div>
    </Popover>
</template>
