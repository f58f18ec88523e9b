<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, Plan } from '../api/types';
import type { ChoiceRow } from '../ui/choiceRow';
import ChoiceRows from '../ui/ChoiceRows.vue';
import { eases, picks, betweens, blends, orders } from './choices';

const props = defineProps<{
    choices: Choices;
    plan: Plan;
    fits: readonly string[];
    views: readonly string[];
}>();
const emit = defineEmits<{ change: [choices: Choices] }>();
const change = (part: Partial<Choices>): void => emit('change', { ...props.choices, ...part });

/** What decides which figures and which pieces count is asked first, until it is said. */
const asked = computed(() =>
    [
        { key: 'view' as const, names: props.views, why: 'then its pieces and its cloth alone are listed' },
        { key: 'fit' as const, names: props.fits, why: 'each has finished figures of its own' },
    ].filter(({ key, names }) => names.length > 1 && !props.choices[key]),
);

const rows = computed((): ChoiceRow<keyof Choices>[] => {
    const { choosers, work, levels } = props.plan;
    // What comes first is no question where there is neither.
    const isDrawn = levels.some(({ size }) => size !== levels[0]?.size);
    const order = { key: 'order' as const, label: 'order', options: orders, value: work.order };
    return [
        { key: 'ease', label: 'Go by', options: eases, value: choosers.ease },
        {
            key: 'between',
            label: 'between two',
            options: betweens,
            value: choosers.between,
            idle: choosers.between_idle,
        },
        { key: 'pick', label: 'sizes', options: picks, value: choosers.pick, idle: choosers.pick_idle },
        { key: 'blend', label: 'seam', options: blends, value: props.choices.blend ?? 'curved' },
        ...(isDrawn || choosers.order_idle === null ? [{ ...order, idle: choosers.order_idle }] : []),
    ];
});
</script>

<template>
    <div class="choices">
        <slot />
        <p v-for="one in asked" :key="one.key" class="asked" role="group" :aria-label="`Which ${one.key}`">
            <b>Which {{ one.key }}?</b>
            <button
                v-for="name in one.names"
                :key="name"
                type="button"
                class="link"
                @click="change({ [one.key]: name })"
            >
                {{ name }}
            </button>
            <small>{{ one.why }}</small>
        </p>
        <ChoiceRows :rows="rows" @choose="(key, value) => change({ [key]: value } as Partial<Choices>)" />
    </div>
</template>

<style scoped>
.choices {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    min-height: 44px;
    padding: 0 20px 15px;
    align-items: center;
}
/* Room between two rows for what is said below a choice. */
.choices:has(:deep(small)) {
    row-gap: 18px;
}
.asked {
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
    align-items: baseline;
    margin: 0;
}
</style>
