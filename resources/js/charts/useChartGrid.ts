import { computed, nextTick, ref, type ModelRef, type Ref } from 'vue';
import type { PatternDocument } from '../api/types';
import { isTable, plainBlock } from './preview';
import { pathText, rowsInSight, rowsOf, type GridRow, type Path } from './rows';
import { cellAt, withBlock, withSizeNamed } from './grid';
import { useCells } from './useCells';

/** Longer texts are not looked through here: no chart fills this many letters. */
const LONGEST_BLOCK = 200_000;

/** What the chart hands on: a table that is to be looked over first, and the steps of the history. */
export interface GridEvents {
    pasted: (text: string) => void;
    undo: () => void;
    redo: () => void;
}

/** Typing, pasting, copying and clearing in the chart of charts. */
export function useChartGrid(
    document: ModelRef<PatternDocument>,
    table: Ref<HTMLTableElement | null>,
    tell: GridEvents,
) {
    const asked = ref(new Set<string>());
    const isTyped = (path: Path): boolean =>
        document.value.sizes.some((_, column) => cellAt(document.value, path, column) !== '');
    const inSight = computed(() => rowsInSight(document.value, asked.value, isTyped));
    const rows = computed(() => inSight.value.shown);
    const offered = computed(() => inSight.value.offered);
    const columns = computed(() => Math.max(1, document.value.sizes.length));
    const cells = useCells(table, () => ({ rows: rows.value.length, columns: columns.value }));

    /** The rows and the width of what is chosen. */
    function chosen(): { paths: Path[]; left: number; width: number } | null {
        const block = cells.block.value;
        if (block === null) return null;
        const paths = rows.value.slice(block.top, block.bottom + 1).map(({ path }) => path);
        return { paths, left: block.left, width: block.right - block.left + 1 };
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
            tell.pasted(text);
            return;
        }
        document.value = withBlock(document.value, pathsFrom(row, block.length), column, block);
    }

    /** The rows in sight from here on; all that there can be where more is pasted than stands in sight. */
    function pathsFrom(row: number, count: number): Path[] {
        const here = rows.value.slice(row);
        const all = rowsOf(document.value);
        const from = all.findIndex(({ path }) => pathText(path) === pathText(here[0]?.path ?? []));
        return (here.length >= count || from < 0 ? here : all.slice(from)).map(({ path }) => path);
    }

    async function addRow({ path }: GridRow): Promise<void> {
        asked.value = new Set([...asked.value, pathText(path)]);
        await nextTick();
        cells.focus(
            rows.value.findIndex((row) => pathText(row.path) === pathText(path)),
            0,
        );
    }

    function copy(event: ClipboardEvent): void {
        const block = chosen();
        if (!cells.isWide.value || block === null) return;
        event.preventDefault();
        const lines = block.paths.map((path) =>
            Array.from({ length: block.width }, (_, right) =>
                cellAt(document.value, path, block.left + right),
            ).join('\t'),
        );
        event.clipboardData?.setData('text/plain', lines.join('\n'));
    }

    function clear(): void {
        const block = chosen();
        if (block === null) return;
        const blank = block.paths.map(() => Array.from({ length: block.width }, () => ''));
        document.value = withBlock(document.value, block.paths, block.left, blank);
    }

    function press(event: KeyboardEvent, row: number, column: number): void {
        const step = event.ctrlKey || event.metaKey ? event.key.toLowerCase() : '';
        if (step === 'z' || step === 'y') {
            event.preventDefault();
            (event.target as HTMLInputElement).blur();
            if (step === 'y' || event.shiftKey) tell.redo();
            else tell.undo();
            void nextTick(() => cells.focus(row, column));
        } else if (event.key === 'Delete' && cells.isWide.value) {
            event.preventDefault();
            clear();
        } else {
            cells.key(event, row, column);
        }
    }

    async function addSize(): Promise<void> {
        document.value = withBlock(document.value, [['sizes']], columns.value, [['']]);
        await nextTick();
        cells.focus(0, columns.value - 1);
    }

    return { rows, offered, columns, cells, type, paste, copy, press, addSize, addRow };
}
