<script setup lang="ts">
import Measure from '../ui/Measure.vue';
import type { Need } from './needs';

/** How much of a thing is bought: of a cloth in one of its widths. */
defineProps<{ ways: Need[] }>();
</script>

<template>
    <template v-for="(need, n) in ways" :key="n">
        <template v-if="n > 0">, or </template>
        <template v-if="need.text">{{ need.text }}</template>
        <Measure v-else-if="need.amount_nm !== null" :nm="need.amount_nm" />
        <template v-if="need.width_nm !== null"> of <Measure :nm="need.width_nm" /> width</template>
    </template>
</template>
