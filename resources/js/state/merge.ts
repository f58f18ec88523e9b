/** A place that was changed here and elsewhere, to different values. */
export interface Clash {
    /** Keys from the top; places of a list are numbers. */
    path: (string | number)[];
    here: unknown;
    meanwhile: unknown;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
    typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether two documents say the same; what is not there is as null. */
export const isSame = (one: unknown, other: unknown): boolean =>
    JSON.stringify(one ?? null) === JSON.stringify(other ?? null);

/**
 * Two changes of one document put together: what only one of them has touched is taken from it, down to the single
 * cell. Where both have touched the same, it is what is `preferred`, and a clash is told.
 */
export function merged<T>(
    base: T,
    here: T,
    meanwhile: T,
    preferred: 'here' | 'meanwhile' = 'here',
): { merged: T; clashes: Clash[] } {
    const clashes: Clash[] = [];
    const at = (path: (string | number)[], was: unknown, mine: unknown, theirs: unknown): unknown => {
        if (isSame(mine, theirs) || isSame(was, theirs)) return mine;
        if (isSame(was, mine)) return theirs;
        if (isObject(mine) && isObject(theirs)) {
            const before = isObject(was) ? was : {};
            const keys = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])];
            return Object.fromEntries(
                keys
                    .map((key) => [key, at([...path, key], before[key], mine[key], theirs[key])] as const)
                    .filter(([, value]) => value !== undefined),
            );
        }
        // A list whose length has changed has other places: it is one thing.
        if (Array.isArray(mine) && Array.isArray(theirs) && Array.isArray(was)) {
            if (mine.length === theirs.length && mine.length === was.length)
                return mine.map((value, index) => at([...path, index], was[index], value, theirs[index]));
        }
        clashes.push({ path, here: mine, meanwhile: theirs });
        return preferred === 'here' ? mine : theirs;
    };
    return { merged: at([], base, here, meanwhile) as T, clashes };
}
