import { describe, expect, it } from 'vitest';
import { cellAt, emptyDocument, fieldAt, placeWords, withBlock, withoutSize } from './sheet';

describe('the sheet', () => {
    const filled = withBlock(emptyDocument(), 0, 0, [
        ['8', '10'],
        ['84', '88'],
    ]);

    it('takes a block of cells, sizes first', () => {
        expect(filled.sizes).toEqual(['8', '10']);
        expect(filled.body_chart).toEqual({ full_bust: ['84', '88'] });
        expect(cellAt(filled, 1, 1)).toBe('88');
    });

    it('widens every row when a block is wider than the sizes, and leaves the new sizes to be named', () => {
        const wider = withBlock(filled, 2, 1, [['70', '74', '78']]);
        expect(wider.sizes).toEqual(['8', '10', '', '']);
        expect(wider.body_chart).toEqual({
            full_bust: ['84', '88', null, null],
            waist: [null, '70', '74', '78'],
        });
    });

    it('is not changed itself', () => {
        withBlock(filled, 1, 0, [['1']]);
        expect(cellAt(filled, 1, 0)).toBe('84');
    });

    it('takes a size out of every row', () => {
        const narrower = withoutSize(filled, 0);
        expect(narrower.sizes).toEqual(['10']);
        expect(narrower.body_chart).toEqual({ full_bust: ['88'] });
    });

    it('leaves out a row with nothing in it', () => {
        expect(withBlock(filled, 1, 0, [['', '']]).body_chart).toEqual({});
    });

    it('never holds more sizes than a pattern can have', () => {
        const wide = withBlock(emptyDocument(), 1, 0, [Array.from({ length: 500 }, (_, i) => String(i))]);
        expect(wide.sizes).toHaveLength(60);
    });

    it('knows the field under which the server reports a cell', () => {
        expect(fieldAt(0, 1)).toBe('pattern.sizes[1]');
        expect(fieldAt(5, 0)).toBe('pattern.finished.full_bust[0]');
    });

    it.each([
        ['pattern.body_chart.full_bust[1]', 'Bust, size 10'],
        ['pattern.finished.hip[0]', 'Finished hip, size 8'],
        ['pattern.sizes[1]', 'Size, column 2'],
        ['pattern.seam.waist_to_hip', 'waist to hip'],
        ['pattern.body_chart.waist', 'body waist'],
    ])('names %s in the words of the sheet', (field, words) => {
        expect(placeWords(field, filled)).toBe(words);
    });
});
