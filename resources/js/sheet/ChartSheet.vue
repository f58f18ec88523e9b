<script setup lang="ts">
import { computed, nextTick, ref, shallowRef } from 'vue';
import type { Fault, Pattern, PatternDocument } from '../api/types';
import Measure from '../ui/Measure.vue';
import { LARGEST_PASTE, isTable, readTable } from './paste';
import { bodyRows, levels, rowsNamed, sheetRows } from './rows';
import { MOST_SIZES, cellAt, fieldAt, withBlock, withoutSize } from './sheet';

const props = defineProps<{ faults: Fault[]; draftedEase: Pattern['drafted_ease_nm'] | null }>();
const document = defineModel<PatternDocument>({ required: true });
const notice = ref<{ text: string; bad: boolean } | null>(null);
const before = shallowRef<PatternDocument | null>(null);
const table = ref<HTMLTableElement | null>(null);

const columns = computed(() => Math.max(1, document.value.sizes.length));
const faultAt = computed(() => new Map(props.faults.map((fault) => [fault.field, fault.message])));
const firstFinished = bodyRows.length + 1;

function cellFault(row: number, column: number): string | undefined {
    return faultAt.value.get(fieldAt(row, column));
}

function type(row: number, column: number, text: string): void {
    document.value = withBlock(document.value, row, column, [[text]]);
}

/** A pasted table is spread over the cells from here on; one figure is pasted as usual. */
function paste(event: ClipboardEvent, row: number, column: number): void {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (text.length > LARGEST_PASTE) {
        event.preventDefault();
        notice.value = {
            text: 'That is more than 200 kB, far more than any chart. Copy only the table.',
            bad: true,
        };
        return;
    }
    if (!isTable(text)) return;
    event.preventDefault();
    before.value = document.value;
    const { cells, labels } = readTable(text);
    const left = labels.length > 0 ? placeByName(cells, labels) : placeFrom(row, column, cells);
    const omitted = left.length > 0 ? ` Left out: ${left.join(', ')}.` : '';
    notice.value = { text: `Pasted. Look whether every line stands in its row.${omitted}`, bad: false };
}

/** Gives back the names of the lines that have no row here. */
function placeByName(cells: string[][], labels: string[]): string[] {
    const rows = rowsNamed(labels);
    document.value = cells.reduce((sheet, line, i) => {
        const place = rows[i] ?? null;
        return place === null ? sheet : withBlock(sheet, place, 0, [line]);
    }, document.value);
    return labels.filter((label, i) => rows[i] === null && label !== '');
}

function placeFrom(row: number, column: number, cells: string[][]): string[] {
    const room = sheetRows.length - row;
    document.value = withBlock(document.value, row, column, cells.slice(0, room));
    const wide = cells.some((line) => column + line.length > MOST_SIZES);
    return [
        ...(cells.length > room ? ['lines below the last row'] : []),
        ...(wide ? ['sizes beyond 60'] : []),
    ];
}

function undoPaste(): void {
    if (before.value !== null) document.value = before.value;
    before.value = null;
    notice.value = null;
}

function dropSize(column: number): void {
    before.value = document.value;
    notice.value = { text: `Size ${document.value.sizes[column] || column + 1} was taken out.`, bad: false };
    document.value = withoutSize(document.value, column);
}

async function addSize(): Promise<void> {
    document.value = withBlock(document.value, 0, columns.value, [['']]);
    await nextTick();
    focus(0, columns.value - 1);
}

function focus(row: number, column: number): void {
    table.value?.querySelector<HTMLInputElement>(`[data-cell="${row}:${column}"]`)?.focus();
}

function move(event: KeyboardEvent, row: number, column: number): void {
    const down = { Enter: 1, ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (down === undefined) return;
    event.preventDefault();
    focus(row + down, column);
}
</script>

<template>
    <div class="sheet">
        <div class="sheet-scroll">
            <table ref="table">
                <tbody v-for="(row, r) in sheetRows" :key="r">
                    <tr v-if="r === 1">
                        <th class="group chart" :colspan="columns + 1" scope="colgroup">
                            <i class="mark chart" aria-hidden="true" /> Body chart
                        </th>
                    </tr>
                    <tr v-if="r === firstFinished">
                        <th class="group garment" :colspan="columns + 1" scope="colgroup">
                            <i class="mark garment" aria-hidden="true" /> Finished garment
                        </th>
                    </tr>
                    <tr :class="{ sizes: row === 'sizes' }">
                        <th scope="row">{{ row === 'sizes' ? 'Size' : row.name }}</th>
                        <td v-for="c in columns" :key="c">
                            <input
                                :value="cellAt(document, r, c - 1)"
                                :data-cell="`${r}:${c - 1}`"
                                :class="{ faulty: cellFault(r, c - 1) }"
                                :aria-label="`${row === 'sizes' ? 'Size' : row.chart === 'finished' ? `Finished ${row.name}` : row.name}, column ${c}`"
                                :aria-invalid="Boolean(cellFault(r, c - 1))"
                                :title="cellFault(r, c - 1)"
                                autocomplete="off"
                                maxlength="40"
                                @change="type(r, c - 1, ($event.target as HTMLInputElement).value.trim())"
                                @paste="paste($event, r, c - 1)"
                                @keydown="move($event, r, c - 1)"
                            />
                        </td>
                        <td v-if="row === 'sizes'">
                            <button type="button" class="plain" aria-label="Add a size" @click="addSize">
                                +
                            </button>
                        </td>
                    </tr>
                </tbody>
                <tbody v-if="draftedEase">
                    <tr>
                        <th class="group" :colspan="columns + 1" scope="colgroup">
                            Drafted ease, finished less body
                        </th>
                    </tr>
                    <tr v-for="level in levels" :key="level.name" class="computed">
                        <th scope="row">{{ level.title }}</th>
                        <td v-for="c in columns" :key="c">
                            <Measure :nm="draftedEase[level.name][c - 1] ?? null" bare signed />
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
                                @click="dropSize(c - 1)"
                            >
                                ×
                            </button>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <p v-if="notice" :class="notice.bad ? 'fault' : 'notice'" role="status">
            {{ notice.text }}
            <button v-if="before && !notice.bad" type="button" class="link" @click="undoPaste">Undo</button>
        </p>
        <p v-else class="hint">
            Copy the table in your spreadsheet and paste it into the first cell: sizes on top, one line for
            each row.
        </p>
    </div>
</template>
