// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { completeMake, plans } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { Make } from '../api/types';
import BeforeYouCut from './BeforeYouCut.vue';
import CardChoice from './CardChoice.vue';
import ChoiceBar from './ChoiceBar.vue';
import NewerCard from './NewerCard.vue';

it('each chooser shows what is in force, and changes nothing but its own', async () => {
    const shown = show(ChoiceBar, { fits: [], plan: plans.blend, choices: { take: { waist: 'sew' } } });
    const answers = shown.findAll<HTMLSelectElement>('select').map(({ element }) => element.value);
    expect(answers).toEqual(['drafted', 'up', 'level', 'curved', 'blend_first']);
    await shown.findAll('select')[2]?.setValue('best');
    expect(told(shown, 'change')).toEqual([{ take: { waist: 'sew' }, pick: 'best' }]);
});

it('a chooser that could change nothing says so, and why', () => {
    const shown = show(ChoiceBar, { fits: [], plan: plans.blend, choices: {} });
    expect(shown.findAll('.idle').map(words)).toEqual([
        expect.stringContaining('no effect: ease takes the nearest'),
    ]);
});

it('what stops a cut is marked, and stands before what asks for care', () => {
    const shown = show(BeforeYouCut, { plan: plans.complete });
    const stops = shown.findAll('li:not(.why)').map((line) => line.classes('stops'));
    expect(stops).toEqual([...stops].sort((one, other) => Number(other) - Number(one)));
    expect(stops).toHaveLength(plans.complete.cautions.length);
    expect(shown.findAll('.why').map(words)).toEqual([
        'You set 14 at the hip; by itself it would pick 12.',
        'Neck, shoulder and armhole stay in 12, and the sleeve’s head.',
    ]);
    const withoutSleeve = show(BeforeYouCut, { plan: { ...plans.complete, pieces: [] } });
    expect(withoutSleeve.text()).not.toContain('sleeve’s head');
});

const cards = [
    { id: 3, taken_on: '2026-11-20', age_days: 3, foundation: 'vest', measured: 5 },
    { id: 2, taken_on: '2026-10-01', age_days: 53, foundation: '', measured: 4 },
    { id: 1, taken_on: '2026-09-01', age_days: 83, foundation: '', measured: 0 },
];

it('a make goes by any card that has figures on it', async () => {
    const shown = show(CardChoice, { make: { ...completeMake, card_id: 2, cards } as Make });
    expect(shown.findAll('option').map(words)).toEqual(['20 Nov 2026, vest', '1 Oct 2026']);
    await shown.get('select').setValue('3');
    expect(told(shown, 'change')).toEqual([3]);
});

it('with one card there is nothing to choose: it is only told', () => {
    const shown = show(CardChoice, { make: completeMake });
    expect(words(shown)).toBe('measured 23 Nov 2026, soft bra');
    expect(shown.find('select').exists()).toBe(false);
});

it('a newer card says what it would change before it is taken', async () => {
    const newer = {
        id: 9,
        taken_on: '2026-11-25',
        measures: ['waist 84.5 → 86 cm'],
        headline: '14 all the way.',
    };
    const shown = show(NewerCard, { newer });
    expect(words(shown)).toBe(
        'A newer card was taken on 25 Nov 2026: waist 84.5 → 86 cm. With it: 14 all the way.Plan from it',
    );
    await shown.get('button').trigger('click');
    expect(told(shown, 'take')).toEqual([9]);
});

it('a pattern drafted for several fits asks which one, until one is chosen', async () => {
    const shown = show(ChoiceBar, { fits: ['slim', 'curvy'], plan: plans.blend, choices: {} });
    await shown.findAll('.fits button')[1]?.trigger('click');
    expect(told(shown, 'change')).toEqual([{ fit: 'curvy' }]);
    await shown.setProps({ choices: { fit: 'curvy' } });
    expect(shown.find('.fits').exists()).toBe(false);
});
