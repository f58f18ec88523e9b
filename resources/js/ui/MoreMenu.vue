<script setup lang="ts">
import { onClickOutside, useEventListener } from '@vueuse/core';
import { useTemplateRef } from 'vue';

/** What is seldom done to a thing, behind three dots. */
defineProps<{ of: string }>();
const menu = useTemplateRef<HTMLDetailsElement>('menu');
const close = (): void => menu.value?.removeAttribute('open');
onClickOutside(menu, close);
useEventListener(menu, 'keydown', ({ key }) => {
    if (key === 'Escape') close();
});
</script>

<template>
    <details ref="menu" class="more-menu">
        <summary :aria-label="`More for ${of}`">
            <span aria-hidden="true">⋯</span>
        </summary>
        <div class="held"><slot /></div>
    </details>
</template>

<style scoped>
.more-menu {
    position: relative;
}
summary {
    display: grid;
    place-items: center;
    width: 32px;
    min-height: 32px;
    list-style: none;
    font-size: 18px;
    cursor: pointer;
}
summary::-webkit-details-marker {
    display: none;
}
.held {
    position: absolute;
    z-index: 3;
    top: 100%;
    right: 0;
    width: max-content;
    max-width: 260px;
    padding: 4px;
    border: 1.5px solid var(--ink);
    background: var(--paper);
}
@media print {
    .more-menu {
        display: none;
    }
}
@media (max-width: 700px) {
    summary {
        width: 44px;
        min-height: 44px;
    }
}
</style>
