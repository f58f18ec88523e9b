/** What lies behind the bench, each behind a door of its own. */
export const doors = [
    { name: 'reasons', words: 'Reasons' },
    { name: 'work', words: 'Work' },
    { name: 'ways', words: 'Other ways' },
    { name: 'pieces', words: 'Pieces' },
    { name: 'more', words: 'More choices' },
] as const;

export type Door = (typeof doors)[number]['name'];
