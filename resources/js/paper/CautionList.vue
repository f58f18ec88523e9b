<script setup lang="ts">
import type { Plan } from '../api/types';

/** Cautions in full, those that stop a cut first: told apart by their sign and their word, not by colour alone. */
defineProps<{ cautions: Plan['cautions'] }>();
</script>

<template>
    <ul class="cautions">
        <li
            v-for="caution in cautions"
            :key="`${caution.code} ${caution.level}`"
            :class="{ stops: caution.stops }"
        >
            <span class="sign" aria-hidden="true">{{ caution.stops ? '!' : 'i' }}</span>
            <span
                ><b>{{ caution.stops ? 'Before you cut' : 'Good to know' }}:</b> {{ caution.text }}</span
            >
        </li>
    </ul>
</template>

<style scoped>
.cautions {
    display: grid;
    gap: 6px;
    line-height: 1.38;
}
li {
    display: flex;
    gap: 8px;
    align-items: flex-start;
}
.sign {
    flex: none;
    width: 18px;
    height: 18px;
    margin-top: 1px;
    border: 1.5px solid var(--ink);
    border-radius: 50%;
    text-align: center;
    font-size: 12px;
    font-weight: 800;
    line-height: 15px;
}
.stops .sign {
    border-radius: 0;
    color: var(--paper);
    background: var(--ink);
}
</style>
