/** A copy of a list with one entry changed. */
export function changedAt<T>(list: readonly T[], at: number, part: Partial<T>): T[] {
    return list.map((one, index) => (index === at ? { ...one, ...part } : one));
}

export function withoutAt<T>(list: readonly T[], at: number): T[] {
    return list.filter((_, index) => index !== at);
}

/** The names in a text that parts them with commas. */
export function namesIn(text: string): string[] {
    return [
        ...new Set(
            text
                .split(/[,;\n]/)
                .map((name) => name.trim())
                .filter((name) => name !== ''),
        ),
    ];
}

/** A typed text, or null where nothing is typed. */
export function orNull(text: string): string | null {
    return text.trim() === '' ? null : text.trim();
}
