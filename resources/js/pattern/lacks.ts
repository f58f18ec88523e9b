import type { PatternDocument } from '../api/types';
import { oneLength } from './sized';

const NEEDED = ['underarm_to_waist', 'waist_to_hip'] as const;

const FROM_THE_WAIST = ['skirt', 'trousers'];

/** What begins at the waist has no way down to it. */
export const isFromWaist = ({ garment }: Pick<PatternDocument, 'garment'>): boolean =>
    FROM_THE_WAIST.includes(garment ?? '');

/** The lengths that the new side seam can't be drawn without, and that aren't typed yet. */
export function lacksOf(document: PatternDocument): (typeof NEEDED)[number][] {
    return NEEDED.filter(
        (key) =>
            (oneLength(document.seam[key]) ?? '') === '' &&
            !(isFromWaist(document) && key === 'underarm_to_waist'),
    );
}

/** Such a length in words. */
export const lengthWords = (key: (typeof NEEDED)[number]): string => key.replaceAll('_', ' ');
