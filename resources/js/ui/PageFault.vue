<script setup lang="ts">
import type { Refused } from '../api/client';

/** Where a page can't come: why, and the door out. */
defineProps<{ refused: Refused }>();
</script>

<template>
    <div class="page-fault">
        <h1>{{ refused.status === 404 ? 'Not here' : 'This page did not come' }}</h1>
        <p class="fault" role="alert">{{ refused.message }}</p>
        <p>
            <RouterLink :to="{ name: 'workroom' }">To the workroom</RouterLink
            ><template v-if="refused.status === 404">
                – or was it deleted? <RouterLink :to="{ name: 'bin' }">Look in the bin</RouterLink></template
            >.
        </p>
    </div>
</template>
