/** How old a card is, in the words one would use. */
export function age(days: number): string {
    if (days <= 0) return 'of today';
    if (days === 1) return 'of yesterday';
    if (days < 60) return `${days} days old`;
    return `${Math.round(days / 30.44)} months old`;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;

/** A day as it stands in a list, such as `17 Nov 2026`. */
export function day(date: string): string {
    const [year, month, of] = date.split('-');
    return `${Number(of)} ${MONTHS[Number(month) - 1] ?? ''} ${year ?? ''}`;
}

/**
 * A day as hands type it: `17 Nov 2026`, `17.11.2026`, `2026-11-17`, `today`, `yesterday`.
 *
 * @returns as `2026-11-17`; null where it is no day, or could be two
 */
export function readDay(typed: string, today: Date): string | null {
    const text = typed.trim().toLowerCase().replace(/,/g, ' ');
    const ago = ['today', 'yesterday'].indexOf(text);
    if (ago >= 0) return isoDay(today.getFullYear(), today.getMonth() + 1, today.getDate() - ago);
    const figures = (found: RegExpExecArray | null, ...order: number[]): number[] | null =>
        found === null ? null : order.map((at) => Number(found[at]));
    const iso = figures(/^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text), 1, 2, 3);
    const dotted = figures(/^(\d{1,2})\.\s*(\d{1,2})\.\s*(\d{4})$/.exec(text), 3, 2, 1);
    const named = /^(?:(\d{1,2})\.?\s+([a-z]{3})[a-z]*|([a-z]{3})[a-z]*\s+(\d{1,2}))\.?\s+(\d{4})$/.exec(
        text,
    );
    const month = MONTHS.findIndex((one) => one.toLowerCase() === (named?.[2] ?? named?.[3]));
    const worded = named && month >= 0 ? [Number(named[5]), month + 1, Number(named[1] ?? named[4])] : null;
    const [year = 0, of = 0, on = 0] = iso ?? dotted ?? worded ?? [];
    const read = isoDay(year, of, on);
    // The 31st of a month of thirty days is no day.
    return read === `${pad(year, 4)}-${pad(of, 2)}-${pad(on, 2)}` ? read : null;
}

const pad = (figure: number, places: number): string => String(figure).padStart(places, '0');

function isoDay(year: number, month: number, on: number): string {
    const date = new Date(Date.UTC(year, month - 1, on));
    return Number.isNaN(date.getTime()) ? '' : date.toISOString().slice(0, 10);
}

/** What tells one card of a wearer from another: when it was taken, and what was worn underneath. */
export function cardWords({ taken_on, foundation }: { taken_on: string; foundation: string }): string {
    return foundation === '' ? day(taken_on) : `${day(taken_on)}, ${foundation}`;
}
