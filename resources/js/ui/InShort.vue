<script setup lang="ts">
import { ref } from 'vue';

/** A few words, and what there is more to say behind them. */
const isOpen = ref(false);
defineSlots<{ short: () => unknown; default: () => unknown }>();
</script>

<template>
    <button type="button" class="in-short" :aria-expanded="isOpen" @click="isOpen = !isOpen">
        <slot name="short" />
    </button>
    <div v-if="isOpen"><slot /></div>
</template>

<style scoped>
.in-short {
    min-height: 24px;
    padding: 2px 0;
    border: 0;
    background: none;
    color: inherit;
    font: inherit;
    text-align: left;
    text-decoration: underline dotted;
    text-underline-offset: 3px;
    cursor: pointer;
}
@media print {
    .in-short {
        text-decoration: none;
    }
}
@media (max-width: 700px) {
    .in-short {
        min-height: 44px;
    }
}
</style>
