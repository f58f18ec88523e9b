<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { LevelName, Pattern, PatternDocument, PatternGuide, Unit } from '../api/types';
import { levelsOf } from './levels';
import CellInput from '../ui/CellInput.vue';
import ChoiceField from '../ui/ChoiceField.vue';
import Measure from '../ui/Measure.vue';
import TextField from '../ui/TextField.vue';
import { changedAt, orNull, withoutAt } from './lists';

type Check = NonNullable<NonNullable<PatternDocument['flat_checks']>[LevelName]>;

const props = defineProps<{
    faults: Map<string, string>;
    kept: Pattern | null;
    unit: Unit;
    guide: PatternGuide;
}>();
const document = defineModel<PatternDocument>({ required: true });

const lines = [
    { value: 0, label: 'stitching line' },
    { value: 1, label: 'cutting line at one edge' },
    { value: 2, label: 'cutting line at both edges' },
];
const levels = computed(() => levelsOf(document.value, props.guide));
const sizes = computed(() => document.value.sizes.map((size) => ({ value: size, label: size })));
const checks = computed(() => document.value.flat_checks ?? {});

function setCheck(level: LevelName, check: Check | null): void {
    // From the top of the body down, in whatever order they are typed.
    const kept = levels.value.flatMap(({ name }) => {
        const one = name === level ? check : checks.value[name];
        return one ? [[name, one] as const] : [];
    });
    document.value = { ...document.value, flat_checks: Object.fromEntries(kept) };
}

function start(level: LevelName): void {
    const middle = document.value.sizes[Math.floor(document.value.sizes.length / 2)] ?? '';
    const panels = ['front', 'back'].map((name) => ({ name, width: '', times: 2, allowances: 0 }));
    setCheck(level, { size: middle, panels });
}

function setPanel(level: LevelName, panel: number, part: Partial<Check['panels'][number]>): void {
    const check = checks.value[level];
    if (check) setCheck(level, { ...check, panels: changedAt(check.panels, panel, part) });
}

const result = (level: LevelName): Pattern['from_tissue'][number] | undefined =>
    props.kept?.from_tissue.find((row) => row.level === level);

function measuredAt(level: LevelName): number | null {
    const row = result(level);
    return row === undefined
        ? null
        : (row.finished_nm[document.value.sizes.indexOf(row.measured_size)] ?? null);
}
</script>

<template>
    <div class="part">
        <p class="hint">
            Where a finished figure is missing, the tissue has it. At the level, measure each panel of one
            size from fold or centre to the seam line; jump over darts and pleats, or give what lies in them;
            say at each panel which line you measured to. The other sizes follow the steps of the body chart.
        </p>
        <section
            v-for="level in levels"
            :key="level.name"
            class="flat"
            :aria-label="`Tissue at the ${level.name}`"
        >
            <h3>{{ level.title }}</h3>
            <template v-if="checks[level.name]">
                <div class="inline">
                    <ChoiceField
                        class="narrow"
                        label="Size measured"
                        :options="sizes"
                        :model-value="checks[level.name]?.size ?? null"
                        :fault="faults.get(`pattern.flat_checks.${level.name}.size`)"
                        @update:model-value="
                            setCheck(level.name, { ...checks[level.name]!, size: $event ?? '' })
                        "
                    />
                    <TextField
                        class="narrow"
                        :label="`Seam allowance, ${unit}`"
                        :hint="
                            document.seam.seam_allowance
                                ? `blank: the pattern’s ${document.seam.seam_allowance}`
                                : ''
                        "
                        :model-value="checks[level.name]?.seam_allowance ?? ''"
                        :fault="faults.get(`pattern.flat_checks.${level.name}.seam_allowance`)"
                        @update:model-value="
                            setCheck(level.name, { ...checks[level.name]!, seam_allowance: orNull($event) })
                        "
                    />
                    <p class="result" role="status">
                        <template v-if="measuredAt(level.name) !== null">
                            Finished on the stitching line:
                            <b><Measure :nm="measuredAt(level.name)" /></b>
                            <template v-if="!result(level.name)?.used">
                                The chart prints this row; the chart wins.</template
                            >
                        </template>
                        <span v-else-if="faults.get(`pattern.flat_checks.${level.name}`)" class="fault">{{
                            faults.get(`pattern.flat_checks.${level.name}`)
                        }}</span>
                        <template v-else>Measure a panel.</template>
                    </p>
                </div>
                <table class="entry">
                    <thead>
                        <tr>
                            <th>Panel</th>
                            <th>Width, {{ unit }}</th>
                            <th>Measured to the</th>
                            <th>In darts, {{ unit }}</th>
                            <th>Cut, times</th>
                            <td />
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="(panel, p) in checks[level.name]?.panels" :key="p">
                            <td>
                                <CellInput
                                    wide
                                    :value="panel.name"
                                    :label="`${level.title}, panel ${p + 1}, name`"
                                    @change="setPanel(level.name, p, { name: $event })"
                                />
                            </td>
                            <td>
                                <CellInput
                                    :value="panel.width"
                                    :label="`${level.title}, ${panel.name}, width`"
                                    :fault="
                                        faults.get(`pattern.flat_checks.${level.name}.panels[${p}].width`)
                                    "
                                    @change="setPanel(level.name, p, { width: $event })"
                                />
                            </td>
                            <td>
                                <select
                                    :value="panel.allowances ?? 0"
                                    :aria-label="`${level.title}, ${panel.name}, measured to the`"
                                    @change="
                                        setPanel(level.name, p, {
                                            allowances: Number(($event.target as HTMLSelectElement).value),
                                        })
                                    "
                                >
                                    <option v-for="line in lines" :key="line.value" :value="line.value">
                                        {{ line.label }}
                                    </option>
                                </select>
                            </td>
                            <td>
                                <CellInput
                                    :value="panel.darts"
                                    :label="`${level.title}, ${panel.name}, in darts`"
                                    :fault="
                                        faults.get(`pattern.flat_checks.${level.name}.panels[${p}].darts`)
                                    "
                                    @change="setPanel(level.name, p, { darts: orNull($event) })"
                                />
                            </td>
                            <td>
                                <CellInput
                                    :value="String(panel.times ?? 2)"
                                    :label="`${level.title}, ${panel.name}, cut how often`"
                                    :fault="
                                        faults.get(`pattern.flat_checks.${level.name}.panels[${p}].times`)
                                    "
                                    @change="setPanel(level.name, p, { times: Number($event) })"
                                />
                            </td>
                            <td>
                                <button
                                    type="button"
                                    class="plain"
                                    :aria-label="`${level.title}: take out ${panel.name}`"
                                    @click="
                                        setCheck(level.name, {
                                            ...checks[level.name]!,
                                            panels: withoutAt(checks[level.name]?.panels ?? [], p),
                                        })
                                    "
                                >
                                    ×
                                </button>
                            </td>
                        </tr>
                    </tbody>
                </table>
                <div class="inline">
                    <Button
                        type="button"
                        text
                        size="small"
                        label="Add a panel"
                        @click="
                            setCheck(level.name, {
                                ...checks[level.name]!,
                                panels: [
                                    ...(checks[level.name]?.panels ?? []),
                                    { name: '', width: '', times: 2 },
                                ],
                            })
                        "
                    />
                    <Button
                        type="button"
                        text
                        size="small"
                        label="Take this check out"
                        @click="setCheck(level.name, null)"
                    />
                </div>
            </template>
            <Button
                v-else
                type="button"
                outlined
                size="small"
                :label="`Measure the tissue at the ${level.name}`"
                @click="start(level.name)"
            />
        </section>
    </div>
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
