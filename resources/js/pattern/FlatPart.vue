<script setup lang="ts">
import { computed } from 'vue';
import type { FlatCheck, FlatPlace, Pattern, PatternDocument, PatternGuide, Unit } from '../api/types';
import FlatCheckPart from './FlatCheckPart.vue';
import { levelsOf } from './levels';

const props = defineProps<{
    faults: Map<string, string>;
    kept: Pattern | null;
    unit: Unit;
    guide: PatternGuide;
}>();
const document = defineModel<PatternDocument>({ required: true });

/** The levels, and one sleeve where there is one. */
const levels = computed<{ name: FlatPlace; title: string }[]>(() => {
    const hasSleeve = props.kept?.pieces.some(({ side }) => side === 'sleeve') === true;
    const isChecked = document.value.flat_checks?.bicep !== undefined;
    const sleeve = hasSleeve || isChecked ? [{ name: 'bicep' as const, title: 'Upper arm' }] : [];
    return [...levelsOf(document.value, props.guide), ...sleeve];
});
const checks = computed(() => document.value.flat_checks ?? {});

function setCheck(level: FlatPlace, check: FlatCheck | null): void {
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
            chart. Of the sleeve measure its width at the underarm, from edge to edge.
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
