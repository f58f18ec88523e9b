/** More than any chart holds; a whole book must not freeze the page. */
export const LARGEST_PASTE = 200_000;

/** The cells of a pasted table, line by line; a first column of words is left out and given back apart. */
export interface Pasted {
    cells: string[][];
    labels: string[];
}

/** A table copied from a spreadsheet (tabs), or typed out with semicolons or several spaces between the cells. */
export function readTable(text: string): Pasted {
    const lines = text
        .replace(/\r\n?/g, '\n')
        .split('\n')
        .filter((line) => line.trim() !== '')
        .map(cellsOf);
    const labelled = lines.length > 0 && lines.every((cells) => cells.length > 1 && isLabel(cells[0] ?? ''));
    if (!labelled) return { cells: lines, labels: [] };
    return { cells: lines.map((cells) => cells.slice(1)), labels: lines.map((cells) => cells[0] ?? '') };
}

/** One cell alone is typing, not a table. */
export function isTable(text: string): boolean {
    return /[\t\n;]| {2,}/.test(text.trim());
}

function cellsOf(line: string): string[] {
    const separator = line.includes('\t') ? '\t' : line.includes(';') ? ';' : / {2,}/;
    const source = separator === '\t' ? line : line.trim();
    return source.split(separator).map((cell) => cell.trim());
}

/** A word, or the empty corner above the words. */
function isLabel(cell: string): boolean {
    return cell === '' || (/\p{L}{3,}/u.test(cell) && !/\d/.test(cell));
}
