import type { CompanyRow, LevelName } from '../api/types';

export const filters = [
    { value: 'all', label: 'all' },
    { value: 'adjusted', label: 'needs an adjustment' },
    { value: 'outside', label: 'outside the chart' },
    { value: 'old', label: 'old card' },
    { value: 'unplanned', label: 'without a plan' },
] as const;
export type Filter = (typeof filters)[number]['value'];

const holds: Record<Filter, (row: CompanyRow) => boolean> = {
    all: () => true,
    adjusted: (row) => row.adjustment !== null || row.drawn_in.length > 0,
    outside: (row) => row.is_outside,
    old: (row) => row.is_card_old,
    unplanned: (row) => row.headline === null,
};

export type Column =
    'wearer' | LevelName | 'frame' | 'steps' | 'drawn' | 'worst' | 'sure' | 'card' | 'envelope';

const SURE = ['by_hand', 'firm', 'near the edge', 'measure again'];
/** What stops a cut weighs more than any number of other cautions. */
const STOPS = 100;

const placeOf = (row: CompanyRow, level: LevelName): number | null =>
    row.sizes.find((one) => one.level === level)?.place ?? null;

/** What a column is sorted by; null stands last, whichever way. */
const keys: Record<Column, (row: CompanyRow) => number | string | null> = {
    wearer: (row) => row.wearer.toLocaleLowerCase(),
    bust: (row) => placeOf(row, 'bust'),
    waist: (row) => placeOf(row, 'waist'),
    hip: (row) => placeOf(row, 'hip'),
    frame: (row) => row.adjustment ?? row.frame,
    steps: (row) => (row.headline === null ? null : Math.max(0, ...row.steps)),
    drawn: (row) => (row.headline === null ? null : row.drawn_in.length),
    worst: (row) => (row.headline === null ? null : (row.worst?.stops === true ? STOPS : 0) + row.cautions),
    sure: (row) => (row.sure === null ? null : SURE.indexOf(row.sure)),
    card: (row) => row.card_age_days,
    envelope: (row) => row.envelopes[0] ?? null,
};

export interface Order {
    column: Column;
    down: boolean;
}

/** The rows that hold what is asked, in the order that is asked; where that doesn't tell, by name. */
export function shown(
    rows: readonly CompanyRow[],
    filter: Filter,
    sought: string,
    order: Order,
): CompanyRow[] {
    const name = sought.trim().toLocaleLowerCase();
    return rows
        .filter((row) => holds[filter](row) && row.wearer.toLocaleLowerCase().includes(name))
        .sort(
            (one, other) =>
                compared(keys[order.column](one), keys[order.column](other), order.down) ||
                one.wearer.localeCompare(other.wearer),
        );
}

function compared(one: number | string | null, other: number | string | null, down: boolean): number {
    if (one === other) return 0;
    if (one === null) return 1;
    if (other === null) return -1;
    const way =
        typeof one === 'number' && typeof other === 'number'
            ? one - other
            : String(one).localeCompare(String(other), undefined, { numeric: true });
    return down ? -way : way;
}
