import type { PatternDocument, PatternGuide } from '../api/types';
import { levels } from '../charts/rows';

/** The levels a garment has; all of them while nobody has said which garment it is. */
export function levelsOf(document: PatternDocument, guide: PatternGuide): typeof levels {
    const garment = guide.garments.find(({ value }) => value === document.garment);
    return levels.filter(({ name }) => garment === undefined || garment.levels.includes(name));
}
