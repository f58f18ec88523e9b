<script setup lang="ts">
import { computed } from 'vue';
import type { Choices } from '../api/types';
import { useSession } from '../state/session';
import WordChoice from '../ui/WordChoice.vue';
import { leftOverWords, otherWords } from './changes';
import type { ShownLevel } from './clipped';
import { methods, takes } from './choices';
import LevelMore from './LevelMore.vue';

/** What is changed at one level, and how, with the controls of it in their place in the sentence. */
const props = defineProps<{
    level: ShownLevel;
    choices: Choices;
    method: 'pivot' | 'slash' | null;
    unit: string;
    faultAt: (field: string) => string | null;
}>();
const emit = defineEmits<{ change: [part: Partial<Choices>] }>();
const session = useSession();

const left = computed(() => leftOverWords(props.level, session.unit));
const others = computed(() => otherWords(props.level, props.method, session.unit));
const take = (how: 'in_line' | 'sew' | 'leave'): void =>
    emit('change', { take: { ...props.choices.take, [props.level.level]: how } });
</script>

<template>
    <div class="changes">
        <span v-if="level.isAwaited" class="quiet">…</span>
        <span v-else-if="level.follows && level.left_over_nm === null" class="quiet"
            >free here: nothing to do</span
        >
        <span v-else-if="left === null && others.length === 0" class="quiet">nothing</span>
        <span v-if="left">
            {{ left }}
            <WordChoice
                v-if="level.take"
                quiet
                :label="`What to do with it at the ${level.level}`"
                :options="takes"
                :model-value="level.take"
                :fault="faultAt(`choices.take.${level.level}`)"
                @update:model-value="take"
            />
            <span v-if="level.take_why" class="quiet">, {{ level.take_why }}</span>
        </span>
        <span v-for="words in others" :key="words">
            {{ words }}
            <WordChoice
                v-if="level.adjusted_nm !== 0 && method && words.endsWith('for the bust')"
                quiet
                label="How the bust is adjusted"
                :options="methods"
                :model-value="method"
                @update:model-value="emit('change', { method: $event })"
            />
        </span>
        <LevelMore
            :level="level"
            :choices="choices"
            :unit="unit"
            :fault-at="faultAt"
            @change="emit('change', $event)"
        />
    </div>
</template>

<style scoped>
.changes {
    position: relative;
    padding-right: 52px;
    font-size: 13.5px;
    font-weight: 450;
    white-space: normal;
}
.changes > span {
    margin-right: 5px;
}
/* What is pressed keeps its place, however long the sentence gets. */
.changes > .level-more {
    position: absolute;
    top: 0;
    right: 0;
    margin: 0;
}
@media screen and (min-width: 1001px) {
    .changes :deep(select) {
        min-height: 24px;
        padding: 0 4px;
    }
}
.quiet {
    color: var(--quiet);
}
</style>
