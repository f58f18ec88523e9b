<script setup lang="ts">
import type { Station } from '../api/types';
import Measure from '../ui/Measure.vue';
import { wayOf } from './stations';

/** How far the line stands from a printed one: `out 1.3`, `in 0.5`, `stay`. */
defineProps<{ station: Station; nm: number | null }>();
</script>

<template>
    <template v-if="station.from === null">open</template>
    <template v-else-if="nm === null">no figure</template>
    <template v-else> {{ wayOf(nm) }} <Measure v-if="nm !== 0" :nm="Math.abs(nm)" bare /> </template>
</template>
