import type { Unit } from '../api/types';
import type { ShownLevel } from './clipped';
import { figureText } from '../ui/figure';
import { arrowWords } from './changes';

/** What a clip says to who cannot see it: the size, the body, what the chart says of it, and the garment that will be cut. */
export function clipWords(level: ShownLevel, unit: Unit, nameOf: (size: string) => string): string {
    if (level.isAwaited) return `size ${nameOf(level.size)}`;
    const body = level.measure_nm === null ? '' : `, body ${figureText(level.measure_nm, unit)}`;
    const chart = level.chart === null ? '' : `, chart ${nameOf(level.chart.size)}`;
    return `size ${nameOf(level.size)}${body}${chart}${cutWords(level, unit)}`;
}

function cutWords(level: ShownLevel, unit: Unit): string {
    const changed = level.changed_nm === 0 ? '' : `, ${arrowWords(level, unit)}`;
    if (level.as_cut_nm === null) return `${changed}, no finished measure printed`;
    const ease =
        level.ease_as_cut_nm === null
            ? ''
            : `, ease ${figureText(level.ease_as_cut_nm, unit, { signed: true })}`;
    return `${changed}, cut to ${figureText(level.as_cut_nm, unit)}${ease}`;
}
