<script setup lang="ts">
import Button from 'primevue/button';
import { nextTick, ref, useTemplateRef } from 'vue';
import { asRefused } from '../api/client';
import type { BinEntry } from '../api/types';
import { useBin } from '../state/bin';

/** Says what goes along before it deletes. The hands land on "Keep": a second press of the same key keeps it. */
const props = defineProps<{ name: string; along: string; remove: () => Promise<BinEntry> }>();
const emit = defineEmits<{ deleted: [BinEntry] }>();
const { last } = useBin();
const asking = ref(false);
const refused = ref('');

/** Pressed twice, it goes once. */
let isGoing = false;
async function toBin(): Promise<void> {
    if (isGoing) return;
    isGoing = true;
    asking.value = false;
    try {
        last.value = await props.remove();
        emit('deleted', last.value);
    } catch (error) {
        refused.value = asRefused(error).message;
    }
    isGoing = false;
}

const place = useTemplateRef<HTMLElement>('place');
async function ask(isAsked: boolean): Promise<void> {
    asking.value = isAsked;
    await nextTick();
    place.value?.querySelector<HTMLButtonElement>(isAsked ? '.keep' : 'button')?.focus();
}
</script>

<template>
    <div ref="place" class="delete">
        <div v-if="asking" class="notice asking" role="alert">
            <p>
                <b>{{ name }}</b> goes into the bin<template v-if="along">
                    with <b>{{ along }}</b></template
                >. For 30 days {{ along ? 'all of it' : 'it' }} can be brought back.
            </p>
            <div class="inline">
                <Button type="button" size="small" label="Into the bin" @click="toBin" />
                <Button class="keep" type="button" size="small" text label="Keep" @click="ask(false)" />
            </div>
        </div>
        <template v-else>
            <Button
                type="button"
                text
                size="small"
                label="Delete"
                :aria-label="`Delete ${name}`"
                @click="ask(true)"
            />
            <span v-if="refused" class="fault" role="alert">{{ refused }}</span>
        </template>
    </div>
</template>

<style scoped>
.delete {
    display: contents;
}
.asking {
    display: grid;
    gap: 8px;
}
</style>
