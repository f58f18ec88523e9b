<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, Plan } from '../api/types';
import type { ChoiceRow } from '../ui/choiceRow';
import ChoiceRows from '../ui/ChoiceRows.vue';
import { eases, picks, betweens, blends, orders } from './choices';

const props = defineProps<{ choices: Choices; plan: Plan; fits: readonly string[] }>();
const emit = defineEmits<{ change: [choices: Choices] }>();
const change = (part: Partial<Choices>): void => emit('change', { ...props.choices, ...part });

const rows = computed((): ChoiceRow<keyof Choices>[] => {
    const { choosers, work } = props.plan;
    return [
        { key: 'ease', label: 'Sizes by', options: eases, value: choosers.ease },
        {
            key: 'between',
            label: 'between two',
            options: betweens,
            value: choosers.between,
            idle: choosers.between_idle,
        },
        { key: 'pick', label: 'picked by', options: picks, value: choosers.pick, idle: choosers.pick_idle },
        { key: 'blend', label: 'seam', options: blends, value: props.choices.blend ?? 'curved' },
        { key: 'order', label: 'order', options: orders, value: work.order, idle: choosers.order_idle },
    ];
});
</script>

<template>
    <div class="choices">
        <slot />
        <p v-if="fits.length > 0 && !choices.fit" class="fits" role="group" aria-label="Which fit">
            <b>Which fit?</b>
            <button v-for="fit in fits" :key="fit" type="button" class="link" @click="change({ fit })">
                {{ fit }}
            </button>
            <small>its finished figures are its own</small>
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
.fits {
    flex-basis: 100%;
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
    align-items: baseline;
    margin: 0;
}
</style>
