<script setup lang="ts">
import Button from 'primevue/button';
import BeginPart from './BeginPart.vue';

/** What an empty workroom teaches. */
defineProps<{ isFilling: boolean }>();
const emit = defineEmits<{ demo: [] }>();
</script>

<template>
    <section class="steps" aria-label="How to begin">
        <h1>Three steps to a cutting line</h1>
        <BeginPart />
        <p>
            Or look around first, among the people and patterns of a made-up wardrobe room:
            <Button
                label="Put the demo’s data in here"
                text
                size="small"
                :loading="isFilling"
                @click="emit('demo')"
            />
            It can be taken out again.
        </p>
    </section>
</template>

<style scoped>
section {
    display: grid;
    gap: 12px;
    align-content: start;
}
</style>
