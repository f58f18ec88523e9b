<script setup lang="ts">
import Button from 'primevue/button';
import type { TapeReading } from '../api/types';
import { useTalkingTape } from './useTalkingTape';

const props = defineProps<{ hear: (reading: TapeReading) => Promise<void> }>();
const { pairing, trouble, start, stop } = useTalkingTape((reading) => props.hear(reading));
</script>

<template>
    <details class="talking-tape">
        <summary>A tape that talks</summary>
        <template v-if="pairing">
            <p>Listening. What the tape sends goes to the point that is open.</p>
            <p>
                It posts to <code>{{ pairing.address }}</code> with the token
                <code>{{ pairing.token }}</code>, which is shown this once. To try without one, on this
                machine:
            </p>
            <code class="command"
                >php artisan underbolt:talking-tape {{ pairing.address }} {{ pairing.token }}</code
            >
            <Button label="Stop listening" text size="small" @click="stop" />
        </template>
        <template v-else>
            <p>
                An electronic tape measure can type for you. Pairing it gives a new token; an older one stops
                working.
            </p>
            <Button label="Pair a tape and listen" outlined size="small" @click="start" />
        </template>
        <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
    </details>
</template>

<style scoped>
.talking-tape {
    max-width: 760px;
}
.talking-tape summary {
    cursor: pointer;
    font-weight: 600;
}
.talking-tape > :not(summary) {
    margin-top: 8px;
}
.talking-tape .command {
    display: block;
    overflow-x: auto;
    padding: 8px 12px;
    background: var(--raise);
}
</style>
