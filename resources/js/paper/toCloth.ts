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
