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

/**
 * A pasted block of cells spread over rows of one entry for each size, from a cell on; what reaches beyond the last size or row
 * is left. Null where it is a single cell's worth. A word before the first figure is the row's name, not a cell.
 */
export function spread(
    rows: readonly (readonly (string | null)[])[],
    sizes: number,
    at: { row: number; column: number },
    text: string,
): (string | null)[][] | null {
    const lines = text
        .replace(/\r\n?/g, '\n')
        .replace(/\n+$/, '')
        .split('\n')
        .map((line) => line.split(/\t| {2,}/));
    if (lines.length === 1 && lines[0]?.length === 1) return null;
    return rows.map((row, r) => {
        const typed = lines[r - at.row];
        const cells = Array.from({ length: sizes }, (_, size) => row[size] ?? null);
        if (r < at.row || typed === undefined) return cells;
        const figures = /\d/.test(typed[0] ?? '') || typed.length === 1 ? typed : typed.slice(1);
        figures
            .slice(0, sizes - at.column)
            .forEach((cell, index) => (cells[at.column + index] = orNull(cell)));
        return cells;
    });
}
