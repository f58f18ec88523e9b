import { computed, ref, type Ref } from 'vue';

/** A place in the grid: row and column, from 0. */
interface Place {
    row: number;
    column: number;
}

/** Moving and choosing among the cells of a grid with the keys of a spreadsheet. */
export function useCells(table: Ref<HTMLElement | null>, size: () => { rows: number; columns: number }) {
    const anchor = ref<Place | null>(null);
    const head = ref<Place | null>(null);

    const block = computed(() => {
        const [a, b] = [anchor.value, head.value];
        if (a === null || b === null) return null;
        return {
            top: Math.min(a.row, b.row),
            bottom: Math.max(a.row, b.row),
            left: Math.min(a.column, b.column),
            right: Math.max(a.column, b.column),
        };
    });
    const isWide = computed(
        () =>
            block.value !== null &&
            (block.value.top !== block.value.bottom || block.value.left !== block.value.right),
    );

    function chosen(row: number, column: number): boolean {
        const b = block.value;
        return (
            isWide.value &&
            b !== null &&
            row >= b.top &&
            row <= b.bottom &&
            column >= b.left &&
            column <= b.right
        );
    }

    function focus(row: number, column: number): void {
        const cell = table.value?.querySelector<HTMLInputElement>(`[data-cell="${row}:${column}"]`);
        cell?.focus();
        cell?.select();
    }

    function enter(row: number, column: number): void {
        anchor.value = head.value = { row, column };
    }

    /** True when the key was one of the grid's own. */
    function key(event: KeyboardEvent, row: number, column: number): boolean {
        const step = stepOf(event);
        if (step === null) return false;
        event.preventDefault();
        const { rows, columns } = size();
        const from =
            event.shiftKey && event.key !== 'Enter' ? (head.value ?? { row, column }) : { row, column };
        const to = {
            row: Math.max(0, Math.min(rows - 1, from.row + step.down)),
            column: Math.max(0, Math.min(columns - 1, from.column + step.right)),
        };
        if (event.shiftKey && event.key !== 'Enter') head.value = to;
        else focus(to.row, to.column);
        return true;
    }

    return { block, isWide, chosen, focus, enter, key };
}

/** Sideways keys leave a cell only from the end of its text: within it they move in the text. */
function stepOf(event: KeyboardEvent): { down: number; right: number } | null {
    if (event.ctrlKey || event.metaKey || event.altKey) return null;
    if (event.key === 'Enter') return { down: event.shiftKey ? -1 : 1, right: 0 };
    if (event.key === 'ArrowDown') return { down: 1, right: 0 };
    if (event.key === 'ArrowUp') return { down: -1, right: 0 };
    const input = event.target as HTMLInputElement;
    const whole = input.selectionStart === 0 && input.selectionEnd === input.value.length;
    if (event.key === 'ArrowLeft' && (whole || input.selectionEnd === 0)) return { down: 0, right: -1 };
    if (event.key === 'ArrowRight' && (whole || input.selectionStart === input.value.length))
        return { down: 0, right: 1 };
    return null;
}
