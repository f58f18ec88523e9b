<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, Make, Plan } from '../api/types';
import DoorRow from '../ui/DoorRow.vue';
import { doors, type Door } from './doors';
import AlternativeList from './AlternativeList.vue';
import FramePart from './FramePart.vue';
import MoreChoices from './MoreChoices.vue';
import OpinionList from './OpinionList.vue';
import PaperWork from './PaperWork.vue';
import PiecesAndNeeds from './PiecesAndNeeds.vue';
import TwoSizes from './TwoSizes.vue';

const props = defineProps<{ plan: Plan; make: Make; faultAt: (field: string) => string | null }>();
const emit = defineEmits<{ change: [choices: Choices] }>();
/** Which of the doors stands open. */
const door = defineModel<Door | null>('door', { required: true });

function change(part: Partial<Choices>): void {
    emit('change', { ...props.make.choices, ...part });
}

const listed = (words: readonly string[]): string => words.join(' and ');
const states = computed<Record<Door, string>>(() => {
    const { levels, work, alternatives, owned_way: own, pieces, to_buy: toBuy } = props.plan;
    const unlike = levels.filter(({ size, opinions }) =>
        opinions.some((one) => one.size !== null && one.size !== size),
    );
    const ways = alternatives.length + (own === null ? 0 : 1) - 1;
    return {
        reasons:
            unlike.length === 0
                ? 'all say the same size'
                : `not all agree on ${listed(unlike.map(({ level }) => level))}`,
        work: `${work.steps.length} ${work.steps.length === 1 ? 'step' : 'steps'}`,
        ways: ways < 1 ? 'none' : `${ways} ${ways === 1 ? 'other' : 'others'}`,
        pieces:
            pieces.length === 0 ? 'none listed' : `${pieces.length}${toBuy > 0 ? `, ${toBuy} to buy` : ''}`,
        more: props.make.choices.view ? `view ${props.make.choices.view}` : 'envelope, lengths',
    };
});
const told = computed(() => doors.map((one) => ({ ...one, state: states.value[one.name] })));
</script>

<template>
    <div id="reasons" class="reasons">
        <DoorRow v-model="door" label="More of this plan" :doors="told" />
        <div v-if="door !== null" class="behind">
            <template v-if="door === 'reasons'">
                <OpinionList :plan="plan" />
                <div class="beside">
                    <TwoSizes :plan="plan" :choices="make.choices" @change="change" />
                    <FramePart :plan="plan" :choices="make.choices" @change="change" />
                </div>
            </template>
            <PaperWork v-else-if="door === 'work'" :plan="plan" />
            <AlternativeList
                v-else-if="door === 'ways'"
                :plan="plan"
                :choices="make.choices"
                @change="change"
            />
            <PiecesAndNeeds v-else-if="door === 'pieces'" :plan="plan" />
            <template v-else>
                <MoreChoices :make="make" :plan="plan" :fault-at="faultAt" @change="change" />
                <p class="hint">
                    <a :href="`/api/makes/${make.id}/make.json`" download>This make as a file</a>, with the
                    measures, the pattern and the choices as they were typed.
                </p>
            </template>
        </div>
    </div>
</template>

<style scoped>
.behind {
    display: grid;
    gap: 28px;
    margin-top: 10px;
    padding: 18px 20px 24px;
    border: 1.5px solid var(--rule);
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
