import { describe, expect, it } from 'vitest';
import type { ChartPreview } from '../api/types';
import {
    calledBy,
    chartOf,
    isTable,
    learned,
    lookedOver,
    plainBlock,
    taken,
    withTable,
    type LookedOver,
} from './preview';
import { emptyDocument } from './grid';

const looked = (sizes: string[], envelope: string | null = null, bust = ['84', '88', '92']): LookedOver => ({
    sizes,
    alsoCalled: null,
    rows: [
        { place: 'body_chart.full_bust', of: null, cells: bust },
        { place: null, of: null, cells: ['1', '2', '3'] },
    ],
    envelope,
    groups: [],
});

describe('what was looked over', () => {
    it('fills an empty chart, and leaves out the rows nobody placed', () => {
        const chart = taken(emptyDocument(), looked(['8', '10', '12']));
        expect(chart.sizes).toEqual(['8', '10', '12']);
        expect(chart.body_chart).toEqual({ full_bust: ['84', '88', '92'] });
    });

    it('finds the sizes that are here by their names, and adds the others behind', () => {
        const here = { ...emptyDocument(), sizes: ['8', '10'], body_chart: { waist: ['66', '70'] } };
        const chart = taken(here, looked(['10', '12', '14']));
        expect(chart.sizes).toEqual(['8', '10', '12', '14']);
        expect(chart.body_chart).toEqual({
            waist: ['66', '70', null, null],
            full_bust: [null, '84', '88', '92'],
        });
    });

    it('makes a letter that stands in another envelope a size of its own', () => {
        const here = { ...emptyDocument(), sizes: ['S', 'M'], body_chart: { full_bust: ['80', '84'] } };
        const chart = taken(here, looked(['M', 'L', 'XL'], 'curvy'));
        expect(chart.sizes).toEqual(['S', 'M', 'M (curvy)', 'L', 'XL']);
        expect(chart.body_chart.full_bust).toEqual(['80', '84', '84', '88', '92']);
        expect(chart.ranges).toEqual([
            { name: 'first envelope', sizes: ['S', 'M'] },
            { name: 'curvy', sizes: ['M (curvy)', 'L', 'XL'] },
        ]);
    });

    it('puts finished figures of one view or fit where that view or fit is, for a cup as well', () => {
        const rows = [
            { place: 'finished.hip', of: { view: 'A', fit: null }, cells: ['101', '105'] },
            { place: 'finished.full_bust', of: { view: 'A', fit: null }, cells: ['94', '98'] },
            { place: 'finished.hip', of: { view: 'B', fit: 'Slim' }, cells: ['99', '103'] },
            { place: 'cups.finished.C', of: { view: 'A', fit: null }, cells: ['97', '101'] },
        ];
        const here = { ...emptyDocument(), views: ['A'], finished_by: [{ view: 'A', finished: {} }] };
        const chart = taken(here, { ...looked(['8', '10']), rows });
        expect([chart.views, chart.fits]).toEqual([['A', 'B'], ['Slim']]);
        expect(chart.finished_by).toEqual([
            { view: 'A', finished: { hip: ['101', '105'], full_bust: ['94', '98'] } },
            { view: 'B', fit: 'Slim', finished: { hip: ['99', '103'] } },
            { view: 'A', cup: 'C', finished: { full_bust: ['97', '101'] } },
        ]);
    });

    it('makes groups that are printed apart envelopes, each a draft of its own', () => {
        const groups = [
            { name: 'Misses', sizes: ['8', '10'] },
            { name: 'Plus', sizes: ['18W'] },
        ];
        expect(taken(emptyDocument(), { ...looked(['8', '10', '18W']), groups }).ranges).toEqual([
            { name: 'Misses', sizes: ['8', '10'] },
            { name: 'Plus', sizes: ['18W'], draft: 'Plus' },
        ]);
    });

    it('writes nothing over with an empty cell', () => {
        const here = { ...emptyDocument(), sizes: ['8'], body_chart: { full_bust: ['84'] } };
        expect(taken(here, looked(['8'], null, [''])).body_chart.full_bust).toEqual(['84']);
    });
});

describe('a paste', () => {
    it.each([
        [
            '84\t88\n66\t70',
            [
                ['84', '88'],
                ['66', '70'],
            ],
        ],
        ['84\n88\n', [['84'], ['88']]],
        ['84\t\t37 1/2', [['84', '', '37 1/2']]],
        ['Bust\t84', null],
        ['84', null],
        ['84 88 92', null],
        ['84  88\n66  70', null],
    ])('%j is spread as it is, or looked over first', (text, block) => {
        expect(plainBlock(text)).toEqual(block);
    });

    it.each([
        ['37 3/4', false],
        ['95,5', false],
        ['Bust 84 88 92 96', true],
        ['84\t88', true],
        ['Bust;84;88', true],
    ])('%j is a table or one cell’s typing', (text, table) => {
        expect(isTable(text)).toBe(table);
    });
});

it('what was put into its row by hand is remembered by the words of the chart', () => {
    const row = (label: string, place: string | null) => ({ label, place, doubt: null, cells: [] });
    const preview = {
        sizes: [],
        rows: [
            row('Bust', 'body_chart.full_bust'),
            row('Girth two', null),
            row('', null),
            row('Length', null),
        ],
    } as unknown as ChartPreview;
    const places = ['body_chart.full_bust', 'body_chart.hip', 'body_chart.waist', null];
    const set = {
        sizes: [],
        envelope: null,
        alsoCalled: null,
        groups: [],
        rows: places.map((place) => ({ place, of: null, cells: [] })),
    };
    expect(learned(preview, set)).toEqual({ 'Girth two': 'body_chart.hip' });
});

describe('sizes that have several names', () => {
    const preview = {
        sizes: ['34', '36'],
        other_names: [
            ['8', '10'],
            ['S', 'M'],
        ],
        ranges: [],
        rows: [{ place: 'body_chart.waist', of: null, table: 0, cells: [{ text: '66' }, { text: '70' }] }],
    } as unknown as ChartPreview;

    it('are called by the one that is picked, and keep the others as second names', () => {
        expect(calledBy(preview, 0)).toEqual({ sizes: ['34', '36'], alsoCalled: ['8 / S', '10 / M'] });
        const chart = taken(emptyDocument(), { ...lookedOver(preview), ...calledBy(preview, 1) });
        expect(chart.sizes).toEqual(['8', '10']);
        expect(chart.also_called).toEqual(['34 / S', '36 / M']);
        expect(chart.body_chart.waist).toEqual(['66', '70']);
        expect(calledBy({ ...preview, other_names: [] }, 0).alsoCalled).toBeNull();
    });
});

describe('a table of several', () => {
    const row = (place: string | null, table: number) => ({ place, table, cells: [{ text: '84' }] });
    const preview = {
        sizes: ['8'],
        other_names: [],
        rows: [
            row('body_chart.full_bust', 0),
            row('finished.full_bust', 1),
            row('body_chart.high_bust', 1),
            row(null, 1),
        ],
    } as unknown as ChartPreview;
    const places = (looked: ReturnType<typeof lookedOver>) => looked.rows.map(({ place }) => place);

    it('goes into one chart as a whole, without the rows that the chart does not have', () => {
        const moved = withTable(preview, lookedOver(preview), 1, 'finished');
        expect(places(moved)).toEqual(['body_chart.full_bust', 'finished.full_bust', null, null]);
        expect(chartOf(preview, moved, 1)).toBe('finished');
        expect(chartOf(preview, lookedOver(preview), 1)).toBeNull();
    });

    it('comes back to where its rows were when it was left out', () => {
        const out = withTable(preview, lookedOver(preview), 1, null);
        expect(places(out)).toEqual(['body_chart.full_bust', null, null, null]);
        expect(places(withTable(preview, out, 1, 'body_chart'))).toEqual([
            'body_chart.full_bust',
            'body_chart.full_bust',
            'body_chart.high_bust',
            null,
        ]);
    });
});
