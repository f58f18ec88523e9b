import { expect, it } from 'vitest';
import { cellAt, exchanged, inColumns, withPage, without } from './layout';

const layout = { columns: 2, cells: [0, 1, 2, null], across_mm: 190, down_mm: 277 };

it('two pages change places, also with an empty cell or one beyond the last', () => {
    expect(exchanged(layout, 0, 1).cells).toEqual([1, 0, 2, null]);
    expect(exchanged(layout, 2, 3).cells).toEqual([0, 1, null, 2]);
    expect(exchanged(layout, 0, 5).cells).toEqual([null, 1, 2, null, null, 0]);
});

it('in other columns the pages keep their order, and how far apart they lie is asked anew', () => {
    expect(inColumns(layout, 3)).toEqual({ columns: 3, cells: [0, 1, 2] });
    expect(inColumns(layout, 1)).toEqual({ columns: 1, cells: [0, 1, 2] });
    expect(inColumns({ ...layout, cells: [0, 1, 2, 3] }, 3).cells).toEqual([0, 1, 2, 3, null, null]);
});

it('a place lies in a cell, or in the row below all, or off the pages', () => {
    expect([cellAt(layout, 10, 10), cellAt(layout, 200, 300), cellAt(layout, 10, 600)]).toEqual([0, 3, 4]);
    expect([cellAt(layout, -1, 10), cellAt(layout, 400, 10), cellAt(layout, 10, 900)]).toEqual([
        null,
        null,
        null,
    ]);
});

it('a page that is left out leaves its cell empty, and comes back to the first empty one; of a stack it is gone', () => {
    expect(without(layout, 1).cells).toEqual([0, null, 2, null]);
    expect(withPage(without(layout, 1), 1).cells).toEqual([0, 1, 2, null]);
    const stack = { columns: 1, cells: [0, 1, 2], moved: [] };
    expect(without(stack, 1).cells).toEqual([0, 2]);
    expect(withPage(without(stack, 1), 1).cells).toEqual([0, 2, 1]);
});
