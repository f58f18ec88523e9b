<script setup lang="ts">
import Button from 'primevue/button';
import { useId } from 'vue';
import type { Nest, NestMarks } from '../api/types';
import PickOne from '../ui/PickOne.vue';
import type { Tool } from './useMarking';

/** What is to be marked on one size, what is missing yet, and the way back. */
defineProps<{
    size: string;
    steps: readonly { tool: Tool; label: string; done: boolean; optional?: boolean }[];
    fold?: NestMarks['fold'] | undefined;
    lineIs?: NestMarks['line_is'] | undefined;
    /** Undefined where the piece can't end elsewhere. */
    endsAt?: 'hem' | 'waist' | undefined;
    missing: Nest['missing'];
    placeWords: (field: string) => string;
    canUndo: boolean;
    canRedo: boolean;
}>();
const tool = defineModel<Tool | null>({ required: true });
const emit = defineEmits<{
    fold: [side: 'left' | 'right'];
    lineIs: [is: 'stitching' | 'cutting'];
    endsAt: [end: 'hem' | 'waist'];
    unframe: [];
    undo: [];
    redo: [];
}>();

const foldId = useId();
const sides = [
    { value: 'left', label: 'left' },
    { value: 'right', label: 'right' },
] as const;
const endId = useId();
const endings = [
    { value: 'hem', label: 'the hem' },
    { value: 'waist', label: 'a waist seam' },
] as const;
const lineId = useId();
const kinds = [
    { value: 'stitching', label: 'stitching lines, without seam allowance' },
    { value: 'cutting', label: 'cutting lines, with it' },
] as const;
</script>

<template>
    <section aria-labelledby="marks-title">
        <h2 id="marks-title">Marks on {{ size }}</h2>
        <p class="hint">One size is enough: the others follow at their own corners.</p>
        <ul class="steps">
            <li v-for="step in steps" :key="step.tool">
                <button
                    type="button"
                    class="toggle"
                    :aria-pressed="tool === step.tool"
                    @click="tool = tool === step.tool ? null : step.tool"
                >
                    <span aria-hidden="true">{{ step.done ? '✓' : step.optional ? '·' : '○' }}</span>
                    {{ step.label }}<small v-if="step.optional"> if need be</small>
                </button>
                <button
                    v-if="step.tool === 'frame' && step.done"
                    type="button"
                    class="link"
                    @click="emit('unframe')"
                >
                    Show all pieces again
                </button>
            </li>
        </ul>
        <p class="fold">
            <label :for="foldId">The middle of the body is on the</label>
            <PickOne
                :id="foldId"
                :model-value="fold ?? 'left'"
                :options="sides"
                @update:model-value="$event && emit('fold', $event)"
            />
        </p>
        <p v-if="endsAt" class="fold">
            <label :for="endId">The piece ends at</label>
            <PickOne
                :id="endId"
                :model-value="endsAt"
                :options="endings"
                @update:model-value="$event && emit('endsAt', $event)"
            />
        </p>
        <p class="fold">
            <label :for="lineId">The sizes are drawn as</label>
            <PickOne
                :id="lineId"
                :model-value="lineIs ?? null"
                :options="kinds"
                placeholder="not said yet"
                @update:model-value="$event && emit('lineIs', $event)"
            />
        </p>
        <div class="inline acts">
            <Button type="button" size="small" text label="Undo" :disabled="!canUndo" @click="emit('undo')" />
            <Button type="button" size="small" text label="Redo" :disabled="!canRedo" @click="emit('redo')" />
        </div>
        <ul v-if="missing.length > 0" class="faults" aria-label="Missing yet">
            <li v-for="fault in missing.slice(0, 3)" :key="fault.field" class="hint">
                {{ placeWords(fault.field) }}: {{ fault.message }}
            </li>
        </ul>
    </section>
</template>

<style scoped>
.steps {
    display: grid;
    gap: 4px;
}
.fold {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    align-items: center;
}
.steps .toggle {
    width: 100%;
    text-align: left;
}
</style>
