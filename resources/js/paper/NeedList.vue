<script setup lang="ts">
import type { Plan } from '../api/types';
import NeedWays from './NeedWays.vue';
import { purchases } from './needs';

/** What has to be bought for the largest size cut. */
defineProps<{ needs: Plan['needs'] }>();
</script>

<template>
    <ul v-if="needs.length > 0">
        <li v-for="one in purchases(needs)" :key="one.key">
            <b>{{ one.name }}</b>
            <template v-if="one.view"> for view {{ one.view }}</template
            >: <NeedWays :ways="one.ways" />
        </li>
    </ul>
</template>
