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
