/** How a label stands beside others: those of rank 0 are never left out. */
export interface Label {
    x: number;
    width: number;
    rank: number;
    /** It stands beside what is in its place, rather than be left out. */
    stays?: boolean;
}

const LABELS_APART_PX = 5;
/** A name further from its place than this is taken for another's. */
const FURTHEST_PX = 75;

/** The middle of a word as near to where it belongs as it can stand without running out at either side. */
export const within = (x: number, word: number, width: number): number =>
    Math.max(word / 2, Math.min(width - word / 2, x));

const apart = (one: Label, other: Label): number => (other.width + one.width) / 2 + LABELS_APART_PX;
const isFree = (one: Label, placed: readonly Label[]): boolean =>
    placed.every((other) => Math.abs(other.x - one.x) >= apart(one, other));

/** The nearest place beside one of those that stand already; null where there is none. */
function beside(one: Label, placed: readonly Label[], width: number): number | null {
    const places = placed
        .flatMap((other) => [other.x - apart(one, other), other.x + apart(one, other)])
        .filter((x) => x - one.width / 2 >= 0 && x + one.width / 2 <= width && isFree({ ...one, x }, placed))
        .sort((x, other) => Math.abs(x - one.x) - Math.abs(other - one.x));
    const nearest = places[0];
    return nearest !== undefined && Math.abs(nearest - one.x) <= FURTHEST_PX ? nearest : null;
}

/** Labels that would run into each other are left out, those that matter more kept; each with the place it stands `at`. */
export function spared<T extends object>(
    items: readonly T[],
    label: (item: T) => Label,
    width = Infinity,
): (T & { at: number })[] {
    const placed: Label[] = [];
    const kept = new Map<T, number>();
    const byRank = items
        .map((item) => ({ item, ...label(item) }))
        .map((one) => ({ ...one, x: within(one.x, one.width, width) }))
        .sort((one, other) => one.rank - other.rank);
    for (const one of byRank) {
        const at =
            one.rank === 0 || isFree(one, placed)
                ? one.x
                : one.stays === true
                  ? beside(one, placed, width)
                  : null;
        if (at === null) continue;
        placed.push({ ...one, x: at });
        kept.set(one.item, at);
    }
    return items.flatMap((item) => {
        const at = kept.get(item);
        return at === undefined ? [] : [{ ...item, at }];
    });
}
