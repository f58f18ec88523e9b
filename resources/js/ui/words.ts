/** A word as it stands at the head of a line. */
export const title = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);
