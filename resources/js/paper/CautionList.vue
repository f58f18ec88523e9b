<script setup lang="ts">
import type { Sheet } from '../api/types';

/** Cautions in full, those that stop a cut first. */
defineProps<{ cautions: Sheet['cautions'] }>();
</script>

<template>
    <ul class="cautions">
        <li
            v-for="caution in cautions"
            :key="`${caution.code} ${caution.level}`"
            :class="{ stops: caution.stops }"
        >
            {{ caution.text }}
        </li>
    </ul>
</template>

<style scoped>
.cautions {
    display: grid;
    gap: 6px;
    line-height: 1.4;
}
.cautions li {
    padding-left: 12px;
    border-left: 4px solid var(--body-mark);
}
.cautions .stops {
    border-color: var(--cut);
    font-weight: 600;
}
</style>
