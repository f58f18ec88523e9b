<script setup lang="ts">
import { computed } from 'vue';
import type { Station } from '../api/types';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import { wayOf } from './stations';

/** How far the line stands from a printed one: `out 1.3`, `in 0.5`, `on line 14`. */
const props = defineProps<{
    station: Station;
    nm: number | null;
    /** Whether it lies on the line. */
    isOn?: boolean;
    /** How the line is called that it is told from. */
    line?: string | null | undefined;
}>();
const session = useSession();
/** A long name stands beside it already. */
const isShort = computed(() => (props.line ?? '').length < 5);
const way = computed(() => wayOf(props.nm ?? 0, session.unit));
</script>

<template>
    <template v-if="station.from === null">open</template>
    <template v-else-if="nm === null">no figure</template>
    <template v-else-if="isOn || way === 'stay'">{{
        line && isShort ? `on line ${line}` : 'on it'
    }}</template>
    <template v-else> {{ way }} <Measure :nm="Math.abs(nm)" bare /> </template>
</template>
