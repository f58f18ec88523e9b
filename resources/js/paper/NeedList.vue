<script setup lang="ts">
import type { Plan } from '../api/types';
import Measure from '../ui/Measure.vue';

/** What has to be bought for the largest size cut. */
defineProps<{ needs: Plan['needs'] }>();
</script>

<template>
    <ul v-if="needs.length > 0">
        <li v-for="(need, n) in needs" :key="n">
            <b>{{ need.name }}</b>
            <template v-if="need.view"> for view {{ need.view }}</template
            >:
            <template v-if="need.text">{{ need.text }}</template>
            <Measure v-else-if="need.amount_nm !== null" :nm="need.amount_nm" />
            <template v-if="need.width_nm !== null"> of <Measure :nm="need.width_nm" /> width</template>
        </li>
    </ul>
</template>
