import type { PatternDocument } from '../api/types';

const isBlank = (value: unknown): boolean =>
    value === null || value === undefined || value === '' || (Array.isArray(value) && value.every(isBlank));

/** Takes off the entries at the end of a list that nothing was typed into; places before them stay as they are. */
function trim<T>(list: T[] | null | undefined, isTyped: (entry: T) => boolean): void {
    while (list && list.length > 0 && !isTyped(list[list.length - 1] as T)) list.pop();
}

const has =
    <T extends object>(...keys: (keyof T)[]) =>
    (entry: T): boolean =>
        keys.some((key) => !isBlank(entry[key]));

/** What an envelope is called that was begun and not named. */
const BEGUN = /^(all sizes|envelope \d+)$/;

/**
 * A pattern without what was opened and not typed into yet: an added row, a check of the tissue that waits for its tape.
 * It stands on the page, and is kept, and may be at fault, from its first letter on.
 */
export function withoutBlanks(document: PatternDocument): PatternDocument {
    const typed = structuredClone(document);
    trim(typed.pieces, has('name', 'cups', 'times', 'part_of'));
    trim(
        typed.ranges,
        (range) =>
            has<typeof range>('sizes', 'draft', 'drafted_cup', 'height')(range) || !BEGUN.test(range.name),
    );
    trim(typed.files, has('name', 'cup', 'range', 'sheet'));
    for (const rule of [typed.cups, ...Object.values(typed.cups?.by_range ?? {})])
        trim(rule?.table, has('cup', 'from', 'to'));
    const checks = typed.flat_checks ?? {};
    for (const level of ['bust', 'waist', 'hip'] as const) {
        trim(checks[level]?.panels, has('width', 'darts'));
        if (checks[level]?.panels.length === 0) Reflect.deleteProperty(checks, level);
    }
    return typed;
}
