import type { LevelPlan, Unit } from '../api/types';
import { figureText } from '../ui/figure';
import { arrowWords } from './changes';

/** What a clip says to who cannot see it: the size, and the garment that will be cut. */
export function clipWords(level: LevelPlan, unit: Unit): string {
    const changed = level.changed_nm === 0 ? '' : `, ${arrowWords(level, unit)}`;
    if (level.as_cut_nm === null) return `size ${level.size}${changed}, no finished measure printed`;
    const ease =
        level.ease_as_cut_nm === null
            ? ''
            : `, ease ${figureText(level.ease_as_cut_nm, unit, { signed: true })}`;
    return `size ${level.size}${changed}, cut to ${figureText(level.as_cut_nm, unit)}${ease}`;
}
