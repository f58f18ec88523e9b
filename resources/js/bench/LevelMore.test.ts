// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { levelOf, plans } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { Choices } from '../api/types';
import LevelMore from './LevelMore.vue';

async function opened(choices: Choices, faults: Record<string, string> = {}) {
    const faultAt = (field: string): string | null => faults[field] ?? null;
    const shown = show(LevelMore, { level: levelOf(plans.blend, 'waist'), choices, unit: 'cm', faultAt });
    await shown.get('button').trigger('click');
    return shown;
}

it.each([
    ['waist, by hand, front', '0.5', { by_hand: { hip: { back: '1' }, waist: { front: '0.5', back: '2' } } }],
    ['waist, by hand, back', '', { by_hand: { hip: { back: '1' }, waist: { back: null } } }],
    [
        'waist, by hand, in all',
        '2 cm',
        { by_hand: { hip: { back: '1' }, waist: { back: '2', in_all: '2 cm' } } },
    ],
    ['waist, at the centre back alone', '1', { centre_back: { waist: '1' } }],
    ['waist, least room', '3', { least_ease: { bust: '4', waist: '3' } }],
    ['waist, a garment you like, laid flat', '44', { own_garment: { waist: '44' } }],
])('%s is kept beside what was there', async (label, typed, change) => {
    const shown = await opened({
        by_hand: { hip: { back: '1' }, waist: { back: '2' } },
        least_ease: { bust: '4' },
    });
    const field = shown.get(`[aria-label="${label}"]`);
    await field.setValue(typed);
    await field.trigger('change');
    expect(told(shown, 'change')).toEqual([change]);
});

it('front and back are cut unlike by so many sizes', async () => {
    const shown = await opened({ front_larger: { bust: 1 } });
    expect(shown.get<HTMLSelectElement>('select').element.value).toBe('0');
    await shown.get('select').setValue('-2');
    expect(told(shown, 'change')).toEqual([{ front_larger: { bust: 1, waist: -2 } }]);
});

it('a fault inside is told outside too, where it is seen', async () => {
    const shown = await opened({}, { 'choices.centre_back.waist': 'It takes 2.5 cm at most.' });
    expect(words(shown.get('[role=alert]'))).toBe('It takes 2.5 cm at most.');
    expect(shown.get('[aria-label="waist, at the centre back alone"]').attributes('aria-invalid')).toBe(
        'true',
    );
});
