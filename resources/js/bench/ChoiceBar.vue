<script setup lang="ts">
import type { Choices, Plan } from '../api/types';
import WordChoice from '../ui/WordChoice.vue';
import { eases, picks, betweens, blends, orders } from './choices';

const props = defineProps<{ choices: Choices; plan: Plan; fits: readonly string[] }>();
const emit = defineEmits<{ change: [choices: Choices] }>();
const change = (part: Partial<Choices>): void => emit('change', { ...props.choices, ...part });
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
        <WordChoice
            label="Sizes by"
            :options="eases"
            :model-value="plan.choosers.ease"
            @update:model-value="change({ ease: $event })"
        />
        <WordChoice
            label="between two"
            :options="betweens"
            :model-value="plan.choosers.between"
            :idle="plan.choosers.between_idle"
            @update:model-value="change({ between: $event })"
        />
        <WordChoice
            label="picked by"
            :options="picks"
            :model-value="plan.choosers.pick"
            :idle="plan.choosers.pick_idle"
            @update:model-value="change({ pick: $event })"
        />
        <WordChoice
            label="seam"
            :options="blends"
            :model-value="choices.blend ?? 'curved'"
            @update:model-value="change({ blend: $event })"
        />
        <WordChoice
            label="order"
            :options="orders"
            :model-value="plan.work.order"
            :idle="plan.choosers.order_idle"
            @update:model-value="change({ order: $event })"
        />
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
.fits {
    flex-basis: 100%;
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
    align-items: baseline;
    margin: 0;
}
</style>
