import { expect, it } from 'vitest';
import type { Plan } from '../api/types';
import { heights } from './heights';

const cm = 10_000_000;

function plan(depths: Record<string, number>, levels = ['bust', 'waist', 'hip']): Plan {
    return {
        levels: levels.map((level) => ({ level })),
        stations: Object.entries(depths).map(([level, depth]) => ({ level, depth_nm: depth * cm })),
    } as unknown as Plan;
}

it('levels stand in their true spacing', () => {
    const page = heights(plan({ bust: 0, waist: 19, hip: 39 }), 60, 450);
    expect(page.trueToScale).toBe(true);
    expect(['bust', 'waist', 'hip'].map((name) => page.level(name as 'bust'))).toEqual([60, 250, 450]);
    expect(page.depth(9.5 * cm)).toBe(155);
});

it('they stand evenly where the paper is not measured, or where they would lie on each other', () => {
    const unmeasured = heights(plan({}), 60, 460);
    const crowded = heights(plan({ bust: 0, waist: 4, hip: 40 }), 60, 460);
    for (const page of [unmeasured, crowded]) {
        expect(page.trueToScale).toBe(false);
        expect(page.level('waist')).toBe(260);
    }
});

it('a skirt begins at the waist', () => {
    const page = heights(plan({ waist: 0, hip: 20 }, ['waist', 'hip']), 100, 300);
    expect([page.level('waist'), page.level('hip')]).toEqual([100, 300]);
});
