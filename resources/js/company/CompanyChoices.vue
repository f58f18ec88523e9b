<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, CompanyHead, LevelName } from '../api/types';
import { eases, picks } from '../bench/choices';
import CellInput from '../ui/CellInput.vue';
import { named, type ChoiceRow } from '../ui/choiceRow';
import ChoiceRows from '../ui/ChoiceRows.vue';

/** What is chosen for all. */
const props = defineProps<{ head: CompanyHead }>();
const emit = defineEmits<{ change: [choices: Choices] }>();

type Key = 'view' | 'fit' | 'ease' | 'pick';
const rows = computed((): ChoiceRow<Key>[] => {
    const { choices, views, fits } = props.head;
    const all: ChoiceRow<Key>[] = [
        { key: 'view', label: 'view', none: 'not chosen', options: named(views), value: choices.view },
        { key: 'fit', label: 'fit', none: 'not chosen', options: named(fits), value: choices.fit },
        { key: 'ease', label: 'Go by', none: 'as each card allows', options: eases, value: choices.ease },
        { key: 'pick', label: 'sizes', none: 'as is usual', options: picks, value: choices.pick },
    ];
    return all.filter(({ options }) => options.length > 0);
});
function choose(key: Key, value: string | null): void {
    const { [key]: _, ...others } = props.head.choices;
    emit('change', value === null ? others : { ...others, [key]: value });
}

const levels: LevelName[] = ['bust', 'waist', 'hip'];
function like(level: LevelName, ease: string): void {
    const liked = { ...props.head.choices.liked_ease, [level]: ease === '' ? null : ease };
    emit('change', { ...props.head.choices, liked_ease: liked });
}
</script>

<template>
    <div class="choices" role="group" aria-label="Choices for all">
        <ChoiceRows :rows="rows" @choose="choose" />
        <span
            v-if="head.choices.ease === 'liked'"
            class="liked"
            role="group"
            :aria-label="`room you like, ${head.unit}`"
        >
            room you like, {{ head.unit }}:
            <span v-for="level in levels" :key="level">
                {{ level }}
                <CellInput
                    :value="head.choices.liked_ease?.[level]"
                    :label="`room you like at the ${level}, ${head.unit}`"
                    @change="like(level, $event)"
                />
            </span>
        </span>
        <slot />
    </div>
</template>

<style scoped>
.choices {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 18px;
    align-items: center;
}
.liked,
.liked span {
    display: inline-flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    align-items: center;
}
</style>
