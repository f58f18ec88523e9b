<script setup lang="ts">
import { computed } from 'vue';
import type { Plan } from '../api/types';
import Measure from '../ui/Measure.vue';

const props = defineProps<{ plan: Plan }>();
const changes = computed(() =>
    [
        { name: 'Above the waist', nm: props.plan.above_waist_nm },
        { name: 'Waist to hip', nm: props.plan.below_waist_nm },
        { name: 'Hem', nm: props.plan.hem_nm },
        { name: 'Sleeve', nm: props.plan.sleeve_nm },
    ].filter(({ nm }) => nm !== null),
);
</script>

<template>
    <section aria-labelledby="work-title">
        <h2 id="work-title">On the paper, one tracing each</h2>
        <p class="hint">{{ plan.work.why }}</p>
        <ol v-if="plan.work.steps.length > 0" class="work">
            <li v-for="step in plan.work.steps" :key="step">{{ step }}</li>
        </ol>
        <p v-else>Nothing to change: trace the size and cut.</p>
        <dl v-if="changes.length > 0" class="lengths">
            <template v-for="one in changes" :key="one.name">
                <dt>{{ one.name }}</dt>
                <dd><Measure :nm="one.nm" signed /></dd>
            </template>
        </dl>
        <p v-if="plan.side_seam">
            The new side seam is <Measure :nm="plan.side_seam.front_nm" /> long
            <template v-if="plan.front_back.length > 0"
                >in front and <Measure :nm="plan.side_seam.back_nm" /> behind:
                {{ plan.side_seam.matches ? 'they go together' : 'they don’t go together' }}.</template
            ><template v-else
                >(the printed line <Measure :nm="plan.side_seam.printed_nm" />), front and back
                alike.</template
            >
            <template v-if="plan.side_seam.steepest >= 0.01">
                At its steepest the blend goes 1 sideways in
                {{ Math.round(1 / plan.side_seam.steepest) }} downwards.
            </template>
        </p>
        <p v-for="one in plan.front_back" :key="one.level">
            At the {{ one.level }} the front is cut in <b>{{ one.front }}</b>, the back in
            <b>{{ one.back }}</b>; the sum changes by <Measure :nm="one.change_nm" signed />.
        </p>
    </section>
</template>
