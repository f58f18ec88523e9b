/** Kinds of cloth, as a pattern is drafted for or a garment is of. */
export const cloths = [
    { value: 'woven', label: 'woven' },
    { value: 'knit', label: 'knit' },
] as const;
