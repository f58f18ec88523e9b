import { expect, it } from 'vitest';
import { rowsOf } from '../charts/rows';
import { cellAt, withBlock, withoutSize } from '../charts/grid';
import type { PatternDocument } from '../api/types';
import { garmentShape } from './garment';
import { lacksOf } from './lacks';
import { oneLength } from './sized';

const document: PatternDocument = {
    sizes: ['8', '10', '12'],
    body_chart: {},
    finished: {},
    fabric: { kind: 'woven' },
    levels: {},
    seam: { underarm_to_waist: '20' },
};

it('of a length by size the middle one stands for all, of a gap the first that is printed', () => {
    expect(oneLength(['19', '19.5', '20'])).toBe('19.5');
    expect(oneLength(['19', null, '20'])).toBe('19');
    expect(oneLength([null, null])).toBeNull();
    expect(oneLength('20')).toBe('20');
    expect(oneLength(null)).toBeNull();
});

it('a row typed in the chart takes the place of the single figure, and goes when it is emptied', () => {
    const path = ['seam', 'underarm_to_waist'];
    expect(cellAt(document, path, 0)).toBe('');
    const typed = withBlock(document, [path], 1, [['19.5']]);
    expect(typed.seam.underarm_to_waist).toEqual([null, '19.5', null]);
    expect(withoutSize(typed, 0).seam.underarm_to_waist).toEqual(['19.5', null]);
    expect(withBlock(typed, [path], 1, [['']]).seam).not.toHaveProperty('underarm_to_waist');
    const height = withBlock(document, [['lengths', 'height']], 0, [['164', '168', '172']]);
    expect(height.lengths).toEqual({ height: ['164', '168', '172'] });
});

it('a row is no gap, and is drawn', () => {
    const typed = { ...document, seam: { underarm_to_waist: ['19', '24', '20'], waist_to_hip: '20' } };
    expect(lacksOf(typed)).toEqual([]);
    const { down, typed: figures } = garmentShape(typed, 'cm');
    expect([down.waist - down.bust, figures.waist]).toEqual([24, '24']);
    expect(rowsOf(typed).filter(({ group }) => group === 'Lengths by size')).toHaveLength(7);
});
