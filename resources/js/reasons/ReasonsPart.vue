<script setup lang="ts">
import type { Choices, Make, Plan } from '../api/types';
import AlternativeList from './AlternativeList.vue';
import FramePart from './FramePart.vue';
import MoreChoices from './MoreChoices.vue';
import OpinionList from './OpinionList.vue';
import PaperWork from './PaperWork.vue';
import PiecesAndNeeds from './PiecesAndNeeds.vue';

const props = defineProps<{ plan: Plan; make: Make; faultAt: (field: string) => string | null }>();
const emit = defineEmits<{ change: [choices: Choices] }>();

function change(part: Partial<Choices>): void {
    emit('change', { ...props.make.choices, ...part });
}
</script>

<template>
    <div id="reasons" class="reasons">
        <OpinionList :plan="plan" />
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
