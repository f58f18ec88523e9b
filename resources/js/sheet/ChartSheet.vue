<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import type { Fault, Pattern, PatternDocument } from '../api/types';
import Measure from '../ui/Measure.vue';
import { isTable, plainBlock } from './preview';
import { levels, rowsOf } from './rows';
import { MOST_SIZES, cellAt, fieldAt, withBlock, withSizeNamed, withoutSize } from './sheet';
import { useCells } from './useCells';
import './sheet.css';

const props = defineProps<{ faults: Fault[]; kept: Pattern | null }>();
const document = defineModel<PatternDocument>({ required: true });
const emit = defineEmits<{ pasted: [text: string]; undo: []; redo: [] }>();
/** Longer texts are not looked through here: no chart fills this many letters. */
const LONGEST_BLOCK = 200_000;
const table = ref<HTMLTableElement | null>(null);

const rows = computed(() => rowsOf(document.value));
const columns = computed(() => Math.max(1, document.value.sizes.length));
const faultAt = computed(() => new Map(props.faults.map((fault) => [fault.field, fault.message])));
const oddAt = computed(() => new Map((props.kept?.odd ?? []).map((odd) => [odd.field, odd.message])));
const cells = useCells(table, () => ({ rows: rows.value.length, columns: columns.value }));

function note(row: number, column: number, notes: Map<string, string>): string | undefined {
    const path = rows.value[row]?.path;
    return path === undefined ? undefined : notes.get(fieldAt(path, column));
}

function heads(row: number): boolean {
    const here = rows.value[row];
    return here?.group !== null && here?.group !== rows.value[row - 1]?.group;
}

function type(row: number, column: number, text: string): void {
    const path = rows.value[row]?.path;
    if (path === undefined) return;
    document.value =
        path[0] === 'sizes'
            ? withSizeNamed(document.value, column, text)
            : withBlock(document.value, [path], column, [[text]]);
}

/** Figures alone go in from here on; a table with words is looked over first. */
function paste(event: ClipboardEvent, row: number, column: number): void {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    const block = text.length > LONGEST_BLOCK ? null : plainBlock(text);
    if (block === null && text.length <= LONGEST_BLOCK && !isTable(text)) return;
    event.preventDefault();
    if (block === null) {
        emit('pasted', text);
        return;
    }
    const paths = rows.value.slice(row).map(({ path }) => path);
    document.value = withBlock(document.value, paths, column, block);
}

function copy(event: ClipboardEvent): void {
    const block = cells.block.value;
    if (!cells.isWide.value || block === null) return;
    event.preventDefault();
    const lines = rows.value
        .slice(block.top, block.bottom + 1)
        .map(({ path }) =>
            Array.from({ length: block.right - block.left + 1 }, (_, right) =>
                cellAt(document.value, path, block.left + right),
            ).join('\t'),
        );
    event.clipboardData?.setData('text/plain', lines.join('\n'));
}

function clearBlock(): void {
    const block = cells.block.value;
    if (block === null) return;
    const paths = rows.value.slice(block.top, block.bottom + 1).map(({ path }) => path);
    const blank = paths.map(() => Array.from({ length: block.right - block.left + 1 }, () => ''));
    document.value = withBlock(document.value, paths, block.left, blank);
}

function press(event: KeyboardEvent, row: number, column: number): void {
    const step = event.ctrlKey || event.metaKey ? event.key.toLowerCase() : '';
    if (step === 'z' || step === 'y') {
        event.preventDefault();
        (event.target as HTMLInputElement).blur();
        if (step === 'y' || event.shiftKey) emit('redo');
        else emit('undo');
        void nextTick(() => cells.focus(row, column));
    } else if (event.key === 'Delete' && cells.isWide.value) {
        event.preventDefault();
        clearBlock();
    } else {
        cells.key(event, row, column);
    }
}

/** A row of ease is called after its finished row. */
function easeName(path: string): string {
    const row = rows.value.find((one) => fieldAt(one.path, 0) === `pattern.${path}[0]`);
    const only = row?.group?.replace('Finished garment', '').replace(/^, /, '') ?? '';
    return only === '' ? (row?.name ?? '') : `${row?.name ?? ''}, ${only}`;
}

async function addSize(): Promise<void> {
    document.value = withBlock(document.value, [['sizes']], columns.value, [['']]);
    await nextTick();
    cells.focus(0, columns.value - 1);
}

function fromTissue(row: number, column: number): number | null {
    const [chart, key] = rows.value[row]?.path ?? [];
    const level = levels.find((one) => one.row === key)?.name;
    const flat = props.kept?.from_tissue.find((one) => one.level === level && one.used);
    return chart === 'finished' ? (flat?.finished_nm[column] ?? null) : null;
}
</script>

<template>
    <div class="sheet-scroll sheet" @copy="copy">
        <table ref="table">
            <tbody v-for="(row, r) in rows" :key="row.path.join('.')">
                <tr v-if="heads(r)">
                    <th class="group" :class="row.kind" :colspan="columns + 1" scope="colgroup">
                        <i class="mark" :class="row.kind" aria-hidden="true" /> {{ row.group }}
                    </th>
                </tr>
                <tr :class="row.kind">
                    <th scope="row">{{ row.name }}</th>
                    <td v-for="c in columns" :key="c">
                        <input
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
                            autocomplete="off"
                            maxlength="40"
                            @focus="cells.enter(r, c - 1)"
                            @change="type(r, c - 1, ($event.target as HTMLInputElement).value.trim())"
                            @paste="paste($event, r, c - 1)"
                            @keydown="press($event, r, c - 1)"
                        />
                        <span v-if="fromTissue(r, c - 1) !== null" class="tissue">
                            <Measure :nm="fromTissue(r, c - 1)" bare />
                        </span>
                    </td>
                    <td v-if="row.kind === 'sizes'">
                        <button
                            v-if="columns < MOST_SIZES"
                            type="button"
                            class="plain"
                            aria-label="Add a size"
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
                        Drafted ease, finished less body
                    </th>
                </tr>
                <tr v-for="row in kept.drafted_ease" :key="row.path" class="computed">
                    <th scope="row">{{ easeName(row.path) }}</th>
                    <td v-for="c in columns" :key="c">
                        <Measure :nm="row.ease_nm[c - 1] ?? null" bare signed />
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
    </div>
</template>

<style scoped>
.sheet th.group {
    padding-top: 10px;
    font-size: 13px;
    font-weight: 650;
}
.sheet .tissue {
    display: block;
    font-size: 12px;
    color: var(--garment);
}
.sheet input.faulty {
    border: 2px solid var(--bad);
}
.sheet .computed td {
    font-size: 15px;
    color: var(--quiet);
    height: 24px;
}
.sheet .plain {
    font-size: 18px;
    padding: 0 10px;
    color: var(--quiet);
}
</style>
