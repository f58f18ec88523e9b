import { expect, it } from 'vitest';
import type { LevelPlan, Plan } from '../api/types';
import { withClips } from './clipped';

const level = (name: 'bust' | 'waist', size: string): LevelPlan =>
    ({
        level: name,
        size,
        clipped: false,
        changed_nm: 5,
        measure_nm: 80,
        as_cut_nm: 95,
        ease_as_cut_nm: 15,
        notches: [
            { size: '12', chart_nm: 80, finished_nm: 90 },
            { size: '14', chart_nm: 84, finished_nm: 94 },
            { size: '16', chart_nm: 88, finished_nm: null },
        ],
    }) as unknown as LevelPlan;
const plan = { headline: 'as it was', levels: [level('bust', '12'), level('waist', '12')] } as Plan;

it('a clip stands at once where it was put; what it comes to is not known before it is answered', () => {
    const now = withClips(plan, { waist: '14' });
    expect(now.levels[1]).toMatchObject({
        size: '14',
        clipped: true,
        isAwaited: true,
        changed_nm: 0,
        as_cut_nm: null,
        ease_as_cut_nm: null,
        left_over_nm: null,
    });
    expect(now.levels[0]).toBe(plan.levels[0]);
});

it('a plan whose clips stand already, or that has no such size, stays as it is', () => {
    expect(withClips(plan, undefined)).toBe(plan);
    expect(withClips(plan, { waist: '12' })).toBe(plan);
    expect(withClips(plan, { waist: '99' })).toBe(plan);
});
