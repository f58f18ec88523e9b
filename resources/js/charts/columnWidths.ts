import { textWidth } from '../ui/textWidth';

/** So many sizes stand beside the picture; more have the page's whole width, each as narrow as a figure is. */
const BESIDE_PICTURE = 9;
const ROOMY_PX = 78;
const NARROW_PX = 52;
const LONGEST_NAME_PX = 130;

export const areMany = (names: readonly string[]): boolean => names.length > BESIDE_PICTURE;

/** Pixels of each column of the chart, wide enough for its size's name: in one line, or where sizes are many by its longest word. */
export function columnWidths(names: readonly string[]): number[] {
    const isMany = areMany(names);
    return names.map((name) => {
        const parts = isMany ? name.split(/\s+/) : [name];
        const widest = Math.max(0, ...parts.map((part) => textWidth(part, isMany ? 14 : 16, 700)));
        return Math.min(
            LONGEST_NAME_PX,
            Math.max(isMany ? NARROW_PX : ROOMY_PX, Math.ceil(widest) + (isMany ? 6 : 18)),
        );
    });
}
