<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { FlatCheck, FlatPlace, Pattern, PatternDocument, Unit } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import Measure from '../ui/Measure.vue';
import TextField from '../ui/TextField.vue';
import FlatPanels from './FlatPanels.vue';
import { orNull } from './lists';

const props = defineProps<{
    level: { name: FlatPlace; title: string };
    document: PatternDocument;
    faults: Map<string, string>;
    kept: Pattern | null;
    unit: Unit;
}>();
/** Null where this level is not measured. */
const check = defineModel<FlatCheck | null>({ required: true });

const at = computed(() => `pattern.flat_checks.${props.level.name}`);
const sizes = computed(() => props.document.sizes.map((size) => ({ value: size, label: size })));
const result = computed(() => props.kept?.from_tissue.find((row) => row.level === props.level.name) ?? null);
const finished = computed(() => {
    const row = result.value;
    return row === null ? null : (row.finished_nm[props.document.sizes.indexOf(row.measured_size)] ?? null);
});

function change(part: Partial<FlatCheck>): void {
    if (check.value !== null) check.value = { ...check.value, ...part };
}

function start(): void {
    const middle = props.document.sizes[Math.floor(props.document.sizes.length / 2)] ?? '';
    check.value = {
        size: middle,
        panels:
            props.level.name === 'bicep'
                ? [{ name: 'sleeve', width: '', times: 1, allowances: 2 }]
                : ['front', 'back'].map((name) => ({ name, width: '', times: 2, allowances: 0 })),
    };
}
</script>

<template>
    <section class="flat" :aria-label="`Tissue at the ${level.title.toLowerCase()}`">
        <h3>{{ level.title }}</h3>
        <template v-if="check">
            <div class="inline">
                <ChoiceField
                    class="narrow"
                    label="Size measured"
                    :options="sizes"
                    :model-value="check.size"
                    :fault="faults.get(`${at}.size`)"
                    @update:model-value="change({ size: $event ?? '' })"
                />
                <TextField
                    class="narrow"
                    :label="`Seam allowance, ${unit}`"
                    :hint="
                        document.seam.seam_allowance
                            ? `blank: the pattern’s ${document.seam.seam_allowance}`
                            : ''
                    "
                    :model-value="check.seam_allowance ?? ''"
                    :fault="faults.get(`${at}.seam_allowance`)"
                    @update:model-value="change({ seam_allowance: orNull($event) })"
                />
                <p class="result" role="status">
                    <template v-if="finished !== null">
                        Finished on the stitching line: <b><Measure :nm="finished" /></b>
                        <template v-if="result?.printed_nm != null && result.differs">
                            The envelope prints <b><Measure :nm="result.printed_nm" /></b> for it:
                            <template v-if="!result.is_complete"
                                >so far apart that a panel is missing or counted twice.</template
                            >
                            <label v-else
                                >what counts is
                                <select
                                    :value="check.counts ?? 'tissue'"
                                    :aria-label="`What counts at the ${level.title.toLowerCase()}`"
                                    @change="
                                        change({
                                            counts: ($event.target as HTMLSelectElement).value as
                                                'tissue' | 'print',
                                        })
                                    "
                                >
                                    <option value="tissue">the paper</option>
                                    <option value="print">the print</option>
                                </select></label
                            >
                        </template>
                        <template v-else-if="result?.printed_nm != null"> As printed.</template>
                    </template>
                    <span v-else-if="faults.get(at)" class="fault">{{ faults.get(at) }}</span>
                    <template v-else>Measure a panel.</template>
                </p>
            </div>
            <FlatPanels
                :title="level.title"
                :at="`${at}.panels`"
                :faults="faults"
                :unit="unit"
                :model-value="check.panels"
                @update:model-value="change({ panels: $event })"
            />
            <div class="inline">
                <Button
                    type="button"
                    text
                    size="small"
                    label="Add a panel"
                    @click="change({ panels: [...check.panels, { name: '', width: '', times: 2 }] })"
                />
                <Button type="button" text size="small" label="Take this check out" @click="check = null" />
            </div>
        </template>
        <Button
            v-else
            type="button"
            outlined
            size="small"
            :label="`Measure the paper at the ${level.title.toLowerCase()}`"
            @click="start"
        />
    </section>
</template>

<style scoped>
.flat {
    display: grid;
    gap: 8px;
    justify-items: start;
}
.flat .result {
    font-size: 16px;
}
</style>
