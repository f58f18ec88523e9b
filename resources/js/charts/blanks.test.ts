import { expect, it } from 'vitest';
import type { PatternDocument } from '../api/types';
import { withoutBlanks } from './blanks';
import { emptyDocument } from './grid';

const of = (part: Partial<PatternDocument>): PatternDocument =>
    withoutBlanks({ ...emptyDocument(), sizes: ['8', '10'], ...part } as PatternDocument);

it('what was added and not typed into is not kept yet; one with anything in it is', () => {
    expect(of({ pieces: [{ name: 'front' }, { name: '', follows: 'all_levels' }] }).pieces).toEqual([
        { name: 'front' },
    ]);
    expect(of({ pieces: [{ name: '', times: 2 }] }).pieces).toHaveLength(1);
    expect(
        of({
            ranges: [
                { name: 'small', sizes: ['8'] },
                { name: 'envelope 2', sizes: [] },
            ],
        }).ranges,
    ).toEqual([{ name: 'small', sizes: ['8'] }]);
    expect(of({ ranges: [{ name: 'curvy', sizes: [] }] }).ranges).toHaveLength(1);
});

it('places before it stay: an empty one in between is at fault like any other', () => {
    const table = [
        { cup: '', from: '', to: '' },
        { cup: 'B', from: '5', to: '' },
        { cup: '', from: '', to: '' },
    ];
    const measure = 'high_bust_difference' as const;
    const cups = of({
        cups: { measure, table, by_range: { small: { measure, table: table.slice(2) } } },
    }).cups;
    expect([cups?.table, cups?.by_range?.small?.table]).toEqual([table.slice(0, 2), []]);
});

it('a check of the tissue waits for the first width', () => {
    const panel = { name: 'front', width: '', times: 2, allowances: 0 };
    const check = (width: string) =>
        of({ flat_checks: { bust: { size: '8', panels: [{ ...panel, width }] } } });
    expect(check('').flat_checks).toEqual({});
    expect(check('22').flat_checks?.bust?.panels).toHaveLength(1);
});

it('a pattern with nothing opened is the same pattern', () => {
    const document = { ...emptyDocument(), sizes: ['8'] };
    expect(withoutBlanks(document)).toEqual(document);
});
