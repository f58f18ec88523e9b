import type { PracticeFigure } from '../api/types';
import { drawnOf, shoulderAt } from './drawn';
import { FRONT, HIGH, through, type View } from './view';

/** The lines of a dress stand round the rings of a body: only the rings are measured. */
export interface Stand {
    front: { body: string; neck: string; armholes: string; middle: string };
    side: { body: string; neck: string; armhole: string; middle: string };
    /** A foot to stand on; none where the body sits. */
    foot: string;
}

const STEPS = 180;
const NECK_PX = 32;
/** How far a neck leans forward on its way up. */
const LEAN_PX = 9;
/** A neckline is round. */
const NECK_DIP = { front: 12, side: 5 };
const pair = (x: number, y: number): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

export function standOf(figure: PracticeFigure, view: View): Stand {
    const { at, low, high, scale, y, frontX, sideX } = view;
    const drawn = drawnOf(figure.code);
    const heights = Array.from({ length: STEPS + 1 }, (_, i) => low + ((high - low) * i) / STEPS);
    const drop = (z: number): number => drawn.shoulderDrop * shoulderAt(z, low, high) * scale;
    const [underarm, shoulder] = [figure.rings.at(-3)?.[0] ?? high, figure.rings.at(-2)?.[0] ?? high];
    const [top, foot] = [y(high), y(low)];

    const left = heights.map((z) => [frontX(at(z)[0]), y(z) + drop(z)] as const);
    const right = heights.map((z) => [frontX(-at(z)[0]), y(z)] as const);
    const fore = heights.map((z) => [sideX(at(z)[3] + at(z)[1]), y(z)] as const);
    const back = heights.map((z) => [sideX(at(z)[3] - at(z)[2]), y(z)] as const);
    /** Round in the hand: the neckline dips, and so does the lower edge. */
    const round = (one: typeof left, other: typeof left, dip: number): string => {
        const [a, b] = [other.at(-1)?.[0] ?? 0, one[0]?.[0] ?? 0];
        const [c, d] = [one.at(-1)?.[0] ?? 0, other[0]?.[0] ?? 0];
        const neckline = `Q${pair((a + c) / 2, top + dip)} ${pair(a, top)}`;
        const edge = `Q${pair((b + d) / 2, foot + 9)} ${pair(b, foot)}Z`;
        return `${through(one)}${neckline}${through([...other].reverse()).replace('M', 'L')}${edge}`;
    };
    const neck = (from: number, to: number, lean: number, dip: number): string => {
        const inward = (to - from) * 0.1;
        const [a, b] = [from + inward - lean, to - inward - lean];
        return (
            `M${pair(from, top)}C${pair(a, top - 8)} ${pair(a, top - 16)} ${pair(a, top - NECK_PX)}` +
            `A${((b - a) / 2).toFixed(1)} 5 0 0 1 ${pair(b, top - NECK_PX)}` +
            `C${pair(b, top - 16)} ${pair(b, top - 8)} ${pair(to, top)}Q${pair((from + to) / 2, top + dip)} ${pair(from, top)}Z`
        );
    };
    const armhole = (way: 1 | -1): string => {
        const falls = way === 1 ? drop : () => 0;
        const [from, to] = [shoulder, underarm].map((z) => pair(frontX(way * at(z)[0]), y(z) + falls(z)));
        const inward = frontX(way * at(shoulder)[0] * 0.82);
        return `M${from}C${pair(inward, y(shoulder) + 14)} ${pair(inward, y(underarm) - 6)} ${to}`;
    };
    const [wide, middle] = [at(high)[0], at(high)[3]];
    const hole = {
        y: (y(shoulder) + y(underarm)) / 2,
        rx: (at(underarm)[1] + at(underarm)[2]) * 0.21 * scale,
    };
    const tall = (y(underarm) - y(shoulder)) / 2 + 10;
    const holeX = sideX(at((shoulder + underarm) / 2)[3]);
    return {
        front: {
            body: round(left, right, NECK_DIP.front),
            neck: neck(frontX(-wide), frontX(wide), 0, NECK_DIP.front),
            armholes: armhole(1) + armhole(-1),
            middle: `M${FRONT} ${top + 6}V${foot + 4}`,
        },
        side: {
            body: round(fore, back, NECK_DIP.side),
            neck: neck(sideX(middle + at(high)[1]), sideX(middle - at(high)[2]), LEAN_PX, NECK_DIP.side),
            armhole:
                `M${pair(holeX - hole.rx, hole.y)}a${hole.rx.toFixed(1)} ${tall.toFixed(1)} 0 1 0 ${(2 * hole.rx).toFixed(1)} 0` +
                `a${hole.rx.toFixed(1)} ${tall.toFixed(1)} 0 1 0 ${(-2 * hole.rx).toFixed(1)} 0Z`,
            middle: through(
                heights.filter((z) => y(z) > hole.y + tall).map((z) => [sideX(at(z)[3]), y(z)] as const),
            ),
        },
        foot: drawn.isSeated ? '' : `M${FRONT} ${foot + 5}V${HIGH - 40}M${FRONT - 58} ${HIGH - 38}h116`,
    };
}
