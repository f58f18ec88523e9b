<script setup lang="ts">
import { computed } from 'vue';
import type { PatternDocument, PatternGuide } from '../api/types';
import { garmentOutline, garmentShape, inSilhouette } from './garment';

/** A garment, small: its kind is told by its outline, and where it is known how it hangs. */
const props = defineProps<{
    garment: NonNullable<PatternDocument['garment']> | null;
    silhouette?: PatternGuide['silhouettes'][number]['value'];
}>();

const WIDE = 34;
const HIGH = 44;
const d = computed(() => {
    const shape = inSilhouette(
        garmentShape(
            {
                garment: props.garment,
                sizes: [],
                body_chart: {},
                finished: {},
                levels: {},
                fabric: {},
                seam: {},
            },
            'cm',
        ),
        props.silhouette,
    );
    const scale = Math.min((HIGH - 4) / shape.down.hem, (WIDE - 4) / 2 / (shape.half.hip * 1.06));
    return garmentOutline(shape, { middle: WIDE / 2, top: (HIGH - shape.down.hem * scale) / 2, scale });
});
</script>

<template>
    <svg
        class="garment-mini"
        :width="WIDE"
        :height="HIGH"
        :viewBox="`0 0 ${WIDE} ${HIGH}`"
        aria-hidden="true"
    >
        <path :d="d" />
    </svg>
</template>

<style scoped>
.garment-mini {
    flex: none;
}
path {
    fill: var(--raise);
    stroke: var(--ink);
    stroke-width: 1.3;
    stroke-linejoin: round;
}
</style>
