<script setup lang="ts">
/** A part of the pattern's page, under its name. */
defineProps<{ name: string; words: string }>();
</script>

<template>
    <section :id="name" class="part-section" :aria-labelledby="`${name}-title`">
        <h2 :id="`${name}-title`">{{ words }}</h2>
        <div class="holds"><slot /></div>
    </section>
</template>

<style scoped>
.part-section {
    padding: 14px 20px 18px;
    border: 1.5px solid var(--rule);
    background: var(--paper);
    scroll-margin-top: 10px;
}
h2 {
    margin: 0;
    font-size: 18px;
}
.holds {
    min-width: 0;
    /* Wide tables have a scroller of their own: the page never runs out sideways. */
    overflow-x: auto;
    padding: 8px 0 0;
}
@media print {
    .part-section {
        padding: 6px 0 0;
        border-width: 1.5px 0 0;
    }
}
</style>
