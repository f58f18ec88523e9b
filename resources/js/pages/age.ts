/** How old a card is, in the words one would use. */
export function age(days: number): string {
    if (days <= 0) return 'of today';
    if (days === 1) return 'of yesterday';
    if (days < 60) return `${days} days old`;
    return `${Math.round(days / 30.44)} months old`;
}
