<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, CompanyHead, LevelName } from '../api/types';
import { eases, picks } from '../bench/choices';
import CellInput from '../ui/CellInput.vue';
import WordChoice from '../ui/WordChoice.vue';

/** What is chosen for all. */
const props = defineProps<{ head: CompanyHead }>();
const emit = defineEmits<{ change: [choices: Choices] }>();

const NONE = '';
const named = (names: readonly string[]) => names.map((name) => ({ value: name, label: name }));
interface Row {
    key: 'view' | 'fit' | 'ease' | 'pick';
    label: string;
    /** What counts where none is chosen. */
    none: string;
    options: readonly { value: string; label: string }[];
}
const rows = computed((): Row[] =>
    [
        { key: 'view' as const, label: 'view', none: 'not chosen', options: named(props.head.views) },
        { key: 'fit' as const, label: 'fit', none: 'not chosen', options: named(props.head.fits) },
        { key: 'ease' as const, label: 'Sizes by', none: 'as each card allows', options: eases },
        { key: 'pick' as const, label: 'picked by', none: 'as is usual', options: picks },
    ].filter(({ options }) => options.length > 0),
);
function choose(key: Row['key'], value: string): void {
    const { [key]: _, ...others } = props.head.choices;
    emit('change', value === NONE ? others : { ...others, [key]: value });
}

const levels: LevelName[] = ['bust', 'waist', 'hip'];
function like(level: LevelName, ease: string): void {
    const liked = { ...props.head.choices.liked_ease, [level]: ease === '' ? null : ease };
    emit('change', { ...props.head.choices, liked_ease: liked });
}
</script>

<template>
    <div class="choices" role="group" aria-label="Choices for all">
        <WordChoice
            v-for="row in rows"
            :key="row.key"
            :label="row.label"
            :options="[{ value: NONE, label: row.none }, ...row.options]"
            :model-value="head.choices[row.key] ?? NONE"
            @update:model-value="choose(row.key, $event)"
        />
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
