<script setup lang="ts">
import type { LevelName, PatternDocument, Unit } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';
import { orNull } from './lists';
import { weightWords } from '../ui/words';

const props = defineProps<{
    level: { name: LevelName; title: string };
    faults: Map<string, string>;
    unit: Unit;
}>();
const document = defineModel<PatternDocument>({ required: true });

const weights = [
    { value: 'critical', label: `${weightWords.critical}, lies close` },
    { value: 'matters', label: weightWords.matters },
    { value: 'free', label: `${weightWords.free}, hangs` },
] as const;
/** Edges that share a change, and those between which the sizes differ on paper. */
const edges = [
    { key: 'edges', label: 'Cut edges that share a change' },
    { key: 'nest_edges', label: 'Edges where the printed sizes differ' },
] as const;

function change(part: Partial<PatternDocument>): void {
    document.value = { ...document.value, ...part };
}

function setEdges(key: (typeof edges)[number]['key'], text: string): void {
    const { [props.level.name]: _, ...others } = document.value.seam[key] ?? {};
    const next = text === '' ? others : { ...others, [props.level.name]: Number(text) };
    change({ seam: { ...document.value.seam, [key]: next } });
}
</script>

<template>
    <div class="level-row">
        <b class="level-name">{{ level.title }}</b>
        <ChoiceField
            label="the fit is"
            :options="weights"
            :model-value="document.levels[level.name] ?? 'matters'"
            @update:model-value="
                change({ levels: { ...document.levels, [level.name]: $event ?? 'matters' } })
            "
        />
        <TextField
            v-for="edge in edges"
            :key="edge.key"
            type="number"
            :model-value="String(document.seam[edge.key]?.[level.name] ?? '')"
            :label="edge.label"
            :fault="faults.get(`pattern.seam.${edge.key}.${level.name}`)"
            @update:model-value="setEdges(edge.key, $event)"
        />
        <TextField
            :model-value="document.least_ease?.[level.name] ?? ''"
            :label="`Least ease, ${unit}`"
            :fault="faults.get(`pattern.least_ease.${level.name}`)"
            @update:model-value="
                change({ least_ease: { ...document.least_ease, [level.name]: orNull($event) } })
            "
        />
    </div>
</template>

<style scoped>
.level-row {
    display: grid;
    grid-template-columns: 44px minmax(168px, 1.6fr) repeat(3, minmax(84px, 1fr));
    gap: 4px 12px;
    align-items: end;
}
.level-name {
    padding-bottom: 9px;
}
/* The names of the fields stand once, above the first row; spoken they stand at each. */
@media (min-width: 701px) {
    .level-row + .level-row :deep(label) {
        position: absolute;
        width: 1px;
        height: 1px;
        overflow: hidden;
        clip-path: inset(50%);
    }
}
@media (max-width: 700px) {
    .level-row {
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    }
    .level-name {
        grid-column: 1 / -1;
        padding-bottom: 0;
    }
}
</style>
