// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { levelOf, plans } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { Choices, LevelPlan } from '../api/types';
import LevelChanges from './LevelChanges.vue';

const changes = (
    level: LevelPlan,
    choices: Choices = {},
    faultAt: (field: string) => string | null = () => null,
) => show(LevelChanges, { level, choices, method: 'slash', unit: 'cm', faultAt });

it('what is left over is decided beside it, and the other levels keep what was decided there', async () => {
    const shown = changes(levelOf(plans.blend, 'waist'), { take: { bust: 'leave' } });
    expect(words(shown)).toContain('take in 0.65 cm an edge');
    await shown.get('select').setValue('sew');
    expect(told(shown, 'change')).toEqual([{ take: { bust: 'leave', waist: 'sew' } }]);
});

it('a bust adjustment is made in one of two ways', async () => {
    const shown = changes({ ...levelOf(plans.complete, 'bust'), left_over_nm: null });
    expect(words(shown)).toContain('out 1.15 cm at the front edges for the bust');
    await shown.get('select').setValue('pivot');
    expect(told(shown, 'change')).toEqual([{ method: 'pivot' }]);
});

it('all that is changed beside it is told, one by one', () => {
    const text = words(changes(levelOf(plans.complete, 'waist')));
    expect(text).toContain('0.1 cm at the centre back');
    expect(text).toContain('by hand 0.6 cm narrower');
    expect(text).toContain('front 18, back 14');
});

it('a level that fits, and one that follows, have nothing to do', () => {
    const fits = { ...levelOf(plans.frame, 'waist') };
    expect(words(changes(fits))).toBe('nothing more…');
    expect(words(changes({ ...fits, follows: true, left_over_nm: null }))).toBe(
        'free here: nothing to do more…',
    );
});

it('a fault is told at the answer that is at fault', () => {
    const shown = changes(levelOf(plans.blend, 'waist'), {}, (field) =>
        field === 'choices.take.waist' ? 'No such way.' : null,
    );
    expect(words(shown.get('[role=alert]'))).toBe('No such way.');
    expect(shown.get('select').attributes('aria-invalid')).toBe('true');
});
