<script setup lang="ts">
import Button from 'primevue/button';

/** What an empty workroom teaches. */
defineProps<{ isFilling: boolean }>();
const emit = defineEmits<{ demo: [] }>();
</script>

<template>
    <section class="steps" aria-label="How to begin">
        <h1>Three steps to a cutting line</h1>
        <ol>
            <li><b>Measure someone.</b> Bust, waist and hip are enough to begin; name the wearer below.</li>
            <li><b>Put a pattern in.</b> Its body chart, and the finished measures if they are printed.</li>
            <li>
                <b>Lay the two on the bench.</b> See the size at every level, and where the new seam runs.
            </li>
        </ol>
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
.steps ol {
    counter-reset: step;
    display: grid;
    gap: 10px;
    font-size: 17px;
}
.steps li {
    counter-increment: step;
}
.steps li::before {
    content: counter(step);
    display: inline-block;
    width: 1.6em;
    font-weight: 750;
}
</style>
