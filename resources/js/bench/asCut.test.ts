import { expect, it } from 'vitest';
import type { LevelPlan } from '../api/types';
import { arrowOf, bridgeOf, roomForEase } from './asCut';

const cm = 10_000_000;
/** A body of 80 cm in a garment printed at 90; ten pixels a centimetre, the body at 100. */
const across = (nm: number): number => 100 + ((nm - 80 * cm) / cm) * 10;
function level(changed: number, parts: Partial<LevelPlan> = {}): LevelPlan {
    const as_cut_nm = (90 + changed) * cm;
    return {
        size: '14',
        measure_nm: 80 * cm,
        notches: [{ size: '14', chart_nm: 82 * cm, finished_nm: 90 * cm }],
        changed_nm: changed * cm,
        as_cut_nm,
        ease_as_cut_nm: as_cut_nm - 80 * cm,
        least_ease_nm: 5 * cm,
        ...parts,
    } as LevelPlan;
}
const arrow = (of: LevelPlan, width = 500) => arrowOf(of, across, 'let out 2 cm', width);

it('the bridge runs from the body to the garment as cut, whichever is larger', () => {
    expect(bridgeOf(level(2), across)).toEqual({ from: 100, width: 120, short: false });
    expect(bridgeOf(level(-12), across)).toEqual({ from: 80, width: 20, short: true });
    expect(bridgeOf(level(-5), across)?.short).toBe(false);
    expect(bridgeOf(level(0, { measure_nm: null }), across)).toBeNull();
    expect(bridgeOf(level(0, { as_cut_nm: null }), across)).toBeNull();
});

it('the arrow runs from the garment as printed, its words after it', () => {
    expect(arrow(level(2))).toMatchObject({ from: 200, to: 220, way: 1, x: 228, anchor: 'start' });
    expect(arrow(level(-3))).toMatchObject({ from: 200, to: 170, way: -1, x: 208, anchor: 'start' });
    expect(arrow(level(0))).toBeNull();
});

it('words that do not fit stand before it, clear of the bridge', () => {
    expect(arrow(level(2), 300)).toMatchObject({ x: 92, anchor: 'end' });
    expect(arrow(level(2, { as_cut_nm: null }), 300)).toMatchObject({ x: 192, anchor: 'end' });
});

it('the figure of the ease stands in what the arrow leaves free, beside the bridge where that is too little', () => {
    const room = (of: LevelPlan) => roomForEase(bridgeOf(of, across), arrow(of));
    expect(room(level(0))).toEqual({ from: 100, width: 100 });
    expect(room(level(2))).toEqual({ from: 100, width: 100 });
    expect(room(level(-3))).toEqual({ from: 100, width: 70 });
    expect(room(level(-8))).toEqual({ from: 58, width: 34 });
    // Where the arrow's words stand on the left it goes to the right of all.
    const narrow = level(-8);
    expect(roomForEase(bridgeOf(narrow, across), arrow(narrow, 220))).toEqual({ from: 208, width: 34 });
    expect(roomForEase(null, null)).toBeNull();
});

it('words that fit on neither side stand over the arrow, on the tape, and no figure under them', () => {
    const near = (nm: number): number => across(nm) - 60;
    const words = arrowOf(level(2), near, 'let out 2 cm', 170);
    expect(words).toMatchObject({ from: 140, to: 160, x: 84, anchor: 'end', taken: { from: 0, to: 84 } });
    expect(roomForEase(bridgeOf(level(2), near), words, 170)).toEqual({ from: 136, width: 34 });
    expect(roomForEase({ from: 20, width: 40, short: false }, words, 80)).toBeNull();
});
