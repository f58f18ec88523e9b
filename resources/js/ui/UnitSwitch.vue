<script setup lang="ts">
import { useSession } from '../state/session';

const session = useSession();
const units = ['cm', 'in'] as const;
</script>

<template>
    <div class="unit-switch" role="group" aria-label="Figures in" title="U switches">
        <button
            v-for="unit in units"
            :key="unit"
            type="button"
            :aria-pressed="session.unit === unit"
            @click="session.unit === unit || session.switchUnit()"
        >
            {{ unit }}
        </button>
    </div>
</template>

<style scoped>
.unit-switch {
    display: inline-flex;
    border: 1.5px solid var(--ink);
    border-radius: 3px;
}
.unit-switch button {
    padding: 3px 10px;
    border: 0;
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
}
@media (max-width: 700px) {
    .unit-switch button {
        min-width: 44px;
        min-height: 44px;
    }
}
.unit-switch [aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
}
</style>
