import { describe, expect, it } from 'vitest';
import {
    dragged,
    isOff,
    keepCalibration,
    keptCalibration,
    read,
    uncalibrated,
    type Spot,
} from './calibration';
import { matrix3d, projected, projection } from './lean';
import { atRest, mirrored, moved, relit, transformOf, turned, weighed } from './view';

const drawer = (kept: string | null) => {
    let held = kept;
    return { getItem: () => held, setItem: (_key: string, value: string) => (held = value) };
};

describe('the scale', () => {
    it('shows more pixels where a tape reads less at the pin than the pin says', () => {
        expect(read(4, 500, 400)).toBe(5);
        expect(read(4, 500, 500)).toBe(4);
    });

    it('takes the pin as it was dragged', () => {
        expect(dragged(500, 1750)).toBe(3.5);
    });

    it.each([read(4, 500, 0), read(4, 500, -4), read(4, 500, Number.NaN), dragged(100, 1)])(
        'refuses what can’t be true',
        (found) => {
            expect(found).toBeNull();
        },
    );

    it('is kept on the device with its zoom and how it leans, and what was spoilt there counts as nothing', () => {
        const here = drawer(null);
        expect(keptCalibration(here)).toBeNull();
        const square: Spot[] = [
            [0, 0],
            [10, 0],
            [10, 10],
            [0, 10],
        ];
        const kept = { across: 3.2, down: 3.3, ratio: 1.25, lean: { from: square, to: square } };
        keepCalibration(here, kept);
        expect(keptCalibration(here)).toEqual(kept);
        for (const spoilt of [
            '{',
            '3',
            '{"across":0,"down":3,"ratio":1}',
            '{"across":"3","down":3,"ratio":1}',
            'null',
        ]) {
            expect(keptCalibration(drawer(spoilt))).toBeNull();
        }
        expect(
            keptCalibration(drawer('{"across":3,"down":3,"ratio":1,"lean":{"from":[[1,2]],"to":[]}}'))?.lean,
        ).toBeNull();
    });

    it('is off with another zoom, until it is what it was', () => {
        expect([isOff(uncalibrated(1), 1.25), isOff(uncalibrated(1.25), 1.25)]).toEqual([true, false]);
    });
});

describe('a picture that leans', () => {
    const from: Spot[] = [
        [0, 0],
        [400, 0],
        [400, 300],
        [0, 300],
    ];
    const to: Spot[] = [
        [10, 5],
        [390, -8],
        [420, 310],
        [-15, 290],
    ];

    it('is bent so that its corners lie where they were dragged, and the lines between stay straight', () => {
        const bent = projection(from, to);
        for (const [at, spot] of from.entries()) {
            const [x, y] = projected(bent, spot);
            expect([x, y].map((one) => Math.round(one * 1e6) / 1e6)).toEqual(to[at]);
        }
        const [[ax, ay], [bx, by], [cx, cy]] = [
            projected(bent, [0, 0]),
            projected(bent, [130, 0]),
            projected(bent, [400, 0]),
        ];
        expect((bx - ax) * (cy - ay) - (by - ay) * (cx - ax)).toBeCloseTo(0, 6);
        // The crossing of the diagonals stays that.
        const middle = projected(bent, [200, 150]);
        const share = (middle[0] - 10) / (420 - 10);
        expect(middle[1]).toBeCloseTo(5 + share * (310 - 5), 6);
    });

    it('stays as it is where nothing was dragged', () => {
        const same = projection(from, from);
        expect(projected(same, [123, 45])[0]).toBeCloseTo(123, 9);
        expect(matrix3d([1, 0, 0, 0, 1, 0, 0, 0, 1])).toBe(
            'matrix3d(1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1)',
        );
    });
});

describe('the drawing on the mat', () => {
    it('comes back to where it was after four quarters, or as many degrees on as back, or two mirrors, or three looks', () => {
        expect(turned(turned(turned(turned(atRest))))).toEqual(atRest);
        expect(turned(turned(atRest, 0.1), -0.1)).toEqual(atRest);
        expect(turned(atRest, -1).turn).toBe(359);
        expect(mirrored(mirrored(atRest))).toEqual(atRest);
        expect(relit(relit(relit(atRest)))).toEqual(atRest);
        expect(turned(atRest).turn).toBe(90);
    });

    it('gets heavier and lighter, and stays at the ends', () => {
        expect(weighed(atRest, 1).weight).toBe(3);
        const heaviest = Array.from({ length: 9 }).reduce<typeof atRest>((view) => weighed(view, 1), atRest);
        const lightest = Array.from({ length: 9 }).reduce<typeof atRest>((view) => weighed(view, -1), atRest);
        expect([heaviest.weight, lightest.weight]).toEqual([6, 0.5]);
    });

    it('is moved by millimetres on the mat, whatever way it is turned', () => {
        const matrix = (view: typeof atRest): string =>
            transformOf(view, { across: 3, down: 3 }, 100, 200).split(' rotate')[0] ?? '';
        expect(matrix(moved(turned(atRest), 5, -2))).toBe('scale(3 3) translate(65 48)');
        expect(transformOf(mirrored(atRest), uncalibrated(1), 100, 200)).toContain(
            'scale(-1 1) translate(-50 -100)',
        );
    });
});
