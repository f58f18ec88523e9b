<script setup lang="ts">
import type { CutSheet } from '../api/types';
import Measure from '../ui/Measure.vue';
import BothUnits from './BothUnits.vue';

/** What the hands apply in a step: the amount of one edge in bold, its place beside it, the whole small. */
defineProps<{ amounts: CutSheet['steps'][number]['step']['amounts'] }>();
</script>

<template>
    <ul class="amounts">
        <li v-for="(one, n) in amounts" :key="n">
            <template v-if="one.on === null || one.is_measured">
                <BothUnits :nm="Math.abs(one.amount_nm)" /> {{ one.way }}
            </template>
            <b v-if="one.on !== null">{{ one.is_measured ? ', ' : '' }}on {{ one.on }}</b>
            {{ ' '
            }}<span class="place"
                >{{ one.at }}, {{ one.edge
                }}<small v-if="one.is_measured && one.total_nm !== one.amount_nm"
                    >, <Measure :nm="Math.abs(one.total_nm)" /> in all</small
                ></span
            >
        </li>
    </ul>
</template>

<style scoped>
.amounts {
    display: grid;
    gap: 4px;
    width: 230px;
}
.amounts .place {
    display: block;
    font-size: 14px;
    line-height: 1.25;
}
.amounts .both {
    display: inline;
    font-size: inherit;
}
.amounts small {
    color: var(--quiet);
}
</style>
