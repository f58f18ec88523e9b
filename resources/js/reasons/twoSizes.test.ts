// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { levelOf, plans } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import TwoSizes from './TwoSizes.vue';
import { twoSizes } from './twoSizes';

const names = (...of: Parameters<typeof twoSizes>): string[] => twoSizes(...of).map(({ size }) => size);

it('the two to weigh are those that the body lies between, those that were picked, or the next', () => {
    const waist = levelOf(plans.blend, 'waist');
    expect(names(waist)).toEqual(['16', '18']);
    expect(names(waist, ['20', '14'])).toEqual(['20', '14']);
    const last = waist.notches.at(-1)?.size ?? '';
    expect(names({ ...waist, chart: null, size: last })).toEqual([waist.notches.at(-2)?.size, last]);
});

it('each says what it prints and what it would leave over, and is cut by a press', async () => {
    const shown = show(TwoSizes, { plan: plans.blend, choices: { sizes: { hip: '14' } } });
    await shown.findAll('.which button')[1]?.trigger('click');
    const cells = shown
        .findAll('tbody tr')
        .slice(0, 6)
        .map((row) => row.findAll('th, td').map(words));
    expect(cells).toEqual([
        ['chart', '82 cm', '87 cm'],
        ['finished', '87 cm', '92 cm'],
        ['the pattern’s own ease', '+5 cm', '+5 cm'],
        ['room in it for you', '+2.5 cm', '+7.5 cm'],
        ['difference', '−2.5 cm', '+2.5 cm'],
        ['at each edge', '−0.65 cm', '+0.65 cm'],
    ]);
    await shown.findAll('tbody button')[0]?.trigger('click');
    expect(told(shown, 'change')).toEqual([{ sizes: { hip: '14', waist: '16' } }]);
});

it('front and back are cut unlike by one press, and alike again by the next', async () => {
    const shown = show(TwoSizes, { plan: plans.blend, choices: {} });
    const press = () => shown.findAll('button').at(-1)?.trigger('click');
    await press();
    expect(told(shown, 'change')).toEqual([{ front_larger: { bust: 1 } }]);
    await shown.setProps({ choices: { front_larger: { bust: 1 } } });
    await press();
    expect(told(shown, 'change')).toEqual([{ front_larger: { bust: 0 } }]);
});
