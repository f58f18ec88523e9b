<script setup lang="ts">
import { computed } from 'vue';

/** A dress stand, small, with the tape round what is measured: how, not how much. */
const props = defineProps<{ points: readonly string[] }>();

/** How far down and how wide the tape lies, in the picture's own pixels. */
const TAPES: Record<string, [y: number, half: number]> = {
    high_bust: [12, 8.5],
    full_bust: [17, 9.5],
    waist: [25, 6.5],
    hip: [35, 10.5],
};
const tapes = computed(() => props.points.flatMap((point) => (TAPES[point] ? [TAPES[point]] : [])));
</script>

<template>
    <svg class="stand-mini" width="30" height="44" viewBox="0 0 30 44" aria-hidden="true">
        <path
            class="stand"
            d="M12 2Q15 4 18 2L19 6 24 8Q22 12 24.5 17 23.5 21 21.5 25 25 30 25.5 36L24.5 42H5.5L4.5 36Q5 30 8.5 25 6.5 21 5.5 17 8 12 6 8L11 6Z"
        />
        <path
            v-for="[y, half] in tapes"
            :key="y"
            class="tape"
            :d="`M${15 - half} ${y}Q15 ${y + 3} ${15 + half} ${y}`"
        />
    </svg>
</template>

<style scoped>
.stand-mini {
    flex: none;
}
.stand {
    fill: var(--raise);
    stroke: var(--ink);
    stroke-width: 1.2;
}
.tape {
    fill: none;
    stroke: var(--body-mark);
    stroke-width: 2;
}
</style>
