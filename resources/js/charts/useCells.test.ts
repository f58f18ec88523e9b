// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import { ref } from 'vue';
import { useCells } from './useCells';

const ROWS = 3;
const COLUMNS = 3;

/** A grid of inputs that hold their own place, as the chart draws it. */
function grid(): HTMLElement {
    const table = document.createElement('div');
    for (let row = 0; row < ROWS; row++) {
        for (let column = 0; column < COLUMNS; column++) {
            const input = document.createElement('input');
            input.dataset.cell = `${row}:${column}`;
            input.value = `${row}${column}`;
            table.append(input);
        }
    }
    document.body.replaceChildren(table);
    return table;
}

describe('the cells of the chart', () => {
    let table: HTMLElement;
    let cells: ReturnType<typeof useCells>;

    function at(place: string): HTMLInputElement {
        const input = table.querySelector<HTMLInputElement>(`[data-cell="${place}"]`);
        if (input === null) throw new Error(`there is no cell ${place}`);
        return input;
    }
    const focused = (): string | undefined => (document.activeElement as HTMLElement).dataset.cell;

    /** Presses a key in a cell, the caret standing where it is told. */
    function press(
        place: string,
        key: string,
        more: KeyboardEventInit = {},
        caret: [number, number] = [0, 2],
    ): boolean {
        const input = at(place);
        input.focus();
        input.setSelectionRange(...caret);
        const event = new KeyboardEvent('keydown', { key, cancelable: true, ...more });
        Object.defineProperty(event, 'target', { value: input });
        const [row, column] = place.split(':').map(Number) as [number, number];
        return cells.key(event, row, column);
    }

    beforeEach(() => {
        table = grid();
        cells = useCells(ref(table), () => ({ rows: ROWS, columns: COLUMNS }));
    });

    it.each([
        ['Enter', {}, '2:1'],
        ['Enter', { shiftKey: true }, '0:1'],
        ['ArrowDown', {}, '2:1'],
        ['ArrowUp', {}, '0:1'],
        ['ArrowLeft', {}, '1:0'],
        ['ArrowRight', {}, '1:2'],
    ])('%s %j goes from the middle to %s', (key, more, place) => {
        expect(press('1:1', key, more)).toBe(true);
        expect(focused()).toBe(place);
    });

    it('stays within the chart at its borders', () => {
        press('2:2', 'ArrowDown');
        expect(focused()).toBe('2:2');
        press('0:0', 'ArrowLeft');
        expect(focused()).toBe('0:0');
    });

    it('moves in the text while the caret is inside it', () => {
        expect(press('1:1', 'ArrowLeft', {}, [1, 1])).toBe(false);
        expect(press('1:1', 'ArrowRight', {}, [1, 1])).toBe(false);
        expect(focused()).toBe('1:1');
    });

    it('leaves the cell from the end of the text', () => {
        press('1:1', 'ArrowRight', {}, [2, 2]);
        expect(focused()).toBe('1:2');
        press('1:1', 'ArrowLeft', {}, [0, 0]);
        expect(focused()).toBe('1:0');
    });

    it('leaves the keys of the browser alone', () => {
        expect(press('1:1', 'ArrowDown', { ctrlKey: true })).toBe(false);
        expect(press('1:1', 'a')).toBe(false);
    });

    it('chooses a block with shift, from where it was entered', () => {
        cells.enter(1, 1);
        press('1:1', 'ArrowDown', { shiftKey: true });
        press('1:1', 'ArrowLeft', { shiftKey: true });
        expect(cells.block.value).toEqual({ top: 1, bottom: 2, left: 0, right: 1 });
        expect(cells.isWide.value).toBe(true);
        expect(cells.chosen(2, 0)).toBe(true);
        expect(cells.chosen(0, 0)).toBe(false);
    });

    it('one cell alone is no block', () => {
        expect(cells.block.value).toBeNull();
        cells.enter(1, 1);
        expect(cells.isWide.value).toBe(false);
        expect(cells.chosen(1, 1)).toBe(false);
    });
});
