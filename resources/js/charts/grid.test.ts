import { describe, expect, it } from 'vitest';
import {
    cellAt,
    emptyDocument,
    fieldAt,
    placeName,
    placeWords,
    withBlock,
    withSizeNamed,
    withoutSize,
} from './grid';

const sizes = ['sizes'];
const bust = ['body_chart', 'full_bust'];
const waist = ['body_chart', 'waist'];

describe('the chart', () => {
    const filled = withBlock(emptyDocument(), [sizes, bust], 0, [
        ['8', '10'],
        ['84', '88'],
    ]);

    it('takes a block of cells, sizes first', () => {
        expect(filled.sizes).toEqual(['8', '10']);
        expect(filled.body_chart).toEqual({ full_bust: ['84', '88'] });
        expect(cellAt(filled, bust, 1)).toBe('88');
    });

    it('widens every row when a block is wider than the sizes, and leaves the new sizes to be named', () => {
        const wider = withBlock(filled, [waist], 1, [['70', '74', '78']]);
        expect(wider.sizes).toEqual(['8', '10', '', '']);
        expect(wider.body_chart).toEqual({
            full_bust: ['84', '88', null, null],
            waist: [null, '70', '74', '78'],
        });
    });

    it('is not changed itself', () => {
        withBlock(filled, [bust], 0, [['1']]);
        expect(cellAt(filled, bust, 0)).toBe('84');
    });

    it('leaves out a row with nothing in it', () => {
        expect(withBlock(filled, [bust], 0, [['', '']]).body_chart).toEqual({});
    });

    it('keeps a cup’s row while it is empty: it was asked for', () => {
        const cup = ['cups', 'body_chart', 'C'];
        const withCup = withBlock(filled, [cup], 0, [['86', '90']]);
        expect(withBlock(withCup, [cup], 0, [['', '']]).cups?.body_chart).toEqual({ C: [null, null] });
    });

    it('never holds more sizes than a pattern can have', () => {
        const wide = withBlock(emptyDocument(), [bust], 0, [
            Array.from({ length: 500 }, (_, i) => String(i)),
        ]);
        expect(wide.sizes).toHaveLength(60);
    });

    it('takes a size out of every row, envelope and need', () => {
        const narrower = withoutSize(
            {
                ...filled,
                ranges: [{ name: 'all', sizes: ['8', '10'] }],
                notions: [{ name: 'zip', by_size: ['50 cm', '55 cm'] }],
            },
            0,
        );
        expect(narrower.sizes).toEqual(['10']);
        expect(narrower.body_chart).toEqual({ full_bust: ['88'] });
        expect(narrower.ranges?.[0]?.sizes).toEqual(['10']);
        expect(narrower.notions?.[0]?.by_size).toEqual(['55 cm']);
    });

    it('renames a size wherever it is named', () => {
        const named = withSizeNamed(
            {
                ...filled,
                ranges: [{ name: 'all', sizes: ['8', '10'] }],
                flat_checks: { hip: { size: '10', panels: [] } },
            },
            1,
            'M',
        );
        expect(named.ranges?.[0]?.sizes).toEqual(['8', 'M']);
        expect(named.flat_checks?.hip?.size).toBe('M');
    });

    it('knows the field under which the server reports a cell', () => {
        expect(fieldAt(sizes, 1)).toBe('pattern.sizes[1]');
        expect(fieldAt(['finished_by', 2, 'finished', 'hip'], 0)).toBe(
            'pattern.finished_by[2].finished.hip[0]',
        );
    });

    it.each([
        ['pattern.body_chart.full_bust[1]', 'Bust, size 10'],
        ['pattern.finished.hip[0]', 'Finished hip, size 8'],
        ['pattern.sizes[1]', 'Size, column 2'],
        ['pattern.seam.waist_to_hip', 'waist to hip'],
        ['pattern.body_chart.waist', 'body waist'],
        ['pattern.ranges[1].name', 'ranges 2 name'],
    ])('names %s in the words of the chart', (field, words) => {
        expect(placeWords(field, filled)).toBe(words);
    });

    it.each([
        ['body_chart.waist', 'Body waist'],
        ['finished.full_bust', 'Finished bust'],
        ['finished.bicep', 'Finished upper arm'],
        ['cups.finished.C', 'Finished bust, C cup'],
    ])('calls the row %s %s', (place, name) => {
        expect(placeName(place)).toBe(name);
    });
});
