<script setup lang="ts">
import type { Choices, Make, Plan } from '../api/types';
import AlternativeList from './AlternativeList.vue';
import FramePart from './FramePart.vue';
import MoreChoices from './MoreChoices.vue';
import OpinionList from './OpinionList.vue';
import PaperWork from './PaperWork.vue';
import PiecesAndNeeds from './PiecesAndNeeds.vue';
import TwoSizes from './TwoSizes.vue';

const props = defineProps<{ plan: Plan; make: Make; faultAt: (field: string) => string | null }>();
const emit = defineEmits<{ change: [choices: Choices] }>();

function change(part: Partial<Choices>): void {
    emit('change', { ...props.make.choices, ...part });
}
</script>

<template>
    <div id="reasons" class="reasons">
        <OpinionList :plan="plan" />
        <TwoSizes :plan="plan" :choices="make.choices" @change="change" />
        <div class="beside">
            <FramePart :plan="plan" :choices="make.choices" @change="change" />
            <PaperWork :plan="plan" />
        </div>
        <AlternativeList :plan="plan" :choices="make.choices" @change="change" />
        <div class="beside">
            <PiecesAndNeeds :plan="plan" />
            <MoreChoices :make="make" :plan="plan" :fault-at="faultAt" @change="change" />
        </div>
        <p class="hint">
            <a :href="`/api/makes/${make.id}/make.json`" download>This make as a file</a>, with the measures,
            the pattern and the choices as they were typed.
        </p>
    </div>
</template>

<style scoped>
.reasons {
    display: grid;
    gap: 28px;
    padding: 24px 20px 40px;
    border-top: 1.5px solid var(--ink);
    margin-top: 20px;
    background: var(--paper);
}
.reasons :deep(p) {
    margin: 4px 0;
    max-width: 72ch;
    line-height: 1.45;
}
.reasons .beside {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 28px 48px;
}
.reasons :deep(h2) {
    font-size: 18px;
    margin: 0 0 6px;
}
.reasons :deep(h3) {
    font-size: 16px;
    margin: 0;
}
.reasons :deep(.cut) {
    color: var(--cut);
}
.reasons :deep(.columns) {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 12px 32px;
}
.reasons :deep(.agreed) {
    font-weight: 600;
    font-size: 13.5px;
}
.reasons :deep(.entry select) {
    width: 150px;
}
.reasons .beside > :deep(section) {
    min-width: 0;
    overflow-x: auto;
}
@media (max-width: 1000px) {
    .reasons .beside {
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    }
    .reasons :deep(.columns) {
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    }
}
@media (max-width: 560px) {
    .bench .reasons .beside {
        grid-template-columns: minmax(0, 1fr);
    }
    .reasons :deep(.columns) {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
