// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { completeMake, levelOf, plans } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { Choices, Make, Plan } from '../api/types';
import AlternativeList from './AlternativeList.vue';
import FramePart from './FramePart.vue';
import WordChoice from '../ui/WordChoice.vue';
import MoreChoices from './MoreChoices.vue';
import OpinionList from './OpinionList.vue';
import PaperWork from './PaperWork.vue';
import PiecesAndNeeds from './PiecesAndNeeds.vue';

const ways = (plan: Plan, choices: Choices = {}) => show(AlternativeList, { plan, choices });

it('every other way shows its sizes and the receipt of its cost, and one is on the bench', () => {
    const shown = ways(plans.blend);
    expect(shown.findAll('article h3').map(words)).toEqual([
        'Best',
        'One size',
        'Closest',
        'By the finished garment',
        'Brought nearer',
        'Only what you own',
    ]);
    expect(shown.findAll('.sizes').map(words)).toEqual([
        '14 – 18 – 14',
        '18',
        '14 – 18 – 14',
        '14 – 16 – 14',
        '16 – 18 – 14',
        '14',
    ]);
    expect(shown.findAll('.sum .cost').map(words)).toEqual([
        '9.65',
        '47.75',
        '9.65',
        '8.65',
        '11.80',
        '23.45',
    ]);
    expect(shown.findAll('.chosen h3').map(words)).toEqual(['Best', 'Closest']);
});

it('a way is taken with exactly its sizes and its adjustment; the best is left to the planner', async () => {
    const shown = ways({
        ...plans.blend,
        alternatives: plans.blend.alternatives.map((way) => ({
            ...way,
            chosen: false,
            adjusts_bust: way.name === 'one_size',
        })),
    });
    await shown.get('[aria-label="Cut these: One size"]').trigger('click');
    expect(told(shown, 'change')).toEqual([
        { sizes: { bust: '18', waist: '18', hip: '18' }, adjust_bust: true },
    ]);
    await shown.get('[aria-label="Cut these: Best"]').trigger('click');
    expect(told(shown, 'change')).toEqual([{ pick: 'best', sizes: {}, adjust_bust: null }]);
});

it('what the owned envelopes give is offered with what it lacks, and taken in its envelope', async () => {
    const [way] = plans.blend.owned_way === null ? [] : [plans.blend.owned_way];
    if (way === undefined) throw new Error('this plan needs an envelope that is not owned');
    const shown = ways({ ...plans.blend, owned_way: { ...way, range: 'small' } });
    const said = shown.get('article:last-of-type').findAll('p').map(words);
    expect(said).toContain('in small');
    expect(said).toContain('6.5 cm too little at the waist, 0.5 cm too little at the hip.');
    await shown.get('[aria-label="Cut these: Only what you own"]').trigger('click');
    expect(told(shown, 'change')).toEqual([
        { range: 'small', sizes: { bust: '14', waist: '14', hip: '14' }, adjust_bust: null },
    ]);
});

it('one size for all is left to whoever picks so, so that it stays one size', async () => {
    const shown = ways(plans.blend);
    await shown.get('[aria-label="Cut these: One size"]').trigger('click');
    expect(told(shown, 'change')).toEqual([{ pick: 'one_size', sizes: {}, adjust_bust: null }]);
});

it('how much work counts is weighed from fitting closer to working less', async () => {
    const shown = ways(plans.blend, { weights: { work: 0.5, further_step: 2 } });
    expect(shown.get('input').attributes('aria-valuetext')).toBe('fit closer');
    await shown.get('input').setValue('4');
    await shown.get('input').trigger('change');
    expect(told(shown, 'change')).toEqual([{ weights: { work: 4, further_step: 2 } }]);
});

it('every school says a size and its reason; those that the cut does not follow stand back', () => {
    const shown = show(OpinionList, { plan: plans.blend });
    const bust = shown.get('[aria-label="bust"]');
    const schools = levelOf(plans.blend, 'bust').opinions;
    expect(bust.findAll('dd').map(words)).toEqual(schools.map(({ why }) => why));
    expect(bust.findAll('b.other').map(words)).toEqual(
        schools.flatMap(({ size }) => (size === '14' ? [] : [size ?? '–'])),
    );
});

it.each([
    ['measure again', 'high bust', 'the high bust stands on the edge'],
    ['near the edge', 'high bust', 'the high bust is near the edge'],
    ['measure again', 'full bust', 'measure again'],
    ['firm', 'high bust', 'firm'],
    ['by_hand', 'full bust', 'set by hand'],
])('%s of the %s reads: %s', (sure, sure_of, says) => {
    const bust = { ...levelOf(plans.blend, 'bust'), sure, sure_of };
    const shown = show(OpinionList, { plan: { ...plans.blend, levels: [bust] } });
    expect(words(shown.get('h3 small'))).toBe(says);
});

it('a garment smaller than the body asks to stretch the cloth, never to sit in a tape closed tight', () => {
    const knit = { ...levelOf(plans.blend, 'waist'), ease_as_cut_nm: -30_000_000 };
    const text = words(show(OpinionList, { plan: { ...plans.blend, levels: [knit] } }));
    expect(text).toContain('The garment is 3 cm smaller than the body');
    expect(text).not.toContain('sit down');
});

it('a bust adjustment is told as it is made', async () => {
    const shown = show(FramePart, { plan: plans.complete, choices: { lead: 'cup' } });
    expect(words(shown)).toContain(
        'Full bust adjustment of 2.3 cm: slash and spread 1.15 cm on each front half.',
    );
    await shown.get('input[type=checkbox]').setValue(true);
    expect(told(shown, 'change')).toEqual([{ adjust_bust: true }]);
    await shown.get('button.link').trigger('click');
    expect(told(shown, 'change')).toEqual([{ lead: null }]);
});

it('a length is declined, set by hand, and left to the measures again', async () => {
    const plan = { ...plans.complete, above_waist_nm: -10_000_000, hem_nm: 0, sleeve_nm: null };
    const make = { ...completeMake, choices: { lengths: { hem: '0' } } };
    const faultAt = (field: string): string | null =>
        field === 'choices.lengths.sleeve' ? 'Too long.' : null;
    const shown = show(MoreChoices, { make, plan, faultAt });
    const rows = shown.findAll('tbody tr').map(words);
    const row = (title: string): string | undefined => rows.find((text) => text.startsWith(title));
    expect([row('above the waist'), row('hem'), row('sleeve')]).toEqual([
        'above the waist1 cm shorter leave it',
        'hemas it is as measured',
        'sleevenot knownToo long.',
    ]);
    await shown.get('[aria-label="leave it, above the waist"]').trigger('click');
    expect(told(shown, 'change')).toEqual([{ lengths: { hem: '0', above_waist: '0' } }]);
    await shown.get('[aria-label="as measured, hem"]').trigger('click');
    expect(told(shown, 'change')).toEqual([{ lengths: { hem: null } }]);
});

it('an envelope of another draft takes the clips on its predecessor’s sizes with it; what is chosen can be unchosen', async () => {
    const make = {
        ...completeMake,
        ranges: { regular: ['S', 'M'], curvy: ['M (curvy)'] },
        views: ['A'],
        fits: [],
        choices: { view: 'A', range: 'regular', sizes: { bust: 'M', hip: 'M (curvy)' } },
    } as Make;
    const shown = show(MoreChoices, { make, plan: plans.complete, faultAt: () => null });
    const [range, view] = shown.findAllComponents(WordChoice);
    range?.vm.$emit('update:modelValue', 'curvy');
    expect(told(shown, 'change')).toEqual([{ range: 'curvy', sizes: { hip: 'M (curvy)' } }]);
    range?.vm.$emit('update:modelValue', '');
    expect(told(shown, 'change')).toEqual([{ range: null }]);
    view?.vm.$emit('update:modelValue', '');
    expect(told(shown, 'change')).toEqual([{ view: null }]);
});

it('the steps stand in their order, each with what it is done by', () => {
    const shown = show(PaperWork, { plan: plans.blend });
    const bare = (text: string): string => text.replace(/\s+/g, '');
    // What is drawn beside a step says its amounts once more.
    shown.findAll('.step-picture').forEach(({ element }) => {
        element.remove();
    });
    expect(shown.findAll('.work > li').map((step) => bare(words(step)))).toEqual(
        plans.blend.work.steps.map(({ short, how }) => bare([short, ...how].join(''))),
    );
});

it('a piece reads its sizes from the top down, and what is changed on it', () => {
    const first = plans.complete.pieces[0];
    const shown = show(PiecesAndNeeds, { plan: plans.complete });
    expect(shown.findAll('tbody th').map(words)).toEqual(['front C × 2', 'front C lining', 'sleeve']);
    expect(words(shown.get('tbody tr td:nth-child(3)'))).toBe(first?.changes.join(', '));
    expect(words(show(PiecesAndNeeds, { plan: { ...plans.complete, pieces: [] } }))).toContain(
        'No pieces are listed yet',
    );
});
