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
