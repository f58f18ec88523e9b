import { expect, it } from 'vitest';
import { drawnOf, shoulderAt } from './drawn';
import fullTummy from '../../figures/full-tummy.json';
import slender from '../../figures/slender.json';
import { follow, foremostOf, tautLength } from './follow';
import { sectionsOf, tangents } from './sections';

const at = sectionsOf(slender.rings.map(({ z, w, f, r, c }) => [z, w, f, r, c]));

it('between rings it goes as the reference library has it', () => {
    // Source: SciPy 1.10.1, scipy.interpolate.PchipInterpolator.
    const z = [0, 40, 100, 130, 200, 260];
    const w = [120, 135, 128, 90, 96, 140];
    expect(
        tangents(z, w)
            .slice(1, 5)
            .map((slope) => slope.toFixed(12)),
    ).toEqual(['0.000000000000', '-0.235398230088', '0.000000000000', '0.156664637858']);
    const section = sectionsOf(z.map((height, i) => [height, w[i] ?? 0, 1, 1, 0]));
    for (const [height, width] of [
        [50, 134.8084234677155],
        [115, 108.11725663716814],
        [190, 94.5166329813379],
    ] as const)
        expect(section(height)[0]).toBeCloseTo(width, 9);
});

it('outside its rings a body goes on as it ends', () => {
    expect(at(0)).toEqual(at(700));
    expect(at(2000)).toEqual(at(1440));
});

it('a tape is followed within 0.3 mm of what the server reads', () => {
    // Source: underbolt:tape on the same figure.
    expect(tautLength(at, { height: 1062, front: 0, left: 0 })).toBeCloseTo(686.075, 0);
    expect(tautLength(at, { height: 1000, front: 0, left: 0 })).toBeCloseTo(740.1208, 0);
    expect(Math.abs(tautLength(at, { height: 862, front: -20, left: 0 }) - 931.1206)).toBeLessThan(0.3);
});

it('a board that is held against the front is followed as well', () => {
    // Source: underbolt:tape on the same figure.
    const tummy = sectionsOf(fullTummy.rings.map(({ z, w, f, r, c }) => [z, w, f, r, c]));
    const board = foremostOf(tummy, 680, 1050);
    const length = (front: number): number => tautLength(tummy, { height: 835, front, left: 0 }, board);
    expect(Math.abs(length(0) - 1242.2395)).toBeLessThan(0.3);
    expect(Math.abs(length(10) - 1243.3752)).toBeLessThan(0.3);
});

it('the tape lies on its plane: higher in front, lower behind, level at the sides', () => {
    const places = follow(at, { height: 1062, front: 30, left: 0 }, 4);
    const [left, front, right, back] = places.map(([, , z]) => z);
    expect(left).toBeCloseTo(right ?? 0, 3);
    expect(front).toBeGreaterThan(1090);
    expect(back).toBeLessThan(1035);
});

it('one shoulder is drawn lower where it is, from the chest up, and nowhere else', () => {
    expect(drawnOf('shoulder-low').shoulderDrop).toBeGreaterThan(20);
    expect(drawnOf('slender')).toEqual({ shoulderDrop: 0, isSeated: false });
    expect(drawnOf('sitting').isSeated).toBe(true);
    expect([700, 1200, 1400].map((z) => Number(shoulderAt(z, 700, 1400).toFixed(6)))).toEqual([0, 0, 0]);
    expect(shoulderAt(1316, 700, 1400)).toBeCloseTo(1, 2);
});
