import { expect, it } from 'vitest';
import type { CurvePart } from '../api/types';
import { curvePath, endsOf, outAt } from './curve';

const part = (
    top: number,
    end: number,
    from: number,
    to: number,
    slopes: [number, number] = [0, 0],
): CurvePart => ({
    top_nm: top,
    end_nm: end,
    out_at_top_nm: from,
    out_at_end_nm: to,
    slope_at_top: slopes[0],
    slope_at_end: slopes[1],
});
const placed = { across: (nm: number) => nm + 100, down: (nm: number) => nm };

it('a line is drawn through its cubics, handles at a third, and lifted where it is open', () => {
    const path = curvePath([part(0, 3, 0, 6, [1, 0]), part(3, 6, 6, 6), part(9, 12, 1, 1)], placed);
    expect(path).toBe(
        'M100.0 0.0C101.0 1.0 106.0 2.0 106.0 3.0' +
            'C106.0 4.0 106.0 5.0 106.0 6.0' +
            'M101.0 9.0C101.0 10.0 101.0 11.0 101.0 12.0',
    );
});

it('between two levels a smoothstep is half way out when it is half way down', () => {
    const steps = [part(0, 100, 0, 8), part(100, 200, 8, 0)];
    expect([0, 25, 50, 100, 150, 200].map((depth) => outAt(steps, depth))).toEqual([0, 1.25, 4, 8, 4, 0]);
    expect(outAt(steps, 201)).toBeNull();
});

it('with the directions of its ends a straight line stays straight', () => {
    const straight = [part(0, 10, 0, 5, [0.5, 0.5])];
    for (const depth of [2, 5, 9]) expect(outAt(straight, depth)).toBeCloseTo(depth / 2, 9);
});

it('a line has two ends, unless none of it is drawn', () => {
    expect(endsOf([part(0, 3, 0, 6), part(3, 6, 6, 7)])).toMatchObject({
        first: { out_at_top_nm: 0 },
        last: { out_at_end_nm: 7 },
    });
    expect(endsOf([])).toBeNull();
});
