<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Choices, LevelPlan } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import Measure from '../ui/Measure.vue';
import WordChoice from '../ui/WordChoice.vue';
import { shifts } from './choices';
import HeldPopover from '../ui/HeldPopover.vue';

/** The small decisions at one level: an amount by hand, the centre back, front and back unlike, the ease. */
const props = defineProps<{
    level: LevelPlan;
    choices: Choices;
    unit: string;
    faultAt: (field: string) => string | null;
}>();
const emit = defineEmits<{ change: [part: Partial<Choices>] }>();

const panel = ref<InstanceType<typeof HeldPopover> | null>(null);
const name = computed(() => props.level.level);
const faults = computed(() =>
    [
        `centre_back.${name.value}`,
        `by_hand.${name.value}.front`,
        `by_hand.${name.value}.back`,
        `by_hand.${name.value}.in_all`,
        `least_ease.${name.value}`,
        `own_garment.${name.value}`,
    ].flatMap((field) => props.faultAt(`choices.${field}`) ?? []),
);

type Lengths = 'centre_back' | 'least_ease' | 'own_garment';
const lengths: { key: Lengths; label: string; hint: string }[] = [
    { key: 'centre_back', label: 'at the centre back alone', hint: 'of what is taken in or let out' },
    { key: 'least_ease', label: 'least room', hint: 'no size may leave less' },
    { key: 'own_garment', label: 'a garment you like, laid flat', hint: 'across; gives the room you like' },
];

const text = (typed: string): string | null => (typed === '' ? null : typed);
function setLength(key: Lengths, typed: string): void {
    emit('change', { [key]: { ...props.choices[key], [name.value]: text(typed) } });
}
function setByHand(side: 'front' | 'back' | 'in_all', typed: string): void {
    const here = { ...props.choices.by_hand?.[name.value], [side]: text(typed) };
    emit('change', { by_hand: { ...props.choices.by_hand, [name.value]: here } });
}
function setShift(sizes: string): void {
    emit('change', { front_larger: { ...props.choices.front_larger, [name.value]: Number(sizes) } });
}
</script>

<template>
    <span class="level-more">
        <button
            type="button"
            class="link"
            :class="{ faulty: faults.length > 0 }"
            :aria-label="`more… at the ${name}`"
            @click="panel?.toggle($event)"
        >
            more…
        </button>
        <small v-for="fault in faults" :key="fault" class="fault" role="alert">{{ fault }}</small>
        <HeldPopover ref="panel" :label="`More at the ${name}`">
            <div class="more-panel" role="group" :aria-label="`More at the ${name}`">
                <p><b>By hand</b>, what a fitting found, {{ unit }}; inward with a minus</p>
                <div class="one">
                    <span>in all <small>a quarter of it at each side edge</small></span>
                    <CellInput
                        :value="choices.by_hand?.[name]?.in_all"
                        :label="`${name}, by hand, in all`"
                        :fault="faultAt(`choices.by_hand.${name}.in_all`)"
                        @change="setByHand('in_all', $event)"
                    />
                </div>
                <p>or at each edge alone</p>
                <div class="pair">
                    <div v-for="side in ['front', 'back'] as const" :key="side">
                        <span aria-hidden="true">{{ side }}</span>
                        <CellInput
                            :value="choices.by_hand?.[name]?.[side]"
                            :label="`${name}, by hand, ${side}`"
                            :fault="faultAt(`choices.by_hand.${name}.${side}`)"
                            @change="setByHand(side, $event)"
                        />
                    </div>
                </div>
                <p v-if="level.by_hand_front_nm !== 0 || level.by_hand_back_nm !== 0" class="told">
                    That is <Measure :nm="level.by_hand_front_nm" signed /> at each front edge,
                    <Measure :nm="level.by_hand_back_nm" signed /> at each back edge,
                    <b><Measure :nm="level.by_hand_nm" signed /></b> all round.
                </p>
                <div v-for="one in lengths" :key="one.key" class="one">
                    <span
                        ><b>{{ one.label }}</b
                        >, {{ unit }} <small>{{ one.hint }}</small></span
                    >
                    <CellInput
                        :value="choices[one.key]?.[name]"
                        :label="`${name}, ${one.label}`"
                        :fault="faultAt(`choices.${one.key}.${name}`)"
                        @change="setLength(one.key, $event)"
                    />
                </div>
                <WordChoice
                    :label="`front and back`"
                    :options="shifts"
                    :model-value="String(choices.front_larger?.[name] ?? 0)"
                    @update:model-value="setShift"
                />
            </div>
        </HeldPopover>
    </span>
</template>

<style scoped>
.more-panel {
    display: grid;
    gap: 10px;
    max-width: 330px;
    font-size: 14px;
}
.pair,
.one,
.pair > div {
    display: flex;
    gap: 8px;
    align-items: center;
    justify-content: space-between;
}
.level-more .fault {
    display: block;
}
</style>
