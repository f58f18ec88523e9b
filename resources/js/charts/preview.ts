import type { ChartPreview, PatternDocument } from '../api/types';
import { cupLetters, lengthRows, pathText } from './rows';
import { MOST_SIZES, withBlock } from './grid';
import type { Path } from './rows';

/** What a person made of a preview: where each row goes, and its cells as looked over. */
export interface LookedOver {
    sizes: string[];
    /** Second names of the sizes, kept beside the first. */
    alsoCalled: string[] | null;
    rows: { place: string | null; of: Part | null; cells: string[] }[];
    /** The name of a further envelope that these sizes are in; null where they are the sizes already here. */
    envelope: string | null;
    /** The groups of sizes that become envelopes of their own, each drawn for itself; none where they are one. */
    groups: { name: string; sizes: string[] }[];
}

/** The view and the fit of the garment that a row is for. */
type Part = NonNullable<ChartPreview['rows'][number]['of']>;

export const places: string[] = [
    'body_chart.full_bust',
    'body_chart.waist',
    'body_chart.hip',
    'body_chart.high_bust',
    'body_chart.cross_front',
    'finished.full_bust',
    'finished.waist',
    'finished.hip',
    'body_chart.bicep',
    'finished.bicep',
    ...cupLetters.slice(0, 9).map((letter) => `cups.body_chart.${letter}`),
    ...cupLetters.slice(0, 9).map((letter) => `cups.finished.${letter}`),
    ...lengthRows.map(({ path }) => pathText(path)),
];

export function lookedOver(preview: ChartPreview): LookedOver {
    return {
        ...calledBy(preview, 0),
        rows: preview.rows.map(({ place, of, cells }) => ({
            place,
            of,
            cells: cells.map(({ text }) => text),
        })),
        envelope: null,
        groups: preview.ranges,
    };
}

/** The sizes by one of the names that the chart gives them, the others as second names. */
export function calledBy(preview: ChartPreview, which: number): Pick<LookedOver, 'sizes' | 'alsoCalled'> {
    const names = [preview.sizes, ...preview.other_names];
    const others = names.filter((_, index) => index !== which);
    return {
        sizes: [...(names[which] ?? preview.sizes)],
        alsoCalled:
            others.length === 0
                ? null
                : preview.sizes.map((_, size) => others.map((list) => list[size]).join(' / ')),
    };
}

export type ChartName = 'body_chart' | 'finished';

/** What a pasted table can be said to be. */
export const charts: { value: ChartName | null; label: string }[] = [
    { value: 'body_chart', label: 'body' },
    { value: 'finished', label: 'finished garment' },
    { value: null, label: 'leave out' },
];

export const unitWords = { cm: 'centimetres', in: 'inches' } as const;

/** The rows of one pasted table put into one chart, or left out; a row that the chart does not have is left out. */
export function withTable(
    preview: ChartPreview,
    looked: LookedOver,
    table: number,
    chart: ChartName | null,
): LookedOver {
    const placed = (row: number, now: string | null): string | null => {
        const path = now ?? preview.rows[row]?.place ?? null;
        const moved = chart === null || path === null ? null : path.replace(/body_chart|finished/, chart);
        return moved !== null && (moved.startsWith('cups.') || places.includes(moved)) ? moved : null;
    };
    return {
        ...looked,
        rows: looked.rows.map((row, r) =>
            preview.rows[r]?.table === table ? { ...row, place: placed(r, row.place) } : row,
        ),
    };
}

/** The chart that all placed rows of a table go to; null where they are left out or go to both. */
export function chartOf(preview: ChartPreview, looked: LookedOver, table: number): ChartName | null {
    const charts = looked.rows.flatMap(({ place }, row) =>
        preview.rows[row]?.table === table && place !== null ? [place.includes('finished')] : [],
    );
    return charts.length === 0 || new Set(charts).size > 1 ? null : charts[0] ? 'finished' : 'body_chart';
}

/** Where rows go that were put there by hand, by the words of the chart: what to remember for its house. */
export function learned(preview: ChartPreview, looked: LookedOver): Record<string, string> {
    const words = preview.rows.flatMap(({ label, place }, row) => {
        const now = looked.rows[row]?.place ?? null;
        return label !== '' && now !== null && now !== place ? [[label, now] as const] : [];
    });
    return Object.fromEntries(words);
}

/** A table of nothing but figures is spread over the cells; anything with words in it is looked over first. */
export function plainBlock(text: string): string[][] | null {
    const lines = text.replace(/\r\n?/g, '\n').replace(/\n+$/, '').split('\n');
    const cells = lines.map((line) => line.split('\t').map((cell) => cell.trim()));
    const plain = cells.every((line) => line.every((cell) => /^[\d.,/ ½¼¾⅛⅜⅝⅞-]*$/.test(cell)));
    const wide = cells.some((line) => line.length > 1);
    const spaced = !wide && lines.some((line) => /\S\s{2,}\S|\d \d+ \d/.test(line));
    return plain && !spaced && (wide || lines.length > 1) ? cells : null;
}

/** Whether a paste is more than one cell's worth of typing. */
export function isTable(text: string): boolean {
    return /[\t\n;]|\S {2,}\S|(?:\d+[ ,]){3}/.test(text.trim());
}

/** Takes looked-over rows into the chart: sizes are found by name, new ones are added behind. */
export function taken(document: PatternDocument, looked: LookedOver): PatternDocument {
    let next = structuredClone(document);
    const names = looked.sizes.map((name) => nameHere(document, name, looked.envelope));
    const added = names.filter((name) => !next.sizes.includes(name));
    if (next.sizes.every((name) => name === '')) next.sizes = [];
    next = withBlock(
        next,
        [['sizes']],
        next.sizes.length,
        [added].map((line) => line.slice(0, MOST_SIZES - next.sizes.length)),
    );
    looked.alsoCalled?.forEach((name, index) => {
        next = withBlock(next, [['also_called']], next.sizes.indexOf(names[index] ?? ''), [[name]]);
    });
    for (const row of looked.rows) {
        if (row.place === null) continue;
        const [under, path] = pathOf(next, row.place, row.of);
        next = under;
        row.cells.forEach((cell, index) => {
            const column = next.sizes.indexOf(names[index] ?? '');
            if (column >= 0 && cell !== '') next = withBlock(next, [path], column, [[cell]]);
        });
    }
    if (looked.groups.length > 0) return withGroups(next, looked.groups);
    return looked.envelope === null ? next : withEnvelope(document, next, looked.envelope, names);
}

/** Where a row goes in a pattern: finished figures of one view or fit to that view or fit, made where it is not there yet. */
function pathOf(document: PatternDocument, place: string, of: Part | null): [PatternDocument, Path] {
    const path = place.split('.');
    if (of === null || !place.includes('finished')) return [document, path];
    const part = {
        ...(of.view === null ? {} : { view: of.view }),
        ...(of.fit === null ? {} : { fit: of.fit }),
        ...(path[0] === 'cups' ? { cup: path[2] } : {}),
    };
    const parts = document.finished_by ?? [];
    const same = parts.findIndex(
        ({ view, fit, cup }) =>
            (view ?? undefined) === part.view &&
            (fit ?? undefined) === part.fit &&
            (cup ?? undefined) === part.cup,
    );
    const named = (names: string[] | null | undefined, name: string | null) =>
        name === null || names?.includes(name) ? (names ?? []) : [...(names ?? []), name];
    const next = {
        ...document,
        views: named(document.views, of.view),
        fits: named(document.fits, of.fit),
        finished_by: same < 0 ? [...parts, { ...part, finished: {} }] : parts,
    };
    const row = path[0] === 'cups' ? 'full_bust' : (path[1] ?? '');
    return [next, ['finished_by', same < 0 ? parts.length : same, 'finished', row]];
}

/** Groups that a chart prints apart are drawn for bodies of different shape: each is a draft of its own. */
function withGroups(document: PatternDocument, groups: LookedOver['groups']): PatternDocument {
    const added = groups.map(({ name, sizes }, index) => ({
        name,
        sizes,
        ...(index === 0 ? {} : { draft: name }),
    }));
    const kept = (document.ranges ?? []).filter(({ name }) => !groups.some((group) => group.name === name));
    return { ...document, ranges: [...kept, ...added] };
}

/** The same letter in two envelopes is two sizes: the second is named with its envelope. */
function nameHere(document: PatternDocument, name: string, envelope: string | null): string {
    return envelope !== null && document.sizes.includes(name) ? `${name} (${envelope})` : name;
}

function withEnvelope(
    before: PatternDocument,
    next: PatternDocument,
    envelope: string,
    names: string[],
): PatternDocument {
    const ranges = next.ranges ?? [];
    const first =
        ranges.length === 0 && before.sizes.length > 0
            ? [{ name: 'first envelope', sizes: [...before.sizes] }]
            : [];
    return { ...next, ranges: [...first, ...ranges, { name: envelope, sizes: names }] };
}
