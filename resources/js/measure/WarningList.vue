<script setup lang="ts">
import type { CardWarning } from '../api/types';

defineProps<{ findings: CardWarning[]; card: number }>();
const emit = defineEmits<{ answer: [key: string, so: boolean] }>();
</script>

<template>
    <ul v-if="findings.length > 0" class="findings">
        <li v-for="finding in findings" :key="finding.key" :class="{ answered: finding.answered }">
            {{ finding.text }}
            <button type="button" class="link" @click="emit('answer', finding.key, !finding.answered)">
                {{ finding.answered ? 'answered: that is right – ask again' : 'That is right' }}
            </button>
            <RouterLink
                v-if="finding.practice && !finding.answered"
                :to="{ name: 'practice', query: { exercise: finding.practice, card } }"
                >Practise it</RouterLink
            >
        </li>
    </ul>
</template>

<style scoped>
.findings {
    display: grid;
    gap: 8px;
}
.findings li {
    max-width: 64ch;
    padding: 8px 12px;
    border-left: 4px solid var(--body-mark);
    background: var(--raise);
    line-height: 1.4;
}
.findings .answered {
    border-color: var(--rule);
    color: var(--quiet);
}
</style>
