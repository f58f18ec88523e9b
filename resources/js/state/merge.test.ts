import { describe, expect, it } from 'vitest';
import { merged } from './merge';

const base = { name: 'Shirt', chart: { bust: ['84', '88', null], waist: ['66', '70', '74'] }, views: ['A'] };

describe('two changes of one document', () => {
    it('are put together where they touch different cells', () => {
        const here = { ...base, chart: { ...base.chart, bust: ['84.5', '88', null] } };
        const meanwhile = { ...base, name: 'Long shirt', chart: { ...base.chart, bust: ['84', '88', '92'] } };
        expect(merged(base, here, meanwhile)).toEqual({
            merged: {
                name: 'Long shirt',
                chart: { bust: ['84.5', '88', '92'], waist: base.chart.waist },
                views: ['A'],
            },
            clashes: [],
        });
    });

    it('clash where they touch the same one, and one of them is preferred', () => {
        const here = { ...base, chart: { ...base.chart, bust: ['84.5', '88', null] } };
        const meanwhile = { ...base, chart: { ...base.chart, bust: ['84.25', '88', null] } };
        const mine = merged(base, here, meanwhile);
        expect(mine.clashes).toEqual([{ path: ['chart', 'bust', 0], here: '84.5', meanwhile: '84.25' }]);
        expect(mine.merged.chart.bust[0]).toBe('84.5');
        expect(merged(base, here, meanwhile, 'meanwhile').merged.chart.bust[0]).toBe('84.25');
    });

    it('take a list that has become longer as one thing', () => {
        const here = { ...base, views: ['A', 'B'] };
        expect(merged(base, here, base).merged.views).toEqual(['A', 'B']);
        expect(merged(base, here, { ...base, views: ['A', 'C'] }).clashes.map(({ path }) => path)).toEqual([
            ['views'],
        ]);
    });

    it('keep what one has taken out and the other left alone', () => {
        const { views: _, ...without } = base;
        expect(merged<object>(base, without, base).merged).toEqual(without);
        expect(merged<object>(base, base, without).merged).toEqual(without);
    });

    it('are the one where the other has changed nothing, however deep', () => {
        const now = { ...base, chart: { waist: ['1', null, '3'], hip: { a: [{ b: 1 }] } }, extra: null };
        expect(merged<object>(base, now, base)).toEqual({ merged: now, clashes: [] });
        expect(merged<object>(base, base, now)).toEqual({ merged: now, clashes: [] });
        expect(merged<object>(base, now, now)).toEqual({ merged: now, clashes: [] });
    });
});
