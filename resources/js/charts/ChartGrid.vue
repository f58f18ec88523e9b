<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Fault, Pattern, PatternDocument, Unit } from '../api/types';
import Measure from '../ui/Measure.vue';
import TypedInput from '../ui/TypedInput.vue';
import { easeName, tissueAt, type GridRow } from './rows';
import { areMany, columnWidths } from './columnWidths';
import { MOST_SIZES, cellAt, fieldAt, withoutSize } from './grid';
import { useKnownKeys } from '../ui/shortcuts';
import { useChartGrid } from './useChartGrid';
import './grid.css';

const props = defineProps<{ faults: Fault[]; kept: Pattern | null; unit: Unit }>();
const document = defineModel<PatternDocument>({ required: true });
const emit = defineEmits<{ pasted: [text: string]; undo: []; redo: [] }>();

const table = ref<HTMLTableElement | null>(null);
const { rows, offered, columns, cells, type, paste, copy, press, addSize, addRow } = useChartGrid(
    document,
    table,
    {
        pasted: (text) => {
            emit('pasted', text);
        },
        undo: () => {
            emit('undo');
        },
        redo: () => {
            emit('redo');
        },
    },
);
/** Before a size is named its column is as wide as it will be: nothing moves from under a press. */
const widths = computed(() => columnWidths(document.value.sizes.length === 0 ? [''] : document.value.sizes));
const isNarrow = computed(() => areMany(document.value.sizes));
const faultAt = computed(() => new Map(props.faults.map((fault) => [fault.field, fault.message])));
const oddAt = computed(() => new Map((props.kept?.odd ?? []).map((odd) => [odd.field, odd.message])));

function note(row: number, column: number, notes: Map<string, string>): string | undefined {
    const path = rows.value[row]?.path;
    return path === undefined ? undefined : notes.get(fieldAt(path, column));
}

function heads(row: number): boolean {
    const here = rows.value[row];
    return here?.group !== null && here?.group !== rows.value[row - 1]?.group;
}

const offeredName = ({ name, group, kind }: GridRow): string =>
    kind === 'garment' && group !== 'Finished garment'
        ? `${name} (${group?.replace('Finished garment, ', '') ?? ''})`
        : name;

const fromTissue = (row: number, column: number): number | null =>
    tissueAt(props.kept, rows.value[row]?.path ?? [], column);

useKnownKeys([
    { shown: '← → ↑ ↓', does: 'in the chart: from cell to cell' },
    { shown: 'Enter', does: 'in the chart: the cell below' },
    { shown: 'Ctrl V', does: 'in the chart: a table from a spreadsheet' },
]);
</script>

<template>
    <div class="grid-scroll chart-grid" :class="{ many: isNarrow }" @copy="copy">
        <table ref="table">
            <colgroup>
                <col />
                <col v-for="(width, c) in widths" :key="c" :style="{ width: `${width}px` }" />
            </colgroup>
            <tbody v-for="(row, r) in rows" :key="row.path.join('.')">
                <tr v-if="heads(r)">
                    <th class="group" :class="row.kind" :colspan="columns + 1" scope="colgroup">
                        <i class="mark" :class="row.kind" aria-hidden="true" /> {{ row.group }}
                    </th>
                </tr>
                <tr :class="row.kind">
                    <th scope="row">{{ row.name }}</th>
                    <td v-for="c in columns" :key="c">
                        <TypedInput
                            :value="cellAt(document, row.path, c - 1)"
                            :data-cell="`${r}:${c - 1}`"
                            :class="{
                                faulty: note(r, c - 1, faultAt),
                                odd: note(r, c - 1, oddAt),
                                chosen: cells.chosen(r, c - 1),
                            }"
                            :aria-label="`${row.kind === 'garment' ? `${row.group}, ` : ''}${row.name}, ${row.kind === 'sizes' ? `column ${c}` : `size ${document.sizes[c - 1] || c}`}`"
                            :aria-invalid="Boolean(note(r, c - 1, faultAt))"
                            :title="note(r, c - 1, faultAt) ?? note(r, c - 1, oddAt)"
                            maxlength="40"
                            @focus="cells.enter(r, c - 1)"
                            @keep="type(r, c - 1, $event.trim())"
                            @paste="paste($event, r, c - 1)"
                            @keydown="press($event, r, c - 1)"
                        />
                        <span v-if="isNarrow && row.kind === 'sizes'" class="whole-name" aria-hidden="true">{{
                            document.sizes[c - 1]
                        }}</span>
                        <span v-if="fromTissue(r, c - 1) !== null" class="tissue">
                            <Measure :nm="fromTissue(r, c - 1)" :in="unit" bare />
                        </span>
                    </td>
                    <td v-if="row.kind === 'sizes'">
                        <button
                            v-if="columns < MOST_SIZES"
                            type="button"
                            class="plain"
                            aria-label="Add a size"
                            @mousedown.prevent
                            @click="addSize"
                        >
                            +
                        </button>
                    </td>
                </tr>
            </tbody>
            <tbody v-if="kept && kept.drafted_ease.length > 0">
                <tr>
                    <th class="group" :colspan="columns + 1" scope="colgroup">
                        The pattern’s own ease, finished less body
                    </th>
                </tr>
                <tr v-for="row in kept.drafted_ease" :key="row.path" class="computed">
                    <th scope="row">{{ easeName(rows, row.path) }}</th>
                    <td v-for="c in columns" :key="c">
                        <Measure :nm="row.ease_nm[c - 1] ?? null" :in="unit" bare signed />
                    </td>
                </tr>
            </tbody>
            <tbody v-if="document.sizes.length > 1" class="droppers">
                <tr>
                    <th scope="row"><span class="hint">take out</span></th>
                    <td v-for="c in columns" :key="c">
                        <button
                            type="button"
                            class="plain"
                            :aria-label="`Take out size ${document.sizes[c - 1] || c}`"
                            @click="document = withoutSize(document, c - 1)"
                        >
                            ×
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
        <p v-if="offered.length > 0 && document.sizes.length > 0" class="offered hint">
            Also printed:
            <button
                v-for="row in offered"
                :key="row.path.join('.')"
                type="button"
                class="link"
                @click="addRow(row)"
            >
                {{ offeredName(row) }}
            </button>
        </p>
    </div>
</template>

<style scoped>
.chart-grid th.group {
    padding-top: 10px;
    font-size: 13px;
    font-weight: 650;
}
.chart-grid .offered {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
    padding: 4px 6px 10px;
    margin: 0;
}
.chart-grid td {
    position: relative;
    min-width: 52px;
}
.chart-grid td > input {
    width: 100%;
}
/* Of many sizes each is as narrow as its figures: its name stands in two lines until it is typed in. */
.many .sizes input {
    height: 40px;
    font-size: 14px;
}
.many .sizes td:not(:focus-within) > input {
    color: transparent;
}
.many .sizes td:focus-within > input {
    min-width: 96px;
}
.many th[scope='row'] {
    max-width: 130px;
    white-space: normal;
    line-height: 1.1;
}
.whole-name {
    position: absolute;
    inset: 0;
    display: grid;
    place-content: center;
    font-size: 14px;
    font-weight: 700;
    line-height: 1.15;
    overflow-wrap: anywhere;
    pointer-events: none;
}
td:focus-within > .whole-name {
    display: none;
}
.chart-grid .tissue {
    display: block;
    font-size: 12px;
    color: var(--garment);
}
.chart-grid input.faulty {
    border: 2px solid var(--bad);
}
.chart-grid .computed td {
    font-size: 15px;
    color: var(--quiet);
    height: 24px;
}
.chart-grid .plain {
    font-size: 18px;
    padding: 0 6px;
    color: var(--quiet);
}
.chart-grid td > .plain {
    width: 100%;
}
@media (max-width: 820px) {
    .chart-grid td > .plain {
        min-height: 44px;
    }
}
</style>
