<script setup lang="ts">
import { computed } from 'vue';
import type { PracticeFigure } from '../api/types';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';
import { girthsOf } from './girths';
import { viewOf } from './view';

/** The girth along the height of a body, for whom a picture says nothing. */
const props = defineProps<{ figure: PracticeFigure }>();
const session = useSession();
const NM_OF_A_MM = 1_000_000;
const STEP_MM = 20;
const girths = computed(() => {
    const { at, low, high } = viewOf(props.figure);
    return girthsOf(at, low, high, STEP_MM);
});
</script>

<template>
    <table class="girths">
        <thead>
            <tr>
                <th scope="col">height, mm</th>
                <th scope="col">girth there</th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="{ z, girth } in girths" :key="z">
                <th scope="row">{{ z }}</th>
                <td>{{ figureText(girth * NM_OF_A_MM, session.unit, { places: 1 }) }}</td>
            </tr>
        </tbody>
        <tfoot>
            <tr>
                <th scope="row">{{ figure.waist_mm }}</th>
                <td>here it creases</td>
            </tr>
        </tfoot>
    </table>
</template>

<style scoped>
.girths {
    margin-top: 6px;
    border-collapse: collapse;
}
.girths th,
.girths td {
    padding: 2px 12px 2px 0;
    text-align: left;
    font-weight: 400;
    font-variant-numeric: tabular-nums;
}
</style>
