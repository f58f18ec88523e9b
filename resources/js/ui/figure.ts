import type { Unit } from '../api/types';

/** A length ready to be set in type: `37` and `3/4`, or `95.5` and no fraction. */
export interface Figure {
    sign: '' | '+' | '−';
    whole: string;
    fraction: string;
}

const NM = { cm: 10_000_000, in: 25_400_000 } as const;
const FINEST = 16;

/** Only shown, never read back: the exact length stays in nanometres. */
export function figure(nm: number, unit: Unit, options: { signed?: boolean; places?: number } = {}): Figure {
    const size = Math.abs(nm);
    const parts = unit === 'cm' ? decimal(size, options.places) : sixteenths(size);
    const isZero = parts.whole === '0' && parts.fraction === '';
    const plus = options.signed && !isZero ? '+' : '';
    return { sign: nm < 0 && !isZero ? '−' : plus, ...parts };
}

/** The same as plain text, for labels that are read aloud. */
export function figureText(
    nm: number,
    unit: Unit,
    options: { signed?: boolean; places?: number } = {},
): string {
    const { sign, whole, fraction } = figure(nm, unit, options);
    return `${sign}${[whole, fraction].filter((part) => part !== '').join(' ')} ${unit}`;
}

/** To the places that are asked for; else to what a hand can draw, half a millimetre. */
function decimal(nm: number, places: number | undefined): { whole: string; fraction: string } {
    const scale = places === undefined ? 20 : 10 ** places;
    const rounded = Math.round((nm * scale) / NM.cm) / scale;
    return { whole: String(rounded), fraction: '' };
}

function sixteenths(nm: number): { whole: string; fraction: string } {
    const parts = Math.round((nm * FINEST) / NM.in);
    const whole = Math.floor(parts / FINEST);
    let upper = parts % FINEST;
    let lower = FINEST;
    while (upper > 0 && upper % 2 === 0) {
        upper /= 2;
        lower /= 2;
    }
    if (upper === 0) return { whole: String(whole), fraction: '' };
    return { whole: whole === 0 ? '' : String(whole), fraction: `${upper}/${lower}` };
}
