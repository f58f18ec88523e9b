import { describe, expect, it } from 'vitest';
import type { LevelPlan } from '../api/types';
import { nearestSize, notchAt, stepSize, tapeScales, ticks } from './scale';

const cm = 10_000_000;

function level(measure: number, charts: number[], finished: (number | null)[], size = '10'): LevelPlan {
    const names = ['8', '10', '12'];
    return {
        level: 'bust',
        size,
        measure_nm: measure * cm,
        as_cut_nm: null,
        notches: charts.map((chart, i) => ({
            size: names[i] ?? '',
            chart_nm: chart * cm,
            finished_nm: finished[i] === null ? null : Number(finished[i]) * cm,
        })),
    } as LevelPlan;
}

const bust = level(90, [84, 88, 92], [92, 96, 100]);
const waist = level(70, [66, 70, 74], [71, 75, 79]);

describe('the tapes', () => {
    it('share one scale, with the body on one plumb line', () => {
        const { plumb, across } = tapeScales([bust, waist], 444);
        expect(across[0]?.(90 * cm)).toBeCloseTo(plumb);
        expect(across[1]?.(70 * cm)).toBeCloseTo(plumb);
        // 6 cm to the left and 10 to the right of the plumb line over 400 pixels.
        expect((across[0]?.(91 * cm) ?? 0) - plumb).toBeCloseTo(25);
        expect((across[1]?.(71 * cm) ?? 0) - plumb).toBeCloseTo(25);
    });

    it('hold every notch, and a body beyond them all', () => {
        const far = level(120, [84, 88, 92], [92, 96, 100]);
        const { across } = tapeScales([far], 444);
        for (const value of [84, 100, 120]) {
            expect(across[0]?.(value * cm)).toBeGreaterThanOrEqual(22 - 1e-6);
            expect(across[0]?.(value * cm)).toBeLessThanOrEqual(422 + 1e-6);
        }
    });

    it('have no marks while they have no width', () => {
        expect(ticks(() => 0, 'cm', 0)).toEqual([]);
    });

    it('have a mark at every centimetre and a figure at every tenth, or every inch and fifth', () => {
        const across = (nm: number): number => (nm / cm) * 10;
        expect(
            ticks(across, 'cm', 300)
                .filter((t) => t.label !== null)
                .map((t) => t.label),
        ).toEqual(['0', '10', '20', '30']);
        expect(ticks(across, 'cm', 300)).toHaveLength(31);
        expect(ticks(across, 'in', 300).map((t) => Math.round(t.x))).toContain(25);
        expect(
            ticks(across, 'in', 300)
                .filter((t) => t.label !== null)
                .map((t) => t.label),
        ).toEqual(['0', '5', '10']);
    });

    it('have halves and quarters of an inch where there is room for them', () => {
        const wide = ticks((nm) => (nm / cm) * 10, 'in', 60);
        expect(wide.map(({ kind }) => kind)).toEqual([
            'fifth',
            'quarter',
            'half',
            'quarter',
            'whole',
            'quarter',
            'half',
            'quarter',
            'whole',
            'quarter',
        ]);
        expect(
            ticks((nm) => nm / cm, 'in', 60).every(({ kind }) => kind === 'fifth' || kind === 'whole'),
        ).toBe(true);
    });
});

describe('a clip', () => {
    it('snaps to the nearest finished girth', () => {
        const across = (nm: number): number => nm / cm;
        expect([93.9, 94.1, 0, 500].map((x) => nearestSize(bust, across, x))).toEqual(['8', '10', '8', '12']);
    });

    it('stands on the chart girth where no finished one is printed', () => {
        const open = level(90, [84, 88, 92], [92, null, 100]);
        expect(notchAt(open, '10')).toBe(88 * cm);
        expect(notchAt(open, '99')).toBeNull();
    });

    it('steps from size to size and stops at the ends', () => {
        expect([1, -1, 5, -5].map((steps) => stepSize(bust, steps))).toEqual(['12', '8', '12', '8']);
    });
});
