<script setup lang="ts">
import { computed } from 'vue';
import type { FlatCheck, LevelName, Pattern, PatternDocument, PatternGuide, Unit } from '../api/types';
import FlatCheckPart from './FlatCheckPart.vue';
import { levelsOf } from './levels';

const props = defineProps<{
    faults: Map<string, string>;
    kept: Pattern | null;
    unit: Unit;
    guide: PatternGuide;
}>();
const document = defineModel<PatternDocument>({ required: true });

const levels = computed(() => levelsOf(document.value, props.guide));
const checks = computed(() => document.value.flat_checks ?? {});

function setCheck(level: LevelName, check: FlatCheck | null): void {
    // From the top of the body down, in whatever order they are typed.
    const kept = levels.value.flatMap(({ name }) => {
        const one = name === level ? check : checks.value[name];
        return one ? [[name, one] as const] : [];
    });
    document.value = { ...document.value, flat_checks: Object.fromEntries(kept) };
}
</script>

<template>
    <div class="part">
        <p class="hint">
            Where a finished figure is missing, the paper pattern has it. At the level, measure each panel of
            one size from fold or centre to the seam line; jump over darts and pleats, or give what lies in
            them; say at each panel which line you measured to. The other sizes follow the steps of the body
            chart.
        </p>
        <FlatCheckPart
            v-for="level in levels"
            :key="level.name"
            :level="level"
            :document="document"
            :faults="faults"
            :kept="kept"
            :unit="unit"
            :model-value="checks[level.name] ?? null"
            @update:model-value="setCheck(level.name, $event)"
        />
    </div>
</template>
