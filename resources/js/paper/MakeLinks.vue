<script setup lang="ts">
import { RouterLink } from 'vue-router';

/** From one place of a make to the others. */
defineProps<{ make: number }>();

const places = [
    { name: 'bench', words: 'Bench' },
    { name: 'cut-sheet', words: 'Cut sheet' },
    { name: 'make-nest', words: 'On its own lines' },
    { name: 'projector', words: 'Projector' },
    { name: 'fitting', words: 'Fitting' },
    { name: 'cloth', words: 'Cloth' },
    { name: 'files', words: 'Files' },
] as const;
</script>

<template>
    <nav class="make-links" aria-label="This make">
        <RouterLink
            v-for="place in places"
            :key="place.name"
            :to="{ name: place.name, params: { id: make } }"
            >{{ place.words }}</RouterLink
        >
    </nav>
</template>

<style scoped>
.make-links {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    font-size: 14px;
    font-weight: 600;
}
.make-links a {
    padding: 4px 0;
}
.make-links a.router-link-exact-active {
    text-decoration: none;
    color: var(--quiet);
}
@media screen and (max-width: 560px) {
    .make-links {
        flex-wrap: nowrap;
        gap: 0 18px;
        /* As wide as the page: what holds it would grow with it. */
        max-width: calc(100vw - 56px);
        overflow-x: auto;
        scrollbar-width: none;
        white-space: nowrap;
    }
    .make-links a {
        display: inline-flex;
        align-items: center;
        min-height: 44px;
        padding: 0;
    }
}
@media print {
    .make-links {
        display: none;
    }
}
</style>
