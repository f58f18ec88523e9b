<script setup lang="ts">
import { computed } from 'vue';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';
import Measure from '../ui/Measure.vue';

/** A length in the unit in use, and small in the other. */
const props = defineProps<{ nm: number | null }>();
const session = useSession();
const other = computed(() =>
    props.nm === null ? '' : figureText(props.nm, session.unit === 'cm' ? 'in' : 'cm'),
);
</script>

<template>
    <span v-if="nm !== null" class="both">
        <b><Measure :nm="nm" /></b> <small>{{ other }}</small>
    </span>
</template>

<style scoped>
.both {
    white-space: nowrap;
}
.both b {
    font-size: 17px;
}
.both small {
    color: var(--quiet);
}
</style>
