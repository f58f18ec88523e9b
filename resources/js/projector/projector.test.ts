import { describe, expect, it } from 'vitest';
import { dragged, keepCalibration, keptCalibration, measured, uncalibrated } from './calibration';
import { atRest, flipped, moved, transformOf, turned, weighed } from './view';

const drawer = (kept: string | null) => {
    let held = kept;
    return { getItem: () => held, setItem: (_key: string, value: string) => (held = value) };
};

describe('calibration', () => {
    it('shows more pixels where a square came out smaller than it was meant', () => {
        const seen = measured({ across: 4, down: 4 }, 100, { across: 80, down: 100 });
        expect(seen).toEqual({ across: 5, down: 4 });
    });

    it('takes the square as it was dragged', () => {
        expect(dragged(100, 350, 360)).toEqual({ across: 3.5, down: 3.6 });
    });

    it.each([
        [measured(uncalibrated, 100, { across: 0, down: 100 })],
        [measured(uncalibrated, 100, { across: -4, down: 100 })],
        [measured(uncalibrated, 100, { across: Number.NaN, down: 100 })],
        [dragged(100, 1, 400)],
    ])('refuses what can’t be true', (calibration) => {
        expect(calibration).toBeNull();
    });

    it('is kept on the device, and what was spoilt there counts as nothing', () => {
        const here = drawer(null);
        expect(keptCalibration(here)).toBeNull();
        keepCalibration(here, { across: 3.2, down: 3.3 });
        expect(keptCalibration(here)).toEqual({ across: 3.2, down: 3.3 });
        for (const spoilt of ['{', '3', '{"across":0,"down":3}', '{"across":"3","down":3}', 'null']) {
            expect(keptCalibration(drawer(spoilt))).toBeNull();
        }
    });
});

describe('the drawing on the mat', () => {
    it('comes back to where it was after four turns or two flips', () => {
        expect(turned(turned(turned(turned(atRest))))).toEqual(atRest);
        expect(flipped(flipped(atRest))).toEqual(atRest);
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
        expect(transformOf(flipped(atRest), uncalibrated, 100, 200)).toContain(
            'scale(-1 1) translate(-50 -100)',
        );
    });
});
