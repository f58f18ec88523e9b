// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import HistoryTable from './HistoryTable.vue';

const make = {
    id: 1,
    title: 'Ferry dress',
    pattern: 'Causeway dress 114',
    cloth: 'undyed linen',
    stage: 'worn',
    stage_on: '2026-10-01',
    begun_on: '2026-08-02',
    sizes: { bust: '12', waist: '14' },
    verdict: {
        levels: { bust: 'tight', waist: 'right', hip: 'loose' },
        ease: { waist: '6 cm' },
        note: 'Swings well.',
        again: true,
    },
    changes: ['Shorten the hem by 2 cm'],
};
const row = (part: object): string[] =>
    show(HistoryTable, { history: { makes: [{ ...make, ...part }] } })
        .findAll('tbody tr > *')
        .map(words);

it('a make says how it was cut, how it wore at each level, and what was found', () => {
    expect(row({})).toEqual([
        'Ferry dressCauseway dress 114, undyed linen',
        'worn 1 Oct 2026',
        '12▸ tight',
        '14✓ right, 6 cm',
        '–◂ loose',
        'Shorten the hem by 2 cmSwings well.',
        'yes',
    ]);
});

it('one that is begun and not worn yet says so, and no more than is known', () => {
    expect(
        row({
            title: 'Causeway dress 114',
            cloth: '',
            stage: null,
            stage_on: null,
            verdict: { again: null },
            changes: [],
        }),
    ).toEqual(['Causeway dress 114', 'planned 2 Aug 2026', '12', '14', '–', '', '–']);
});

it('what is not to be made again is said as well', () => {
    expect(row({ verdict: { again: false } }).at(-1)).toBe('no');
});
