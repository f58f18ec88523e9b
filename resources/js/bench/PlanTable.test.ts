// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { levelOf, plans } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { Choices, Plan } from '../api/types';
import PlanTable from './PlanTable.vue';

const table = (plan: Plan, choices: Choices = {}, unit: 'cm' | 'in' = 'cm') =>
    show(PlanTable, { plan, choices, unit, faultAt: () => null }, unit);
const cells = (plan: Plan, row: number, unit: 'cm' | 'in' = 'cm'): string[] =>
    table(plan, {}, unit)
        .findAll('tbody tr')
        .flatMap((line, at) => (at === row ? line.findAll('th, td:not(.says)').map(words) : []));

it('reads body, chart, cut, garment as cut and the room in it, level by level', () => {
    expect(cells(plans.blend, 1)).toEqual([
        'Waist must fit',
        '84.5',
        '18 16–18',
        '18',
        '89.5',
        '+5pattern’s own +5',
    ]);
    expect(cells(plans.blend, 0)).toEqual([
        'Bust must fit',
        '95.5',
        '14 12–14',
        '14',
        '104',
        '+8.5pattern’s own +8',
    ]);
});

it('without finished figures there is no column for them, and the bust is cut in the size of the frame', () => {
    expect(cells(plans.frame, 0, 'in')).toEqual(['Bust should fit', '41 1/4', '20 18–20', '16']);
});

it('a clip is told as one set by hand, and is taken off there', async () => {
    const shown = table(plans.complete);
    await shown.get('[aria-label="by hand ×, take the clip off the hip"]').trigger('click');
    expect(told(shown, 'unclip')).toEqual(['hip']);
});

it('a size that the level would not pick itself names the one it would', () => {
    const waist = { ...levelOf(plans.blend, 'waist'), own: '20' };
    const shown = table({ ...plans.blend, levels: [waist] });
    expect(words(shown.get('td.cut'))).toBe('18 suggested: 20');
});

it('the ease one likes has its column where sizes go by it, in the unit of the make', async () => {
    expect(table(plans.blend).find('.liked').exists()).toBe(false);
    const shown = table(plans.complete, { liked_ease: { bust: '7' } });
    expect(shown.get('thead').text()).toContain('room you like, cm');
    const field = shown.get<HTMLInputElement>('[aria-label="Ease you like at the bust"]');
    expect(field.element.value).toBe('7');
    await field.setValue('6 1/2');
    await field.trigger('change');
    expect(told(shown, 'like')).toEqual(['bust', '6 1/2']);
});
