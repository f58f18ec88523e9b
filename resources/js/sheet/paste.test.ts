import { describe, expect, it } from 'vitest';
import { isTable, readTable } from './paste';

describe('a pasted table', () => {
    it('is split at tabs, and keeps empty cells in their place', () => {
        expect(readTable('84\t\t92\r\n66\t70\t74\n').cells).toEqual([
            ['84', '', '92'],
            ['66', '70', '74'],
        ]);
    });

    it('is split at semicolons or at several spaces, but not inside a fraction', () => {
        expect(readTable('32 1/2;33 1/2').cells).toEqual([['32 1/2', '33 1/2']]);
        expect(readTable('  32 1/2   33 1/2  ').cells).toEqual([['32 1/2', '33 1/2']]);
    });

    it('gives a first column of words back apart, with an empty corner', () => {
        expect(readTable('\t8\t10\nBust\t84\t88\nWaist\t66\t70')).toEqual({
            cells: [
                ['8', '10'],
                ['84', '88'],
                ['66', '70'],
            ],
            labels: ['', 'Bust', 'Waist'],
        });
    });

    it('does not take size letters for words', () => {
        expect(readTable('S\tM\tL').cells).toEqual([['S', 'M', 'L']]);
    });

    it('is told from a single figure', () => {
        expect(['37 3/4', '95,5', ' 12 '].map(isTable)).toEqual([false, false, false]);
        expect(['84\t88', '84\n88', '84;88', '84  88'].map(isTable)).toEqual([true, true, true, true]);
    });
});
