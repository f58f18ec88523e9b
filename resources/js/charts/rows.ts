import type { LevelName, Pattern, PatternDocument } from '../api/types';

/** Where a row stands in the document, from the top: `['cups', 'body_chart', 'C']`. */
export type Path = readonly (string | number)[];

/** A path as the server writes it: `finished_by[0].finished.waist`. */
export function pathText(path: Path): string {
    return path
        .map((key) => (typeof key === 'number' ? `[${key}]` : `.${key}`))
        .join('')
        .slice(1);
}

/** A row of the chart. */
export interface GridRow {
    path: Path;
    name: string;
    /** What the rows of one heading share; null for the sizes. */
    group: string | null;
    kind: 'sizes' | 'names' | 'chart' | 'garment';
}

export const levels: { name: LevelName; title: string; row: string }[] = [
    { name: 'bust', title: 'Bust', row: 'full_bust' },
    { name: 'waist', title: 'Waist', row: 'waist' },
    { name: 'hip', title: 'Hip', row: 'hip' },
];

export const bodyRowNames: Record<string, string> = {
    full_bust: 'Bust',
    waist: 'Waist',
    hip: 'Hip',
    high_bust: 'High bust',
    cross_front: 'Front width',
    bicep: 'Upper arm',
};

/** Lengths that a chart prints for each size, with where they stand. */
export const lengthRows: { path: Path; name: string }[] = [
    { path: ['seam', 'underarm_to_waist'], name: 'Side waist (underarm to waist)' },
    { path: ['seam', 'waist_to_hip'], name: 'Waist to hip' },
    { path: ['seam', 'hip_to_hem'], name: 'Hip to cut hem' },
    { path: ['seam', 'waist_to_hem_edge'], name: 'Waist to cut hem' },
    { path: ['lengths', 'back_length'], name: 'Back length, nape to waist' },
    { path: ['lengths', 'finished_length'], name: 'Finished length, centre back' },
    { path: ['lengths', 'height'], name: 'Height' },
];

export const cupLetters = ['AA', 'A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K'];

/** Two letters that some houses write otherwise: they stand where the other does, and keep their name. */
const SAME: Record<string, string> = { DD: 'E', DDD: 'F' };
const cupPlace = (letter: string): number => cupLetters.indexOf(SAME[letter] ?? letter);

const finishedRowNames: [string, string][] = [
    ...levels.map(({ row, title }): [string, string] => [row, title]),
    ['bicep', 'Sleeve, upper arm'],
];

/** All rows a pattern has, in the order in which they stand: sizes, body, finished garment. */
export function rowsOf(document: PatternDocument): GridRow[] {
    return [
        { path: ['sizes'], name: 'Size', group: null, kind: 'sizes' },
        ...(document.also_called?.some((name) => name)
            ? [{ path: ['also_called'], name: 'also called', group: null, kind: 'names' } as const]
            : []),
        ...Object.entries(bodyRowNames).map(([row, name]) => chart(['body_chart', row], name, 'Body chart')),
        ...cupsOf(document).map((cup) =>
            chart(['cups', 'body_chart', cup], `Bust, ${cup} cup`, 'Body chart'),
        ),
        ...finishedRowNames.map(([row, name]) => garment(['finished', row], name, 'Finished garment')),
        ...cupsOf(document).map((cup) =>
            garment(['cups', 'finished', cup], `Bust, ${cup} cup`, 'Finished garment'),
        ),
        ...(document.finished_by ?? []).flatMap((part, index) =>
            finishedRowNames.map(([row, name]) =>
                garment(['finished_by', index, 'finished', row], name, `Finished garment, ${partName(part)}`),
            ),
        ),
        ...lengthRows.map(({ path, name }) => chart(path, name, 'Lengths by size')),
    ];
}

/** Rows that stand in every chart, typed into or not. */
const ALWAYS = ['full_bust', 'waist', 'hip'];

/** The rows that are shown: those with a figure, those that every chart has, those that were asked for; and those that can be. */
export function rowsInSight(
    document: PatternDocument,
    asked: ReadonlySet<string>,
    isTyped: (path: Path) => boolean,
): { shown: GridRow[]; offered: GridRow[] } {
    const isShown = ({ path, kind }: GridRow): boolean =>
        kind === 'sizes' ||
        kind === 'names' ||
        path[0] === 'cups' ||
        ALWAYS.includes(String(path.at(-1))) ||
        asked.has(pathText(path)) ||
        isTyped(path);
    const rows = rowsOf(document);
    return { shown: rows.filter(isShown), offered: rows.filter((row) => !isShown(row)) };
}

export function partName(part: { view?: string | null; fit?: string | null; cup?: string | null }): string {
    const said = [
        part.view ? `view ${part.view}` : '',
        part.fit ? `${part.fit} fit` : '',
        part.cup ? `${part.cup} cup` : '',
    ].filter((word) => word !== '');
    return said.length > 0 ? said.join(', ') : 'for all';
}

/** The cups that have a row of their own, in the order of the letters. */
export function cupsOf(document: PatternDocument): string[] {
    const named = new Set([
        ...Object.keys(document.cups?.body_chart ?? {}),
        ...Object.keys(document.cups?.finished ?? {}),
    ]);
    return [...named].filter((letter) => cupPlace(letter) >= 0).sort((a, b) => cupPlace(a) - cupPlace(b));
}

function chart(path: Path, name: string, group: string): GridRow {
    return { path, name, group, kind: 'chart' };
}

function garment(path: Path, name: string, group: string): GridRow {
    return { path, name, group, kind: 'garment' };
}

/** A row of ease is called after its finished row. */
export function easeName(rows: readonly GridRow[], path: string): string {
    const row = rows.find((one) => pathText(one.path) === path);
    const only = row?.group?.replace('Finished garment', '').replace(/^, /, '') ?? '';
    return only === '' ? (row?.name ?? '') : `${row?.name ?? ''}, ${only}`;
}

/** What the tissue tells of a finished figure that is not printed. */
export function tissueAt(kept: Pattern | null, [chart, key]: Path, column: number): number | null {
    const level = levels.find((one) => one.row === key)?.name;
    const flat = kept?.from_tissue.find((one) => one.level === level && one.used);
    return chart === 'finished' ? (flat?.finished_nm[column] ?? null) : null;
}
