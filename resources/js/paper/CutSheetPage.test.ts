// @vitest-environment jsdom
import { expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { show } from '../../../tests/Front/show';
import CutSheetPage from './CutSheetPage.vue';

const sheet = {
    headline: '12 all the way.',
    cut_from: ['cup C', 'view B'],
    stations: { front: [], back: null, is_from_nest: false },

    card_taken_on: '2026-11-20',
    card_foundation: '',
    cautions: [{ code: 'waist_tight', level: 'waist', stops: true, text: 'The waist will not close.' }],
    stages: [],
    levels: [],
    steps: [
        {
            key: 'draw-1',
            step: {
                id: 'draw',
                kind: 'draw',
                short: 'Draw the side seam.',
                how: [],
                pieces: ['front'],
                amounts: [
                    {
                        at: 'waist',
                        piece: 'front and back',
                        edge: 'each edge',
                        amount_nm: 5_000_000,
                        is_measured: true,
                        way: 'out',
                        per: 4,
                        total_nm: 20_000_000,
                        on: null,
                    },
                    {
                        at: 'hip',
                        piece: '',
                        edge: 'each edge',
                        amount_nm: 400_000,
                        is_measured: false,
                        way: 'in',
                        per: 4,
                        total_nm: 0,
                        on: 'line 14',
                    },
                ],
            },
        },
        {
            key: 'adjust-1',
            step: {
                id: 'adjust',
                kind: 'adjust',
                short: 'Adjust.',
                how: [],
                pieces: [],
                amounts: [],
            },
        },
    ],
    to_cloth: 'trace',
    picture: { width: 270, height: 400, svg: '<svg/>', note: 'Drawn from the girths.' },
    why: 'You chose it.',
    pieces: [],
    checks: [{ what: 'waist to hem', length_nm: 600_000_000 }],
    missing: [
        {
            field: 'pattern.seam.hip_to_hem',
            asked: 'The pattern’s hip to hem',
            what_for: 'marks down to the hem',
        },
    ],
    toile: 'A toile of the bodice is worth its hour.',
    try_first: null,
    try_first_ways: [{ value: 'lining', label: 'the lining, tacked' }],
    sleeve_first: false,
    needs: [
        { key: 'main cloth', name: 'main cloth', view: null, text: '2 m', amount_nm: null, width_nm: null },
    ],
};

const choose = vi.fn();
// What leads elsewhere needs the whole application around it.
vi.mock('./MakeLinks.vue', () => ({ default: { render: () => null } }));
vi.mock('../ui/Crumbs.vue', () => ({ default: { render: () => null } }));
vi.mock('./useCutSheet', () => ({
    useCutSheet: () => ({
        sheet: ref(sheet),
        done: ref({}),
        refused: ref(null),
        labels: ref('shown'),
        load: vi.fn(),
        hide: vi.fn(),
        tick: vi.fn(),
        choose,
    }),
}));

it('tells cautions, what to try first and what to buy of a pattern whose pieces are not listed', () => {
    const shown = show(CutSheetPage, { id: 3 });
    expect(shown.text()).toContain('The waist will not close.');
    expect(shown.text()).toContain('A toile of the bodice');
    expect(shown.text()).toContain('2 m');
    expect(shown.find('#cut-sheet-cautions').exists()).toBe(true);
    expect(shown.text()).toContain('No pieces are listed yet');
    expect(shown.find('.pieces').exists()).toBe(false);
});

it('the amount of one edge is the bold one, its place beside it, the whole small; what lies on a line names it', () => {
    const shown = show(CutSheetPage, { id: 3 });
    const amount = shown.get('.amounts li');
    expect(amount.get('b').text().replace(/\s+/g, ' ')).toBe('0.5 cm');
    expect(amount.text().replace(/\s+/g, ' ')).toContain('out waist, each edge, 2 cm in all');
    expect(shown.findAll('.amounts li')[1]?.text().replace(/\s+/g, ' ')).toBe('on line 14 hip, each edge');
    expect(shown.text()).toContain('waist to hem');
    expect(shown.text()).toContain('hip to hem: for marks down to the hem');
});

it('the line to cut stands beside the steps, the tape is held before the first of them', () => {
    const shown = show(CutSheetPage, { id: 3 });
    expect(shown.get('figure img').attributes('src')).toBe('data:image/svg+xml,%3Csvg%2F%3E');
    expect(shown.get('figure').text()).toContain('Drawn from the girths.');
    const all = shown.text();
    expect(all.indexOf('hold the tape against the paper')).toBeLessThan(all.indexOf('Draw the side seam.'));
});

it('how it gets to the cloth is chosen on the sheet; new pieces are printed only of a pattern whose own lines are known', async () => {
    const shown = show(CutSheetPage, { id: 3 });
    const select = shown.get('.tools select');
    expect(select.findAll('option').map((option) => option.text())).toEqual([
        'traced onto paper',
        'drawn on the print',
        'projected onto the cloth',
    ]);
    await select.setValue('project');
    expect(choose).toHaveBeenCalledWith({ paper: 'project' });
});

it('what is tried first and whether the sleeve comes first are chosen where the work is told', async () => {
    const shown = show(CutSheetPage, { id: 3 });
    const tries = shown.findAll('select').at(-1);
    expect(tries?.findAll('option').map((option) => option.text())).toEqual([
        'as advised',
        'the lining, tacked',
    ]);
    await tries?.setValue('lining');
    await tries?.setValue('');
    const sleeve = shown.findAll('.tools label').find((label) => label.text() === 'the sleeve first');
    await sleeve?.get('input').setValue(true);
    expect(choose.mock.calls.slice(-3)).toEqual([
        [{ try_first: 'lining' }],
        [{ try_first: null }],
        [{ sleeve_first: true }],
    ]);
});
