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
    const shown = show(ChoiceBar, {
        fits: [],
        views: [],
        plan: plans.blend,
        choices: { take: { waist: 'sew' } },
    });
    const answers = shown.findAll<HTMLSelectElement>('select').map(({ element }) => element.value);
    expect(answers).toEqual(['drafted', 'up', 'level', 'curved', 'blend_first']);
    await shown.findAll('select')[2]?.setValue('best');
    expect(told(shown, 'change')).toEqual([{ take: { waist: 'sew' }, pick: 'best' }]);
});

it('a chooser that could change nothing says so, and why', () => {
    const shown = show(ChoiceBar, { fits: [], views: [], plan: plans.blend, choices: {} });
    expect(shown.findAll('.idle').map(words)).toEqual([
        expect.stringContaining('no effect: ease takes the nearest'),
    ]);
});

it('what stops a cut is marked, and stands before what asks for care', () => {
    const shown = show(BeforeYouCut, { plan: plans.complete, make: completeMake });
    const stops = shown.findAll('li:not(.why)').map((line) => line.classes('stops'));
    expect(stops).toEqual([...stops].sort((one, other) => Number(other) - Number(one)));
    expect(stops).toHaveLength(plans.complete.cautions.length);
    expect(shown.findAll('.why').map(words)).toEqual([
        'You set 14 at the hip; suggested: 12.',
        'Neck, shoulders, armholes in 12, and the sleeve’s head.',
    ]);
    const withoutSleeve = show(BeforeYouCut, { plan: { ...plans.complete, pieces: [] }, make: completeMake });
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

it('a pattern with several views and fits asks which ones, until they are chosen', async () => {
    const props = { views: ['A', 'B'], fits: ['slim', 'curvy'], plan: plans.blend };
    const shown = show(ChoiceBar, { ...props, choices: {} });
    expect(shown.findAll('.asked b').map(words)).toEqual(['Which view?', 'Which fit?']);
    await shown.findAll('.asked button')[3]?.trigger('click');
    expect(told(shown, 'change')).toEqual([{ fit: 'curvy' }]);
    await shown.setProps({ choices: { fit: 'curvy', view: 'A' } });
    expect(shown.find('.asked').exists()).toBe(false);
});

it('a loose garment is offered in one size, and a fuller front at the bust or at both', async () => {
    const complete = plans.complete;
    const [bust, ...others] = complete.levels;
    const opinion = { school: 'front_larger', name: 'halves', size: complete.sizes.at(-1), why: 'Fuller.' };
    const plan = {
        ...complete,
        roomy_in: '14',
        levels: [{ ...bust, size: complete.sizes[0], opinions: [opinion] }, ...others],
    };
    const shown = show(BeforeYouCut, { plan, make: { ...completeMake, choices: {} } });
    const offers = shown.findAll('.offer button');
    const changes = [];
    for (const offer of offers) {
        await offer.trigger('click');
        changes.push(...(told(shown, 'change') ?? []));
    }
    expect(changes).toEqual([
        { sizes: { bust: '14', waist: '14', hip: '14' } },
        { front_larger: { bust: 1 } },
        { front_larger: { bust: 1, waist: 1 } },
    ]);
    const said = show(BeforeYouCut, {
        plan: { ...plan, roomy_in: null },
        make: { ...completeMake, choices: { front_larger: { bust: 1 } } },
    });
    expect(said.find('.offer').exists()).toBe(false);
});
