<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Exercise } from '../api/types';
import { day } from '../measure/age';

/** What is due today, and on demand the rest with what sits until when. */
const props = defineProps<{ exercises: readonly Exercise[] }>();
const emit = defineEmits<{ begin: [Exercise] }>();
const showsAll = ref(false);
const due = computed(() => props.exercises.filter(({ is_due }) => is_due));
const shown = computed(() => (showsAll.value || due.value.length === 0 ? props.exercises : due.value));
</script>

<template>
    <ol class="exercises">
        <li v-for="one in shown" :key="one.code">
            <button type="button" @click="emit('begin', one)">
                <b>{{ one.title }}</b>
                <span v-if="one.due_on === null">not tried yet</span>
                <span v-else-if="one.is_due">asked again today</span>
                <span v-else>sits until {{ day(one.due_on) }}</span>
            </button>
        </li>
    </ol>
    <p v-if="due.length === 0" class="hint">Nothing is due today. Any of them can be tried all the same.</p>
    <button
        v-else-if="due.length < exercises.length"
        type="button"
        class="link"
        @click="showsAll = !showsAll"
    >
        {{ showsAll ? 'Only what is due' : `All ${exercises.length}` }}
    </button>
</template>

<style scoped>
.exercises {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(280px, 100%), 1fr));
    gap: 10px;
    margin: 0;
    padding: 0;
    list-style: none;
}
button:not(.link) {
    display: grid;
    gap: 2px;
    width: 100%;
    min-height: 64px;
    padding: 10px 14px;
    border: 1.5px solid var(--rule);
    border-radius: 3px;
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    text-align: left;
    cursor: pointer;
}
.link {
    justify-self: start;
}
span {
    color: var(--quiet);
    font-size: 14px;
}
</style>
