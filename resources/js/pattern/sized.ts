import type { PatternDocument } from '../api/types';

type Sized = PatternDocument['seam']['waist_to_hip'];

/** A length that may be one for all sizes or a row: the one, or the middle size's. */
export function oneLength(length: Sized): string | null {
    if (!Array.isArray(length)) return length ?? null;
    return length[Math.floor(length.length / 2)] ?? length.find((cell) => cell !== null) ?? null;
}
