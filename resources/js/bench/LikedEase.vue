<script setup lang="ts">
import TypedInput from '../ui/TypedInput.vue';

defineProps<{ level: string; text: string; fault: string | null }>();
const emit = defineEmits<{ like: [ease: string] }>();
</script>

<template>
    <span class="liked">
        <TypedInput
            :value="text"
            :aria-label="`Ease you like at the ${level}`"
            :aria-invalid="fault !== null"
            :class="{ faulty: fault }"
            :title="fault ?? undefined"
            maxlength="40"
            @keep="emit('like', $event)"
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
