// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import type { History, Point, PointHistory, WearerPage } from '../api/types';
import StandMini from '../measure/StandMini.vue';
import HistoryTable from './HistoryTable.vue';
import WearerStand from './WearerStand.vue';

const point = (code: string, name: string, y: number): Point =>
    ({
        code,
        name,
        view: 'front',
        stand: { tape: `M66 ${y}Q130 ${y + 20} 194 ${y}`, hidden: 'M0 0', outline: 'M0 0', pole: null },
    }) as Point;
const guide = [
    point('full_bust', 'Full bust', 131),
    point('waist', 'Waist', 197),
    { ...point('height', 'Height', 26), stand: { tape: 'M20 26L20 356', hidden: null } as Point['stand'] },
];
const card = {
    measures: [
        { point: 'full_bust', length_nm: 920_000_000 },
        { point: 'waist', length_nm: 740_000_000 },
        { point: 'height', length_nm: 1_680_000_000 },
    ],
} as unknown as WearerPage['cards'][number];
const history = (lengths: number[]): PointHistory =>
    ({
        point: 'waist',
        days: ['2026-05-11', '2026-08-02', '2026-11-17'],
        length_nm: lengths,
    }) as PointHistory;

it('the newest figures stand beside the stand, what is no girth below it', () => {
    const shown = show(WearerStand, { guide, card, histories: [] });
    expect(shown.findAll('.figure').map(words)).toEqual(['92 cm', '74 cm']);
    expect(shown.get('svg').attributes('aria-label')).toBe('On a dress stand: Full bust 92 cm, Waist 74 cm');
    expect(words(shown.get('figcaption'))).toBe('height 168 cm');
    expect(shown.find('polyline').exists()).toBe(false);
});

it('how a figure went from card to card is a small line with its day, in the unit in use', () => {
    const shown = show(WearerStand, {
        guide,
        card,
        histories: [history([760_000_000, 750_000_000, 740_000_000])],
    });
    expect(words(shown.get('.since'))).toBe('−2 cm since 11 May 2026');
    expect(shown.get('polyline').attributes('points')?.split(' ').length).toBe(3);
    const same = show(
        WearerStand,
        { guide, card, histories: [history([740_000_000, 750_000_000, 740_000_000])] },
        'in',
    );
    expect(words(same.get('.since'))).toBe('as on 11 May 2026');
    expect(words(same.get('.figure'))).toBe('36 1/4 in');
});

it('in the workroom a stand tells what is measured, not how much', () => {
    const tapes = (points: string[]): number => show(StandMini, { points }).findAll('.tape').length;
    expect([tapes([]), tapes(['waist']), tapes(['waist', 'hip', 'full_bust', 'bicep'])]).toEqual([0, 1, 3]);
});

it('what was made says how it wore, level by level', () => {
    const make = {
        id: 7,
        title: 'Ferry dress',
        pattern: 'Causeway dress',
        cloth: 'linen',
        stage: 'worn',
        stage_on: '2026-09-30',
        begun_on: '2026-09-10',
        sizes: { bust: '12', waist: '12' },
        verdict: {
            levels: { waist: 'tight', bust: 'right' },
            ease: { bust: '6.5 cm' },
            again: true,
            note: 'Swings.',
        },
        changes: ['hem up 2 cm'],
    };
    const shown = show(HistoryTable, { history: { name: 'Merrin', makes: [make] } as unknown as History });
    const cells = shown.findAll('tbody td').map(words);
    expect(cells[0]).toBe('worn 30 Sep 2026');
    expect(cells.slice(1, 4)).toEqual(['12✓ right, 6.5 cm', '12▸ tight', '–']);
    expect(cells[4]).toContain('hem up 2 cm');
    expect(cells[5]).toBe('yes');
});
