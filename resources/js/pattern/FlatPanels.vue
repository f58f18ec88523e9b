<script setup lang="ts">
import type { FlatPanel, Unit } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import { changedAt, orNull, withoutAt } from './lists';
import WordTap from '../ui/WordTap.vue';

const props = defineProps<{
    /** Of the level, for the labels that are read aloud. */
    title: string;
    /** Where the server reports its faults, such as `pattern.flat_checks.bust.panels`. */
    at: string;
    faults: Map<string, string>;
    unit: Unit;
}>();
const panels = defineModel<FlatPanel[]>({ required: true });

const lines = [
    { value: 0, label: 'stitching line' },
    { value: 1, label: 'cutting line at one edge' },
    { value: 2, label: 'cutting line at both edges' },
];

function change(panel: number, part: Partial<FlatPanel>): void {
    panels.value = changedAt(panels.value, panel, part);
}

const fault = (panel: number, key: keyof FlatPanel): string | undefined =>
    props.faults.get(`${props.at}[${panel}].${key}`);
</script>

<template>
    <table class="entry">
        <thead>
            <tr>
                <th>Panel</th>
                <th>Width, {{ unit }}</th>
                <th><WordTap word="stitching_line">Measured to the</WordTap></th>
                <th>In darts, {{ unit }}</th>
                <th>Cut, times</th>
                <td />
            </tr>
        </thead>
        <tbody>
            <tr v-for="(panel, p) in panels" :key="p">
                <td>
                    <CellInput
                        wide
                        :value="panel.name"
                        :label="`${title}, panel ${p + 1}, name`"
                        @change="change(p, { name: $event })"
                    />
                </td>
                <td>
                    <CellInput
                        :value="panel.width"
                        :label="`${title}, ${panel.name}, width`"
                        :fault="fault(p, 'width')"
                        @change="change(p, { width: $event })"
                    />
                </td>
                <td>
                    <select
                        :value="panel.allowances ?? 0"
                        :aria-label="`${title}, ${panel.name}, measured to the`"
                        @change="
                            change(p, { allowances: Number(($event.target as HTMLSelectElement).value) })
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
                        :label="`${title}, ${panel.name}, in darts`"
                        :fault="fault(p, 'darts')"
                        @change="change(p, { darts: orNull($event) })"
                    />
                </td>
                <td>
                    <CellInput
                        :value="String(panel.times ?? 2)"
                        :label="`${title}, ${panel.name}, cut how often`"
                        :fault="fault(p, 'times')"
                        @change="change(p, { times: Number($event) })"
                    />
                </td>
                <td>
                    <button
                        type="button"
                        class="plain"
                        :aria-label="`${title}: take out ${panel.name}`"
                        @click="panels = withoutAt(panels, p)"
                    >
                        ×
                    </button>
                </td>
            </tr>
        </tbody>
    </table>
</template>
