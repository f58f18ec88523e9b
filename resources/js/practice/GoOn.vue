<script setup lang="ts">
import Button from 'primevue/button';
import type { Exercise } from '../api/types';

/** After an exercise: what is due next, or back to all of them. */
defineProps<{ next: Exercise | null }>();
const emit = defineEmits<{ go: [Exercise | null] }>();
</script>

<template>
    <Button v-if="next" type="button" label="The next one" @click="emit('go', next)" />
    <Button type="button" label="All exercises" text @click="emit('go', null)" />
</template>
