/** About how wide a letter is, where nothing can be measured: of the size of the type. */
const LETTER = 0.58;

let pen: CanvasRenderingContext2D | null | undefined;
const known = new Map<string, number>();

/** How wide words are in pixels, in the type of the page. */
export function textWidth(words: string, px: number, weight = 400): number {
    const key = `${weight} ${px} ${words}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    pen ??=
        globalThis.OffscreenCanvas === undefined
            ? null
            : (new OffscreenCanvas(1, 1).getContext('2d') as CanvasRenderingContext2D | null);
    if (pen === null) return words.length * px * LETTER;
    pen.font = `${weight} ${px}px ${getComputedStyle(document.body).fontFamily}`;
    // Figures on the page are all as wide as a nought; a pen knows no such figures.
    const width = pen.measureText(words.replace(/\d/g, '0')).width;
    // Before the fonts have come a width is another's.
    if (document.fonts.status === 'loaded') known.set(key, width);
    return width;
}
