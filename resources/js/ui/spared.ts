/** How a label stands beside others: those of rank 0 are never left out. */
export interface Label {
    x: number;
    width: number;
    rank: number;
}

const LABELS_APART_PX = 5;

/** The middle of a word as near to where it belongs as it can stand without running out at either side. */
export const within = (x: number, word: number, width: number): number =>
    Math.max(word / 2, Math.min(width - word / 2, x));

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
        const isFree = placed.every(
            (other) => Math.abs(other.x - one.x) >= (other.width + one.width) / 2 + LABELS_APART_PX,
        );
        if (one.rank > 0 && !isFree) continue;
        placed.push(one);
        kept.set(one.item, one.x);
    }
    return items.flatMap((item) => {
        const at = kept.get(item);
        return at === undefined ? [] : [{ ...item, at }];
    });
}
