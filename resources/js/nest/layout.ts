import type { NestPages } from '../api/types';

/** How pages lie: which in each cell, row after row, and how far apart; or, one on another, how far each is moved. */
export type PageLayout = Pick<NestPages, 'columns' | 'cells'> & {
    across_mm?: number;
    down_mm?: number;
    moved?: NestPages['moved'];
};

/** Pages that lie nowhere. */
export const leftOut = ({ pages, cells }: Pick<NestPages, 'pages' | 'cells'>): number[] =>
    [...pages.keys()].filter((page) => !cells.includes(page));

/** Without a page: in its cell none lies then, so that the others stay where they are; where they lie in order it closes up. */
export const without = (layout: PageLayout, page: number): PageLayout =>
    layout.moved
        ? { ...layout, cells: layout.cells.filter((one) => one !== page) }
        : { ...layout, cells: layout.cells.map((one) => (one === page ? null : one)) };

/** With a page that was left out: in the first cell where none lies, else after the last. */
export function withPage(layout: PageLayout, page: number): PageLayout {
    const cells = [...layout.cells];
    const free = layout.moved ? -1 : cells.indexOf(null);
    cells.splice(free === -1 ? cells.length : free, free === -1 ? 0 : 1, page);
    return { ...layout, cells };
}

/** The pages of two cells change places; cells that are not there yet come to be. */
export function exchanged(layout: PageLayout, one: number, other: number): PageLayout {
    const cells = [...layout.cells];
    while (cells.length <= Math.max(one, other)) cells.push(null);
    [cells[one], cells[other]] = [cells[other] ?? null, cells[one] ?? null];
    return { ...layout, cells };
}

/** The same pages in their order in another number of columns. */
export function inColumns(layout: PageLayout, columns: number): PageLayout {
    const pages = layout.cells.filter((page) => page !== null);
    const rows = Math.ceil(pages.length / columns);
    return {
        columns,
        cells: Array.from({ length: rows * columns }, (_, cell) => pages[cell] ?? null),
    };
}

/** The cell under a place of the laid out pages, one row and one column more than there are included; null off them. */
export function cellAt(layout: Required<Omit<PageLayout, 'moved'>>, x: number, y: number): number | null {
    const [column, row] = [Math.floor(x / layout.across_mm), Math.floor(y / layout.down_mm)];
    const rows = Math.ceil(layout.cells.length / layout.columns);
    if (column < 0 || column >= layout.columns || row < 0 || row > rows) return null;
    return row * layout.columns + column;
}
