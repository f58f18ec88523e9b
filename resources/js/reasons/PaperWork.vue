<script setup lang="ts">
import { computed } from 'vue';
import type { Plan } from '../api/types';
import StepPicture from '../paper/StepPicture.vue';
import Measure from '../ui/Measure.vue';

const props = defineProps<{ plan: Plan }>();
const changes = computed(() =>
    [
        { name: 'Above the waist', nm: props.plan.above_waist_nm },
        { name: 'Waist to hip', nm: props.plan.below_waist_nm },
        { name: 'Hem', nm: props.plan.hem_nm },
        { name: 'Sleeve', nm: props.plan.sleeve_nm },
    ].filter(({ nm }) => nm !== null && nm !== 0),
);
</script>

<template>
    <section aria-labelledby="work-title">
        <h2 id="work-title">On the paper, one tracing each</h2>
        <p class="hint">{{ plan.work.why }}</p>
        <ol v-if="plan.work.steps.length > 0" class="work">
            <li v-for="(step, n) in plan.work.steps" :key="n">
                <StepPicture v-if="step.picture" class="drawn" :picture="step.picture" />
                {{ step.short }}
                <ul v-if="step.how.length > 0" class="how">
                    <li v-for="one in step.how" :key="one">{{ one }}</li>
                </ul>
            </li>
        </ol>
        <p v-if="plan.waits_for.length > 0">
            Waits for the {{ plan.waits_for.join(' and the ') }}: measure before anything is traced.
        </p>
        <dl v-if="changes.length > 0" class="lengths">
            <template v-for="one in changes" :key="one.name">
                <dt>{{ one.name }}</dt>
                <dd><Measure :nm="one.nm" signed /></dd>
            </template>
        </dl>
    </section>
</template>

<style scoped>
.work {
    margin: 6px 0;
    padding-left: 22px;
    line-height: 1.45;
    list-style: decimal;
}
.work > li {
    clear: right;
}
.work::after {
    content: '';
    display: block;
    clear: both;
}
.drawn {
    float: right;
    margin-left: 14px;
}
.how {
    padding-left: 18px;
    list-style: disc;
}
.reasons .lengths {
    display: grid;
    grid-template-columns: max-content max-content;
    gap: 2px 18px;
    margin: 8px 0;
}
.reasons .lengths dd {
    margin: 0;
    font-weight: 600;
}
</style>
