<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, shallowRef, useTemplateRef, watch } from 'vue';
import type { ChartPreview, ChartPreviewRow, Unit } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import PickOne from '../ui/PickOne.vue';
import TextField from '../ui/TextField.vue';
import {
    calledBy,
    chartOf,
    charts,
    lookedOver,
    places,
    unitWords,
    withTable,
    type ChartName,
    type LookedOver,
} from './preview';
import PreviewQuestion from './PreviewQuestion.vue';
import { placeName } from './grid';
import './grid.css';

const props = defineProps<{ preview: ChartPreview; sizesHere: string[] }>();
const emit = defineEmits<{
    unit: [Unit];
    take: [LookedOver];
    drop: [];
}>();

/** What is pasted is looked over next: the hands follow the eyes. */
const root = useTemplateRef<HTMLElement>('root');
onMounted(() => root.value?.focus({ preventScroll: true }));

const other = computed<Unit>(() => (props.preview.unit === 'cm' ? 'in' : 'cm'));

const looked = shallowRef(lookedOver(props.preview));
/** The tables of which a person has said which chart they are. */
const said = shallowRef<number[]>([]);
watch(
    () => props.preview,
    (preview) => {
        looked.value = lookedOver(preview);
        said.value = [];
        called.value = 0;
    },
);

/** Which of its names the sizes are called by. */
const called = shallowRef(0);
const names = computed(() =>
    [props.preview.sizes, ...props.preview.other_names].map((list, value) => ({
        value,
        label: `${list[0]}, ${list[1] ?? ''}…`,
    })),
);

function callBy(which: number): void {
    called.value = which;
    looked.value = { ...looked.value, ...calledBy(props.preview, which) };
}

const tables = computed(() => new Set(props.preview.rows.map(({ table }) => table)).size);
const openTable = computed(() => {
    const { open_table: open } = props.preview;
    return open !== null && !said.value.includes(open) ? open : null;
});
/** Whether a line for the table stands above a row: where there are several, or something is said of all its rows. */
const beginsTable = (row: number): boolean => {
    const table = props.preview.rows[row]?.table;
    return (
        table !== props.preview.rows[row - 1]?.table &&
        (tables.value > 1 || (table !== undefined && tableDoubt(table) !== null))
    );
};
const tableDoubt = (table: number): string | null =>
    said.value.includes(table) ? null : (props.preview.table_doubts[table] ?? null);
const ofWords = ({ view, fit }: NonNullable<LookedOver['rows'][number]['of']>): string =>
    [view === null ? null : `view ${view}`, fit === null ? null : `${fit} fit`]
        .filter((word) => word !== null)
        .join(', ');

function setTable(table: number, chart: ChartName | null): void {
    looked.value = withTable(props.preview, looked.value, table, chart);
    said.value = [...said.value, table];
}

/** Once a person has said it, it is no guess. */
function doubtOf({ doubt, guess, table }: ChartPreviewRow): string | null {
    return guess && said.value.includes(table) ? null : doubt;
}

const options = computed(() => {
    const own = props.preview.rows.flatMap(({ place }) => (place === null ? [] : [place]));
    return [
        { value: null, label: 'leave out' },
        ...[...new Set([...places, ...own])].map((place) => ({ value: place, label: placeName(place) })),
    ];
});
const open = computed(() => looked.value.rows.filter(({ place }) => place === null).length);
const isNewEnvelope = computed(
    () => props.sizesHere.length > 0 && looked.value.sizes.some((size) => !props.sizesHere.includes(size)),
);
const overlaps = computed(() => looked.value.sizes.some((size) => props.sizesHere.includes(size)));

function setRow(row: number, part: Partial<LookedOver['rows'][number]>): void {
    looked.value = {
        ...looked.value,
        rows: looked.value.rows.map((one, index) => (index === row ? { ...one, ...part } : one)),
    };
}

function nameGroup(group: number, name: string): void {
    looked.value = {
        ...looked.value,
        groups: looked.value.groups.map((one, index) => (index === group ? { ...one, name } : one)),
    };
}

function setCell(row: number, column: number, text: string): void {
    const cells = looked.value.rows[row]?.cells ?? [];
    setRow(row, { cells: cells.map((cell, index) => (index === column ? text : cell)) });
}

function setSize(column: number, text: string): void {
    const before = looked.value.sizes[column];
    looked.value = {
        ...looked.value,
        sizes: looked.value.sizes.map((size, index) => (index === column ? text : size)),
        groups: looked.value.groups.map((group) => ({
            ...group,
            sizes: group.sizes.map((size) => (size === before ? text : size)),
        })),
    };
}
</script>

<template>
    <section ref="root" class="preview" tabindex="-1" aria-labelledby="preview-title">
        <h2 id="preview-title">This is what was understood</h2>
        <p class="says" role="status">
            {{ preview.sentence }} {{ preview.sizes.length }} sizes, {{ preview.figures }} figures.
            <b v-if="preview.doubts > 0">{{ preview.doubts }} to look at, marked.</b>
            {{ ' ' }}
            <template v-if="preview.transposed"> The table stood on its side and was turned.</template>
            <template v-if="open > 0">
                {{ open === 1 ? 'One row is' : `${open} rows are` }} left out until you say which
                {{ open === 1 ? 'it is' : 'they are' }}.
            </template>
            <button v-if="!preview.unit_open" type="button" class="link" @click="emit('unit', other)">
                No, {{ unitWords[other] }}
            </button>
        </p>
        <PreviewQuestion
            :preview="preview"
            :open-table="openTable"
            @unit="emit('unit', $event)"
            @table="setTable"
        />
        <p v-for="note in preview.notes" :key="note" class="hint">{{ note }}</p>
        <div class="grid-scroll chart-grid">
            <table>
                <tbody>
                    <tr class="sizes">
                        <th scope="row" colspan="2">
                            Size
                            <PickOne
                                v-if="preview.other_names.length > 0"
                                :model-value="called"
                                :options="names"
                                aria-label="Which names the sizes are called by; the others are kept beside them"
                                @update:model-value="callBy($event as number)"
                            />
                            <p v-if="preview.sizes_doubt" class="fault">{{ preview.sizes_doubt }}</p>
                        </th>
                        <td v-for="(size, c) in looked.sizes" :key="c">
                            <CellInput
                                :value="size"
                                :label="`Pasted size, column ${c + 1}`"
                                @change="setSize(c, $event)"
                            />
                        </td>
                    </tr>
                    <template v-for="(row, r) in preview.rows" :key="r">
                        <tr v-if="beginsTable(r)" class="begins">
                            <th scope="row" :class="{ looked: tableDoubt(row.table) }">
                                Table {{ row.table + 1 }}
                                <p v-if="tableDoubt(row.table)" class="doubt">{{ tableDoubt(row.table) }}</p>
                            </th>
                            <td class="place">
                                <PickOne
                                    :model-value="chartOf(preview, looked, row.table)"
                                    :options="charts"
                                    :aria-label="`What table ${row.table + 1} is`"
                                    @update:model-value="setTable(row.table, $event as ChartName | null)"
                                />
                            </td>
                            <td :colspan="preview.sizes.length" />
                        </tr>
                        <tr :class="{ out: looked.rows[r]?.place === null }">
                            <th scope="row" :class="{ looked: doubtOf(row) && looked.rows[r]?.place }">
                                {{ row.label || 'no name' }}
                                <p v-if="doubtOf(row)" class="doubt">{{ doubtOf(row) }}</p>
                            </th>
                            <td class="place">
                                <PickOne
                                    :model-value="looked.rows[r]?.place ?? null"
                                    :options="options"
                                    :aria-label="`Where ${row.label || `line ${r + 1}`} goes`"
                                    placeholder="leave out"
                                    @update:model-value="setRow(r, { place: $event as string | null })"
                                />
                                <p v-if="looked.rows[r]?.of" class="of">
                                    {{ ofWords(looked.rows[r].of) }} only
                                    <button
                                        type="button"
                                        class="link"
                                        :aria-label="`${row.label}: for all views and fits`"
                                        @click="setRow(r, { of: null })"
                                    >
                                        for all
                                    </button>
                                </p>
                            </td>
                            <td v-for="(cell, c) in row.cells" :key="c">
                                <CellInput
                                    :value="looked.rows[r]?.cells[c]"
                                    :class="{ doubted: cell.doubt && looked.rows[r]?.place }"
                                    :label="`${row.label}, size ${looked.sizes[c]}${cell.doubt ? `: ${cell.doubt} Pasted: ${cell.typed}` : ''}`"
                                    :title="cell.doubt ? `${cell.doubt} Pasted: ${cell.typed}` : undefined"
                                    @change="setCell(r, c, $event)"
                                />
                            </td>
                        </tr>
                    </template>
                </tbody>
            </table>
        </div>
        <div v-if="preview.left_out.length > 0">
            <h3>Left out</h3>
            <ul>
                <li v-for="line in preview.left_out" :key="line" class="hint">{{ line }}</li>
            </ul>
        </div>
        <div v-if="looked.groups.length > 0" class="groups">
            <p>
                <b>The chart prints its sizes in {{ looked.groups.length }} groups.</b> Each becomes an
                envelope of its own, drawn for itself: no blend runs from one into the other.
            </p>
            <div class="inline">
                <TextField
                    v-for="(group, g) in looked.groups"
                    :key="g"
                    :model-value="group.name"
                    :label="`Envelope ${g + 1}`"
                    :hint="`${group.sizes[0]} to ${group.sizes.at(-1)}`"
                    @update:model-value="nameGroup(g, $event)"
                />
                <Button
                    type="button"
                    text
                    size="small"
                    label="No, they are one"
                    @click="looked = { ...looked, groups: [] }"
                />
            </div>
        </div>
        <div v-else-if="isNewEnvelope || (overlaps && sizesHere.length > 0)" class="inline">
            <TextField
                :model-value="looked.envelope ?? ''"
                label="Another envelope? Its name"
                hint="leave open for the sizes already here"
                @update:model-value="looked = { ...looked, envelope: $event.trim() === '' ? null : $event }"
            />
        </div>
        <div class="inline">
            <Button type="button" label="Put into the chart" @click="emit('take', looked)" />
            <Button type="button" label="Leave it" text @click="emit('drop')" />
        </div>
    </section>
</template>

<style scoped>
/* The hands are led here; nothing of it is worked by itself. */
.preview:focus {
    outline: none;
}
.chart-grid :deep(.doubted) {
    border: 2px solid var(--garment);
    background: var(--doubt);
}
.preview th.looked {
    box-shadow: inset 3px 0 0 var(--garment);
    background: var(--doubt);
}
.of {
    font-size: 12.5px;
    text-align: left;
    padding-left: 2px;
}
.groups {
    display: grid;
    gap: 6px;
    max-width: 720px;
}
.preview tr.begins th,
.preview tr.begins td {
    padding-top: 10px;
    border-top: 1px solid var(--ink);
}
.preview tr.out td,
.preview tr.out th {
    opacity: 0.55;
}
.preview th .doubt {
    font-weight: 400;
    font-size: 12px;
    white-space: normal;
    max-width: 210px;
}
</style>
