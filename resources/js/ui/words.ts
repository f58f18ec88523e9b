/** How much the fit at a level decides, as it is shown. */
export const weightWords = { critical: 'must fit', matters: 'should fit', free: 'needn’t fit' } as const;

/** A word as it stands at the head of a line. */
export const title = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);
