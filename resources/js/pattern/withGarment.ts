import type { PatternDocument } from '../api/types';

/** A knit top is of a knit: a tee taken for a woven comes out two sizes too large. */
export function withGarment(
    document: PatternDocument,
    garment: PatternDocument['garment'] | undefined,
): PatternDocument {
    const isKnit = garment === 'knit_top';
    return {
        ...document,
        garment: garment ?? null,
        fabric: isKnit ? { ...document.fabric, kind: 'knit' } : document.fabric,
    };
}

/** What is typed as its stretch; nothing where the field is empty. */
export const withStretch = (document: PatternDocument, text: string): PatternDocument => ({
    ...document,
    fabric: { ...document.fabric, stretch_percent: text.trim() === '' ? null : Number(text) },
});
