import type { PointMeasure } from '../api/types';

/** Which of the readings of a point counts, in words. */
export function countsWords({ counts, of }: Pick<PointMeasure, 'counts' | 'of'>): string {
    if (counts === 'only') return 'one reading';
    return counts === 'picked' ? `the one you picked, of ${of}` : `${counts} of ${of}`;
}
