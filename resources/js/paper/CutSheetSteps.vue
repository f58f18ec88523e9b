<script setup lang="ts">
import type { CutSheet } from '../api/types';
import StepAmounts from './StepAmounts.vue';
import StepPicture from './StepPicture.vue';

defineProps<{
    steps: CutSheet['steps'];
    done: Record<string, string>;
    /** Whether the whole line stands beside them: then a step that draws it needs no picture of its own. */
    isLineDrawn?: boolean;
}>();
const emit = defineEmits<{ tick: [key: string, isDone: boolean] }>();
</script>

<template>
    <ol v-if="steps.length > 0" class="cut-steps">
        <li
            v-for="({ key, step }, n) in steps"
            :key="`${key} ${n}`"
            :class="{ done: done[key] !== undefined }"
        >
            <label>
                <input
                    type="checkbox"
                    :checked="done[key] !== undefined"
                    :aria-label="`Step ${n + 1} is done`"
                    @change="emit('tick', key, ($event.target as HTMLInputElement).checked)"
                />
                <b>{{ n + 1 }}</b>
            </label>
            <div>
                <p>
                    {{ step.short }}
                    <small v-if="step.pieces.length > 0 && step.kind !== 'trace'"
                        >On {{ step.pieces.join(', ') }}.</small
                    >
                </p>
                <ol v-if="step.how.length > 0" class="how">
                    <li v-for="one in step.how" :key="one">{{ one }}</li>
                </ol>
            </div>
            <div class="amount">
                <StepAmounts v-if="step.amounts.length > 0" :amounts="step.amounts" />
                <StepPicture
                    v-if="step.picture && !(isLineDrawn && step.kind === 'draw')"
                    class="drawn"
                    :picture="step.picture"
                />
            </div>
        </li>
    </ol>
    <p v-else>Nothing is planned yet.</p>
</template>

<style scoped>
.cut-steps > li {
    display: grid;
    grid-template-columns: 64px minmax(0, 1fr) 224px;
    gap: 0 12px;
    align-items: start;
    padding: 8px 0;
    border-top: 1px solid var(--rule);
    font-size: 16px;
    line-height: 1.4;
}
.cut-steps label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    margin-top: -10px;
    cursor: pointer;
    font-size: 20px;
}
.cut-steps input {
    width: 24px;
    height: 24px;
    accent-color: var(--ink);
}
.cut-steps .done p,
.cut-steps .done .how {
    color: var(--quiet);
    text-decoration: line-through;
}
.how {
    padding-left: 20px;
    list-style: decimal;
    font-size: 15px;
}
.cut-steps small {
    color: var(--quiet);
}
@media (max-width: 560px) {
    .cut-steps > li {
        grid-template-columns: 64px minmax(0, 1fr);
    }
    .amount {
        grid-column: 2;
    }
}
@media print {
    .cut-steps > li {
        grid-template-columns: 48px minmax(0, 1fr);
        padding: 4px 0;
        font-size: 14px;
    }
    .cut-steps .how {
        font-size: 13px;
    }
    .cut-steps .amount {
        grid-column: 2;
    }
}
</style>
