import type { PatternDocument, PatternGuide, Unit } from '../api/types';
import { lacksOf } from './lacks';

type Seam = PatternDocument['seam'];
type Guessed = NonNullable<Seam['guessed']>[number];

/** The same with other guesses; none leave no trace. */
function guessing(seam: Seam, guessed: Guessed[]): Seam {
    const next = { ...seam, guessed };
    if (guessed.length === 0) delete (next as Seam).guessed;
    return next;
}

/** A length as it was typed: it is no guess any longer. */
export function withLength(seam: Seam, key: keyof Seam, text: string | null): Seam {
    const left = (seam.guessed ?? []).filter((one) => one !== key);
    return guessing({ ...seam, [key]: text }, left);
}

/** All of them measured, as they stand. */
export const measured = (seam: Seam): Seam => guessing(seam, []);

/** Usual lengths where the blend lacks one, marked as nobody's. */
export function withUsual(
    document: PatternDocument,
    usual: PatternGuide['usual_lengths'],
    unit: Unit,
): PatternDocument {
    const lacking = new Set<string>(lacksOf(document));
    const put = usual.filter(({ key }) => lacking.has(key));
    const guessed: Guessed[] = [...(document.seam.guessed ?? []), ...put.map(({ key }) => key)];
    return {
        ...document,
        seam: {
            ...document.seam,
            ...Object.fromEntries(put.map((length) => [length.key, length[unit]])),
            guessed,
        },
    };
}
