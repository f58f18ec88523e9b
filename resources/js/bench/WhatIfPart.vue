<script setup lang="ts">
import { onMounted, useTemplateRef, watch } from 'vue';
import type { Refused } from '../api/client';
import type { Point, Unit, WhatIf } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import { useShortcuts } from '../ui/shortcuts';
import { title } from '../ui/words';
import type { Nudged } from './useWhatIf';

/** Measures to try, and what would become another with them. */
const props = defineProps<{
    points: Nudged[];
    guide: readonly Point[];
    answer: WhatIf | null;
    refused: Refused | null;
    unit: Unit;
}>();
const emit = defineEmits<{
    type: [point: string, text: string];
    nudge: [point: string, way: 1 | -1];
    leave: [];
}>();

const nameOf = (code: string): string => props.guide.find((one) => one.code === code)?.name ?? title(code);
const fields = useTemplateRef<HTMLElement>('fields');
/** The hand goes on where the measures are, as soon as they are there: before this part was loaded, or after. */
const toFirst = (): void => fields.value?.querySelector('input')?.focus();
onMounted(toFirst);
watch(() => props.points.length > 0, toFirst, { flush: 'post' });
useShortcuts([
    {
        key: 'Escape',
        shown: 'Esc',
        whileTyping: true,
        does: 'leave the measures that are tried',
        run: () => {
            emit('leave');
        },
    },
]);
const STEP = { cm: '0.5 cm', in: '1/4 in' } as const;
</script>

<template>
    <section class="what-if" aria-labelledby="what-if-title">
        <div class="head">
            <h2 id="what-if-title">
                What if it were measured otherwise? <small>Nothing of this is kept.</small>
            </h2>
            <button type="button" class="link leave" @click="emit('leave')">Leave it</button>
        </div>
        <ul ref="fields" class="points">
            <li v-for="one in points" :key="one.point" :class="{ other: one.typed !== one.card }">
                <span>{{ nameOf(one.point) }}</span>
                <button
                    type="button"
                    class="nudge"
                    :aria-label="`${nameOf(one.point)} ${STEP[unit]} less`"
                    @click="emit('nudge', one.point, -1)"
                >
                    −
                </button>
                <CellInput
                    :value="one.typed"
                    :label="`${nameOf(one.point)}, ${unit}`"
                    :fault="refused?.at(`measures.${one.point}`)"
                    @change="emit('type', one.point, $event)"
                />
                <button
                    type="button"
                    class="nudge"
                    :aria-label="`${nameOf(one.point)} ${STEP[unit]} more`"
                    @click="emit('nudge', one.point, 1)"
                >
                    +
                </button>
            </li>
        </ul>
        <div class="flips told" role="status">
            <p
                v-if="refused && Object.keys(refused.errors).every((field) => !field.startsWith('measures.'))"
                class="fault"
            >
                {{ Object.values(refused.errors)[0]?.[0] ?? refused.message }}
            </p>
            <p v-else-if="answer && answer.flips.length === 0">
                Nothing flips: sizes, work and cautions stay.
            </p>
            <ul v-else-if="answer">
                <li v-for="flip in answer.flips" :key="flip">{{ flip }}</li>
            </ul>
            <p v-else class="hint">Move a measure by {{ STEP[unit] }}, or type another.</p>
        </div>
    </section>
</template>

<style scoped>
.what-if {
    display: grid;
    gap: 8px;
    padding: 10px 20px 12px;
    background: var(--doubt);
    border-top: 1.5px dashed var(--ink);
    border-bottom: 1.5px dashed var(--ink);
}
.head,
.points,
.points li {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 22px;
    align-items: center;
}
.points li {
    gap: 6px;
}
.other {
    font-weight: 650;
}
.leave {
    margin-left: auto;
    font-size: 15px;
}
.nudge {
    width: 32px;
    height: 32px;
    border: 1px solid var(--ink);
    border-radius: 3px;
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    font-size: 17px;
    cursor: pointer;
}
.flips {
    min-height: 24px;
    line-height: 1.4;
}
.flips ul {
    columns: 2 380px;
    column-gap: 32px;
}
</style>
