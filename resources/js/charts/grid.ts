import type { Pattern, PatternDocument } from '../api/types';
import { bodyRowNames, lengthRows, pathText, rowsOf, type Path } from './rows';

export const MOST_SIZES = 60;

type Row = (string | null)[];

/** A pattern as nothing but its chart: what a new one starts with. */
export function emptyDocument(): PatternDocument {
    return { sizes: [], body_chart: {}, finished: {}, fabric: { kind: 'woven' }, levels: {}, seam: {} };
}

/** A pattern as it was kept, with the parts that the page writes into; a file may have come without them. */
export function opened(kept: Pattern['document']): PatternDocument {
    const { finished, fabric, levels, seam } = emptyDocument();
    return {
        ...kept,
        finished: kept.finished ?? finished,
        fabric: kept.fabric ?? fabric,
        levels: kept.levels ?? levels,
        seam: kept.seam ?? seam,
    };
}

export function cellAt(document: PatternDocument, path: Path, column: number): string {
    return rowAt(document, path)?.[column] ?? '';
}

/** Where a cell's fault is reported by the server. */
export function fieldAt(path: Path, column: number): string {
    return `pattern.${pathText(path)}[${column}]`;
}

/** Writes a block of cells, each line into the row at its place, and widens the chart where the block is wider. */
export function withBlock(
    document: PatternDocument,
    rows: readonly Path[],
    column: number,
    block: readonly (readonly string[])[],
): PatternDocument {
    const next = structuredClone(document);
    const widest = Math.max(0, ...block.map((line) => line.length));
    const columns = Math.min(MOST_SIZES, Math.max(next.sizes.length, column + widest));
    block.forEach((line, down) => {
        const path = rows[down];
        if (path === undefined) return;
        line.slice(0, MOST_SIZES - column).forEach((cell, right) => {
            write(next, path, column + right, cell);
        });
    });
    return squared(next, columns);
}

export function withoutSize(document: PatternDocument, column: number): PatternDocument {
    const next = structuredClone(document);
    const [name] = next.sizes.splice(column, 1);
    for (const row of allRows(next)) row.splice(column, 1);
    for (const range of next.ranges ?? []) range.sizes = range.sizes.filter((size) => size !== name);
    return next;
}

/** A size that is renamed keeps its place in the envelopes and the flat checks. */
export function withSizeNamed(document: PatternDocument, column: number, name: string): PatternDocument {
    const before = document.sizes[column];
    const next = withBlock(document, [['sizes']], column, [[name]]);
    if (before === undefined || before === '') return next;
    for (const range of next.ranges ?? [])
        range.sizes = range.sizes.map((size) => (size === before ? name : size));
    for (const check of Object.values(next.flat_checks ?? {})) if (check?.size === before) check.size = name;
    return next;
}

function rowAt(document: PatternDocument, path: Path): Row | undefined {
    let value: unknown = document;
    for (const key of path) {
        if (typeof value !== 'object' || value === null) return undefined;
        value = (value as Record<string | number, unknown>)[key];
    }
    return Array.isArray(value) ? (value as Row) : undefined;
}

function write(document: PatternDocument, path: Path, column: number, text: string): void {
    const empty = path[0] === 'sizes' ? '' : null;
    const cells = made(document, path);
    while (cells.length < column) cells.push(empty);
    cells[column] = text === '' ? empty : text;
}

/** The row at a place, made where there is none yet. */
function made(document: PatternDocument, path: Path): Row {
    let holder = document as unknown as Record<string | number, unknown>;
    for (const key of path.slice(0, -1)) holder = (holder[key] ??= {}) as Record<string | number, unknown>;
    const key = path.at(-1) ?? '';
    // A single figure for all sizes gives way to a row.
    if (!Array.isArray(holder[key])) holder[key] = [];
    return holder[key] as Row;
}

/** Every row as long as there are sizes; a row of the two charts with nothing in it is no row. */
function squared(document: PatternDocument, columns: number): PatternDocument {
    while (document.sizes.length < columns) document.sizes.push('');
    for (const row of allRows(document)) while (row.length < columns) row.push(null);
    for (const chart of [
        document.body_chart,
        document.finished,
        ...(document.finished_by ?? []).map((part) => part.finished),
    ]) {
        for (const [key, row] of Object.entries(chart ?? {})) {
            if (row?.every((cell) => cell === null) !== false) Reflect.deleteProperty(chart ?? {}, key);
        }
    }
    for (const part of [document.seam, document.lengths ?? {}]) {
        for (const [key, row] of Object.entries(part)) {
            const isRow = lengthRows.some(({ path }) => path[1] === key) && Array.isArray(row);
            if (isRow && row.every((cell) => cell === null)) Reflect.deleteProperty(part, key);
        }
    }
    return document;
}

/** Every row with one entry for each size. */
function allRows(document: PatternDocument): Row[] {
    const charts = [
        document.body_chart,
        document.finished,
        document.cups?.body_chart,
        document.cups?.finished,
        ...(document.finished_by ?? []).map((part) => part.finished),
    ];
    const rows = [
        ...charts.flatMap((chart) => Object.values(chart ?? {})),
        document.also_called,
        ...(document.fabric_needs ?? []).map((need) => need.amounts),
        ...(document.notions ?? []).map((notion) => notion.by_size),
        ...lengthRows.map(({ path }) => rowAt(document, path)),
    ];
    return rows.filter((row) => row !== null && row !== undefined);
}

/** Where a fault stands, in the words of the chart. */
export function placeWords(field: string, document: PatternDocument): string {
    const cell = /^pattern\.(.*)\[(\d+)\]$/.exec(field);
    const row = rowsOf(document).find(({ path }) => fieldAt(path, Number(cell?.[2] ?? 0)) === field);
    if (cell !== null && row !== undefined) {
        const column = Number(cell[2]);
        if (row.kind === 'sizes') return `Size, column ${column + 1}`;
        const name = row.kind === 'garment' ? `Finished ${row.name.toLowerCase()}` : row.name;
        return `${name}, size ${document.sizes[column] || column + 1}`;
    }
    return field
        .replace(/^pattern\.?/, '')
        .replace(/\[(\d+)\]/g, (_, index: string) => ` ${Number(index) + 1}`)
        .replace(/seam\.|_chart/g, '')
        .replace(/[._]/g, ' ');
}

/** What a row is called where it is chosen from a list. */
export function placeName(place: string): string {
    const length = lengthRows.find(({ path }) => pathText(path) === place);
    if (length !== undefined) return length.name;
    const [, cup] = /^cups\.(?:body_chart|finished)\.(\w+)$/.exec(place) ?? [];
    const finished = place.includes('finished');
    const row = bodyRowNames[place.split('.')[1] ?? ''] ?? '';
    const name = cup === undefined ? row.toLowerCase() : `bust, ${cup} cup`;
    return `${finished ? 'Finished' : 'Body'} ${name}`;
}
