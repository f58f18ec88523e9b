import { tautLength } from './follow';
import type { Section } from './sections';

/** The girth of a body at every so many millimetres, from its lowest ring to its highest. */
export function girthsOf(
    at: (z: number) => Section,
    low: number,
    high: number,
    step: number,
): { z: number; girth: number }[] {
    return Array.from({ length: Math.floor((high - low) / step) + 1 }, (_, i) => low + i * step).map((z) => ({
        z,
        girth: girthAt(at, z),
    }));
}

export const girthAt = (at: (z: number) => Section, height: number): number =>
    tautLength(at, { height, front: 0, left: 0 });
