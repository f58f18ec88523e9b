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

/** What tells one card of a wearer from another: when it was taken, and what was worn underneath. */
export function cardWords({ taken_on, foundation }: { taken_on: string; foundation: string }): string {
    return foundation === '' ? day(taken_on) : `${day(taken_on)}, ${foundation}`;
}
