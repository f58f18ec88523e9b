import { describe, expect, it } from 'vitest';
import { changedAt, namesIn, orNull, spread, withoutAt } from './lists';
import { levelsOf } from './levels';
import { emptyDocument } from '../charts/grid';
import type { PatternGuide } from '../api/types';

describe('lists that are typed', () => {
    it('changes one entry in a copy', () => {
        const pieces = [{ name: 'front' }, { name: 'back' }];
        expect(changedAt(pieces, 1, { name: 'yoke' })).toEqual([{ name: 'front' }, { name: 'yoke' }]);
        expect(pieces[1]).toEqual({ name: 'back' });
    });

    it('takes one entry out of a copy', () => {
        const pieces = ['front', 'back'];
        expect(withoutAt(pieces, 0)).toEqual(['back']);
        expect(pieces).toHaveLength(2);
    });

    it.each([
        ['A, B', ['A', 'B']],
        ['slim; curvy ;', ['slim', 'curvy']],
        ['A, A', ['A']],
        [' , ', []],
        ['', []],
    ])('%j names %j', (text, names) => {
        expect(namesIn(text)).toEqual(names);
    });

    it.each([
        ['', null],
        ['  ', null],
        [' 1.5 ', '1.5'],
    ])('%j is kept as %j', (text, kept) => {
        expect(orNull(text)).toBe(kept);
    });
});

describe('the levels of a garment', () => {
    const guide = {
        garments: [{ value: 'skirt', label: 'skirt', levels: ['waist', 'hip'], pieces: [] }],
    } as unknown as PatternGuide;
    const names = (garment: 'skirt' | null): string[] =>
        levelsOf({ ...emptyDocument(), garment }, guide).map(({ name }) => name);

    it('are those it has, and all while nobody has said which garment it is', () => {
        expect(names('skirt')).toEqual(['waist', 'hip']);
        expect(names(null)).toEqual(['bust', 'waist', 'hip']);
    });
});

describe('a pasted block', () => {
    const rows = [['35 cm', null], [] as string[]];
    it.each([
        ['40 cm', null],
        [
            'Zip\t35 cm\t40 cm\t45 cm',
            [
                ['35 cm', '40 cm'],
                [null, null],
            ],
        ],
        [
            '6  7\n8  ',
            [
                ['6', '7'],
                ['8', null],
            ],
        ],
    ])('%j is spread over the sizes', (text, cells) => {
        expect(spread(rows, 2, { row: 0, column: 0 }, text)).toEqual(cells);
    });

    it('begins at the cell it is pasted into', () => {
        expect(spread(rows, 2, { row: 1, column: 1 }, '6\t7')).toEqual([
            ['35 cm', null],
            [null, '6'],
        ]);
    });
});
