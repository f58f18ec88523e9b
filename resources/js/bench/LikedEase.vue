<script setup lang="ts">
import { ref, watch } from 'vue';

const props = defineProps<{ level: string; text: string; fault: string | null }>();
const emit = defineEmits<{ like: [ease: string] }>();
const typed = ref(props.text);
watch(
    () => props.text,
    (text) => (typed.value = text),
);
</script>

<template>
    <span class="liked">
        <input
            v-model="typed"
            :aria-label="`Ease you like at the ${level}`"
            :aria-invalid="fault !== null"
            :class="{ faulty: fault }"
            :title="fault ?? undefined"
            autocomplete="off"
            maxlength="40"
            @change="emit('like', typed)"
        />
    </span>
</template>

<style scoped>
.liked input {
    width: 76px;
    height: 30px;
    border: 1px solid var(--rule);
    border-radius: 2px;
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    font-size: 16px;
    text-align: center;
}
.liked input.faulty {
    border: 2px solid var(--bad);
}
</style>
