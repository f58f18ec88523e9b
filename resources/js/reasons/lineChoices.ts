/** How the line runs where nothing is fixed, in the words in which it is chosen. */

export const spreads = [
    { value: 'dart', label: 'into the dart' },
    { value: 'side', label: 'off at the side' },
] as const;

/** Below the last level that is not free. */
export const toHems = [
    { value: 'stay', label: 'stays so to the hem' },
    { value: 'return', label: 'runs out at the hem' },
] as const;

/** How the line gets from the pattern to the cloth. */
export const toCloth = [
    { value: 'trace', label: 'traced onto paper' },
    { value: 'draw_on', label: 'drawn on the print' },
    { value: 'project', label: 'projected onto the cloth' },
    { value: 'print', label: 'the new pieces are printed' },
] as const;

/** New pieces can be printed where the pattern's own lines are known. */
export const toClothWith = (hasOwnLines: boolean): readonly { value: string; label: string }[] =>
    toCloth.filter(({ value }) => hasOwnLines || value !== 'print');
