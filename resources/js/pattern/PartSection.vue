<script setup lang="ts">
import type { PartState } from './parts';

/** A part of the pattern's page: what is not printed is one quiet line. */
defineProps<{ part: PartState }>();
const emit = defineEmits<{ ask: [] }>();
</script>

<template>
    <section :id="part.value" class="part-section" :aria-labelledby="`${part.value}-title`">
        <h2 :id="`${part.value}-title`">
            {{ part.label }}<span v-if="part.quiet !== null" class="quiet">: {{ part.quiet }}</span
            ><span v-if="part.atFault" class="fault"> to mend</span>
        </h2>
        <button v-if="part.quiet !== null" type="button" class="link" @click="emit('ask')">
            open<span class="sr-only"> {{ part.label }}</span>
        </button>
        <div v-else class="holds"><slot /></div>
    </section>
</template>

<style scoped>
.part-section {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    align-items: baseline;
    padding-top: 12px;
    border-top: 1.5px solid var(--ink);
    scroll-margin-top: 10px;
}
h2 {
    font-size: 18px;
}
.quiet {
    font-weight: 400;
    font-size: 15px;
    color: var(--quiet);
}
.holds {
    flex: 1 1 100%;
    min-width: 0;
    /* Wide tables have a scroller of their own: the page never runs out sideways. */
    overflow-x: auto;
    padding: 8px 0 12px;
}
</style>
