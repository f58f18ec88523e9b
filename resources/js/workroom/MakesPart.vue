<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { Workroom } from '../api/types';
import MakeList from './MakeList.vue';
import { bySteps } from './steps';

/** The makes by what comes next for each, those that were worn behind a line of their own. */
const props = defineProps<{ room: Workroom; isSought: boolean; isLate: boolean }>();
const emit = defineEmits<{ changed: []; more: [] }>();
const steps = computed(() => bySteps(props.room.makes));
const worn = computed(() => props.room.makes.filter(({ next }) => next === 'worn'));
const left = computed(() => props.room.all_makes - props.room.makes.length);
</script>

<template>
    <section class="makes" aria-label="Makes, by what comes next" :class="{ late: isLate }">
        <div class="told">
            <template v-for="step in steps" :key="step.next">
                <h2>
                    {{ step.words }} <small>{{ step.makes.length }}</small>
                </h2>
                <MakeList :makes="step.makes" @changed="emit('changed')" />
            </template>
            <details v-if="worn.length > 0">
                <summary>{{ worn.length }} worn already</summary>
                <MakeList :makes="worn" @changed="emit('changed')" />
            </details>
            <p v-if="left > 0" class="inline acts">
                <span class="what">{{ room.makes.length }} of {{ room.all_makes }}, those touched last</span>
                <Button label="Show more" outlined size="small" @click="emit('more')" />
            </p>
            <p v-if="room.makes.length === 0" class="hint">
                {{
                    isSought ? 'No make has that in its name.' : 'No make yet: choose a wearer and a pattern.'
                }}
            </p>
        </div>
    </section>
</template>

<style scoped>
details {
    margin-top: 14px;
}
summary {
    min-height: 32px;
    cursor: pointer;
}
.acts {
    margin-top: 14px;
}
</style>
