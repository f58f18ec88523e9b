import type { LevelName, PatternDocument, PatternGuide } from '../api/types';
import { oneLength } from './sized';

/** A typed figure as far as a picture needs it: of a range its beginning. Null where none can be read. */
export function drawnFigure(text: string | null | undefined): number | null {
    const found = /^\s*(\d+(?:[.,]\d+)?)(?:\s+(\d+)\/(\d+))?/.exec(text ?? '');
    if (found === null) return null;
    const [, whole = '', over, under] = found;
    return Number(whole.replace(',', '.')) + (over && under ? Number(over) / Number(under) : 0);
}

/** Usual heights and girths where none is typed, in centimetres: a picture has to stand on something. */
const USUAL = { shoulder: 22, waist: 20, hip: 20, hem: 45, top_hem: 8 } as const;
const USUAL_GIRTH: Record<LevelName, number> = { bust: 100, waist: 82, hip: 106 };
const ROWS = { bust: 'full_bust', waist: 'waist', hip: 'hip' } as const;

export interface GarmentShape {
    /** Half as wide as the picture at each level, from the middle out. */
    half: Record<LevelName, number>;
    /** How far down each lies from the shoulder, or from the waist where it begins there. */
    down: { bust: number; waist: number; hip: number; hem: number };
    /** What is typed between them; null where nothing is. */
    typed: { waist: string | null; hip: string | null; hem: string | null };
    fromWaist: boolean;
    hasLegs: boolean;
}

/** The outline of the middle size, from what is typed of it. */
export function garmentShape(document: PatternDocument, unit: 'cm' | 'in'): GarmentShape {
    const cm = unit === 'in' ? 2.54 : 1;
    const middle = Math.floor(document.sizes.length / 2);
    const girth = (level: LevelName): number => {
        const row = ROWS[level];
        const figure =
            drawnFigure(document.finished?.[row]?.[middle]) ??
            drawnFigure(document.body_chart[row]?.[middle]);
        return figure === null ? USUAL_GIRTH[level] : figure * cm;
    };
    const long = (key: 'underarm_to_waist' | 'waist_to_hip' | 'hip_to_hem', usual: number): number => {
        const figure = drawnFigure(oneLength(document.seam[key]));
        return figure === null ? usual : figure * cm;
    };
    const half = { bust: girth('bust') / 4, waist: girth('waist') / 4, hip: girth('hip') / 4 };
    // What is cut in one size hangs from its widest place, unless the pattern says how wide it is at the waist.
    const isStraight = document.cut_as === 'one_size' && !document.finished?.waist?.some(Boolean);
    const isTop = document.garment === 'top' || document.garment === 'knit_top';
    const fromWaist = document.garment === 'skirt' || document.garment === 'trousers';
    const bust = fromWaist ? 0 : USUAL.shoulder;
    const waist = fromWaist ? 0 : bust + long('underarm_to_waist', USUAL.waist);
    const hip = waist + long('waist_to_hip', USUAL.hip);
    return {
        // Laid flat a garment is half its girth wide.
        half: isStraight ? { ...half, waist: Math.max(half.bust, half.hip) } : half,
        down: {
            bust,
            waist,
            hip,
            hem:
                hip +
                long(
                    'hip_to_hem',
                    isTop ? USUAL.top_hem : document.garment === 'trousers' ? 2 * USUAL.hem - 5 : USUAL.hem,
                ),
        },
        typed: {
            waist: oneLength(document.seam.underarm_to_waist),
            hip: oneLength(document.seam.waist_to_hip),
            hem: oneLength(document.seam.hip_to_hem),
        },
        fromWaist,
        hasLegs: document.garment === 'trousers',
    };
}

/** How much wider a flare is at the hip in a picture than the body there. */
const FLARE = 1.45;

/** The outline as it hangs: a boxy one straight from its widest place, a flare out from the waist. */
export function inSilhouette(
    shape: GarmentShape,
    silhouette: PatternGuide['silhouettes'][number]['value'] | undefined,
): GarmentShape {
    const { half } = shape;
    if (silhouette === 'boxy') {
        const wide = Math.max(half.bust, half.hip);
        return { ...shape, half: { bust: wide, waist: wide, hip: wide } };
    }
    return silhouette === 'flared' ? { ...shape, half: { ...half, hip: half.hip * FLARE } } : shape;
}

/** The outline from the left hem over the shoulders to the right one, in pixels: `scale` of them to a centimetre. */
export function garmentOutline(
    { half, down, fromWaist, hasLegs }: GarmentShape,
    { middle, top, scale }: { middle: number; top: number; scale: number },
): string {
    const y = (cm: number): number => top + cm * scale;
    const hem = half.hip * (hasLegs ? 0.82 : 1.06);
    const side = (sign: 1 | -1): string => {
        const at = (cm: number): number => middle + sign * cm * scale;
        const body = `C${at(half.waist)} ${y((down.bust + down.waist) / 2)} ${at(half.waist)} ${y(down.waist - 2)} ${at(half.waist)} ${y(down.waist)}`;
        const above = fromWaist
            ? `M${middle} ${y(0)}H${at(half.waist)}`
            : `M${middle} ${y(7)}Q${at(6)} ${y(7)} ${at(7)} ${y(0)}L${at(half.bust * 0.84)} ${y(3.5)}Q${at(half.bust * 0.74)} ${y(down.bust * 0.7)} ${at(half.bust)} ${y(down.bust)}${body}`;
        const below = `C${at(half.waist)} ${y(down.waist + 4)} ${at(half.hip)} ${y(down.hip - 8)} ${at(half.hip)} ${y(down.hip)}L${at(hem)} ${y(down.hem)}`;
        const end = hasLegs ? `H${at(hem * 0.3)}L${middle} ${y(down.hip + 8)}` : `H${middle}`;
        return above + below + end;
    };
    return side(1) + side(-1);
}
