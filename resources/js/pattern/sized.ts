import type { PatternDocument } from '../api/types';

type Sized = PatternDocument['seam']['waist_to_hip'];

/** A length that may be one for all sizes or a row: the one, or the middle size's. */
export function oneLength(length: Sized): string {
    if (!Array.isArray(length)) return length ?? '';
    return length[Math.floor(length.length / 2)] ?? length.find((cell) => cell !== null) ?? '';
}

/** Whether it is printed for each size: then it is typed in the chart. */
export const isBySize = (length: Sized): boolean => Array.isArray(length);
