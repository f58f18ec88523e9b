import type { PatternDocument } from '../api/types';
import { sheetRows } from './rows';

export const MOST_SIZES = 60;

/** A pattern as nothing but its sheet: what a new one starts with. */
export function emptyDocument(): PatternDocument {
    return { sizes: [], body_chart: {}, finished: {}, fabric: { kind: 'woven' }, levels: {}, seam: {} };
}

export function cellAt(document: PatternDocument, row: number, column: number): string {
    const place = sheetRows[row];
    if (place === undefined) return '';
    if (place === 'sizes') return document.sizes[column] ?? '';
    return document[place.chart][place.key]?.[column] ?? '';
}

/** Where a cell's fault is reported by the server. */
export function fieldAt(row: number, column: number): string {
    const place = sheetRows[row];
    if (place === undefined || place === 'sizes') return `pattern.sizes[${column}]`;
    return `pattern.${place.chart}.${place.key}[${column}]`;
}

/** Writes a block of cells from a place on, and widens the sheet where the block is wider. */
export function withBlock(
    document: PatternDocument,
    row: number,
    column: number,
    block: string[][],
): PatternDocument {
    const next = structuredClone(document);
    const widest = Math.max(...block.map((line) => line.length));
    const columns = Math.min(MOST_SIZES, Math.max(next.sizes.length, column + widest));
    block.forEach((line, down) => {
        line.slice(0, MOST_SIZES - column).forEach((cell, right) => {
            write(next, row + down, column + right, cell);
        });
    });
    return squared(next, columns);
}

export function withoutSize(document: PatternDocument, column: number): PatternDocument {
    const next = structuredClone(document);
    next.sizes.splice(column, 1);
    for (const row of allRows(next)) row.splice(column, 1);
    return next;
}

function write(document: PatternDocument, row: number, column: number, text: string): void {
    const place = sheetRows[row];
    if (place === undefined) return;
    if (place === 'sizes') {
        while (document.sizes.length < column) document.sizes.push('');
        document.sizes[column] = text;
        return;
    }
    const cells = (document[place.chart][place.key] ??= []);
    while (cells.length < column) cells.push(null);
    cells[column] = text === '' ? null : text;
}

/** Every row as long as there are sizes; a row with nothing in it is no row. */
function squared(document: PatternDocument, columns: number): PatternDocument {
    while (document.sizes.length < columns) document.sizes.push('');
    for (const chart of [document.body_chart, document.finished]) {
        for (const [key, row] of Object.entries(chart)) {
            while (row.length < columns) row.push(null);
            if (row.every((cell) => cell === null)) Reflect.deleteProperty(chart, key);
        }
    }
    return document;
}

function allRows(document: PatternDocument): (string | null)[][] {
    return [...Object.values(document.body_chart), ...Object.values(document.finished)];
}

/** Where a fault stands, in the words of the sheet. */
export function placeWords(field: string, document: PatternDocument): string {
    const cell = /^pattern\.(?:(body_chart|finished)\.)?(\w+)\[(\d+)\]/.exec(field);
    if (cell === null)
        return field
            .replace('pattern.', '')
            .replace(/seam\.|_chart/g, '')
            .replace(/[._]/g, ' ');
    const column = Number(cell[3]);
    if (cell[1] === undefined) return `Size, column ${column + 1}`;
    const row = sheetRows.find((r) => r !== 'sizes' && r.chart === cell[1] && r.key === cell[2]);
    const name = row === undefined || row === 'sizes' ? cell[2] : row.name;
    return `${cell[1] === 'finished' ? `Finished ${name?.toLowerCase()}` : name}, size ${document.sizes[column] || column + 1}`;
}
