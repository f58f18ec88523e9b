// @vitest-environment jsdom
import { nextTick } from 'vue';
import { expect, it } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import type { PatternDocument } from '../api/types';
import ChartGrid from './ChartGrid.vue';
import { lengthRows, rowsInSight } from './rows';

const document = {
    sizes: ['8', '10'],
    body_chart: { waist: ['66', '70'], bicep: ['27', '28'] },
    finished: {},
    fabric: {},
    levels: {},
    seam: {},
    finished_by: [{ view: 'A', finished: {} }],
} as unknown as PatternDocument;
const grid = (part: Partial<PatternDocument> = {}) =>
    show(ChartGrid, { modelValue: { ...document, ...part }, faults: [], kept: null, unit: 'cm' });
const names = (shown: ReturnType<typeof grid>): string[] =>
    shown
        .findAll('tbody th[scope="row"]')
        .map(words)
        .filter((name) => name !== 'take out');

it('rows that every chart has, and those with a figure, are in sight; the others are offered', () => {
    const typed = (path: readonly (string | number)[]): boolean =>
        path.at(-1) === 'bicep' && path[0] === 'body_chart';
    const { shown, offered } = rowsInSight(document, new Set(['finished.bicep']), typed);
    expect(shown.map(({ path }) => path.join('.'))).toEqual([
        'sizes',
        'body_chart.full_bust',
        'body_chart.waist',
        'body_chart.hip',
        'body_chart.bicep',
        'finished.full_bust',
        'finished.waist',
        'finished.hip',
        'finished.bicep',
        'finished_by.0.finished.full_bust',
        'finished_by.0.finished.waist',
        'finished_by.0.finished.hip',
    ]);
    expect(offered.map(({ name }) => name)).toEqual([
        'High bust',
        'Front width',
        'Sleeve, upper arm',
        ...lengthRows.map(({ name }) => name),
    ]);
});

it('a row is put in by a press, and the hand is in it', async () => {
    const shown = grid();
    expect(names(shown)).not.toContain('High bust');
    const offer = shown.findAll('.offered button').find((button) => words(button) === 'High bust');
    await offer?.trigger('click');
    await nextTick();
    expect(names(shown)).toContain('High bust');
    expect(shown.findAll('.offered button').map(words)).not.toContain('High bust');
});

it('what is offered for one view says so', () => {
    expect(grid().findAll('.offered button').map(words)).toContain('Sleeve, upper arm (view A)');
});

it('more lines than are in sight are pasted into the rows that there can be: nothing of them is lost', async () => {
    const shown = grid({ finished_by: null });
    const lines = Array.from({ length: 9 }, (_, n) => `${90 + n}\t${94 + n}`).join('\n');
    const clipboardData = { getData: () => lines };
    await shown.get('[data-cell="1:0"]').trigger('paste', { clipboardData });
    const [put] = (told(shown, 'update:modelValue') ?? []) as [PatternDocument];
    expect(put.body_chart.full_bust).toEqual(['90', '94']);
    expect(put.body_chart.high_bust).toEqual(['93', '97']);
    expect(put.finished.hip).toEqual(['98', '102']);
});

it('as many as are in sight go into those', async () => {
    const shown = grid({ finished_by: null });
    const clipboardData = { getData: () => '90\t94\n70\t74\n95\t99' };
    await shown.get('[data-cell="1:0"]').trigger('paste', { clipboardData });
    const [put] = (told(shown, 'update:modelValue') ?? []) as [PatternDocument];
    expect([put.body_chart.full_bust, put.body_chart.waist, put.body_chart.hip]).toEqual([
        ['90', '94'],
        ['70', '74'],
        ['95', '99'],
    ]);
});
