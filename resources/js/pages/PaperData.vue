<script setup lang="ts">
import { computed } from 'vue';
import type { Fault, LevelName, PatternDocument, Unit } from '../api/types';
import { levels } from '../sheet/rows';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';

const props = defineProps<{ part: 'fabric' | 'paper'; faults: Fault[]; unit: Unit }>();
const document = defineModel<PatternDocument>({ required: true });

const weights = [
    { value: 'critical', label: 'critical, lies close' },
    { value: 'matters', label: 'matters' },
    { value: 'free', label: 'free, hangs' },
] as const;
const kinds = [
    { value: 'woven', label: 'woven' },
    { value: 'knit', label: 'knit' },
] as const;
const lengths = [
    { key: 'underarm_to_waist', label: 'Underarm to waist' },
    { key: 'waist_to_hip', label: 'Waist to hip' },
    { key: 'hip_to_hem', label: 'Hip to cut hem' },
    { key: 'seam_allowance', label: 'Seam allowance' },
    { key: 'hem_allowance', label: 'Hem allowance' },
] as const;

const faultAt = computed(() => new Map(props.faults.map((fault) => [fault.field, fault.message])));

function change(part: Partial<PatternDocument>): void {
    document.value = { ...document.value, ...part };
}

function setEdges(level: LevelName, text: string): void {
    const { [level]: _, ...others } = document.value.seam.edges ?? {};
    const edges = text === '' ? others : { ...others, [level]: Number(text) };
    change({ seam: { ...document.value.seam, edges } });
}

function setLength(key: (typeof lengths)[number]['key'], text: string): void {
    change({ seam: { ...document.value.seam, [key]: text.trim() === '' ? null : text } });
}

function setStretch(text: string): void {
    const percent = text === '' ? null : Number(text);
    change({ fabric: { ...document.value.fabric, stretch_percent: percent } });
}
</script>

<template>
    <template v-if="part === 'fabric'">
        <ChoiceField
            class="narrow"
            label="Fabric"
            :options="kinds"
            :model-value="document.fabric.kind"
            @update:model-value="change({ fabric: { ...document.fabric, kind: $event ?? 'woven' } })"
        />
        <TextField
            v-if="document.fabric.kind === 'knit'"
            class="narrow"
            type="number"
            :model-value="String(document.fabric.stretch_percent ?? '')"
            label="Stretch, %"
            :fault="faultAt.get('pattern.fabric.stretch_percent')"
            @update:model-value="setStretch"
        />
    </template>
    <div v-else class="paper-data">
        <section aria-labelledby="paper-levels">
            <h2 id="paper-levels">What matters where</h2>
            <div v-for="level in levels" :key="level.name" class="inline">
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
                    class="narrow"
                    type="number"
                    :model-value="String(document.seam.edges?.[level.name] ?? '')"
                    label="Cut edges"
                    hint="4 if left open"
                    :fault="faultAt.get(`pattern.seam.edges.${level.name}`)"
                    @update:model-value="setEdges(level.name, $event)"
                />
            </div>
        </section>
        <section aria-labelledby="paper-lengths">
            <h2 id="paper-lengths">Down the side seam of the paper</h2>
            <p class="hint">
                Along the body, between the stitching lines, in {{ unit }}. The blend needs the first two.
            </p>
            <div class="inline">
                <TextField
                    v-for="length in lengths"
                    :key="length.key"
                    class="narrow"
                    :model-value="document.seam[length.key] ?? ''"
                    :label="length.label"
                    :fault="faultAt.get(`pattern.seam.${length.key}`)"
                    @update:model-value="setLength(length.key, $event)"
                />
            </div>
        </section>
    </div>
</template>
