<script setup lang="ts">
import { computed } from 'vue';
import type { CurvePart } from '../api/types';
import { curvePath } from './curve';

/** The line of a make, small: enough to tell it from others. */
const props = defineProps<{ line: CurvePart[] | null }>();

const WIDTH = 26;
const HEIGHT = 44;
const EDGE = 3;
/** Sideways it is drawn larger, so that what makes it its own is seen. */
const d = computed(() => {
    const line = props.line ?? [];
    const outs = line.flatMap((part) => [part.out_at_top_nm, part.out_at_end_nm]);
    const [top, end] = [line[0]?.top_nm ?? 0, line.at(-1)?.end_nm ?? 1];
    const [least, most] = [Math.min(...outs), Math.max(...outs)];
    return curvePath(line, {
        across: (nm) => EDGE + ((nm - least) / Math.max(1, most - least)) * (WIDTH - 2 * EDGE),
        down: (nm) => EDGE + ((nm - top) / Math.max(1, end - top)) * (HEIGHT - 2 * EDGE),
    });
});
</script>

<template>
    <svg class="mini-line" :width="WIDTH" :height="HEIGHT" aria-hidden="true">
        <path v-if="line" :d="d" />
    </svg>
</template>

<style scoped>
.mini-line {
    flex: none;
    align-self: center;
}
path {
    fill: none;
    stroke: var(--cut);
    stroke-width: 2;
}
</style>
