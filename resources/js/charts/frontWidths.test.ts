import { expect, it } from 'vitest';
import { frontWidthsOf, offeredWidths, withFrontWidths } from './frontWidths';
import { emptyDocument } from './grid';

const first = {
    ...emptyDocument(),
    sizes: ['10', '12', '14'],
    body_chart: { cross_front: ['33', '34 cm', null] },
};

it('a house’s front widths are kept by size with their unit', () => {
    expect(frontWidthsOf(first, 'cm')).toEqual({ 10: '33 cm', 12: '34 cm' });
    expect(frontWidthsOf(emptyDocument(), 'cm')).toBeNull();
});

it('they are offered to its next pattern for the sizes it has, and put in where it has none', () => {
    const widths = frontWidthsOf(first, 'cm') ?? {};
    const next = { ...emptyDocument(), sizes: ['12', '16'], body_chart: { hip: ['99', '107'] } };
    expect(offeredWidths(next, widths)).toEqual(['12']);
    expect(offeredWidths(first, widths)).toEqual([]);
    expect(offeredWidths(next, null)).toEqual([]);
    expect(withFrontWidths(next, widths).body_chart).toEqual({
        hip: ['99', '107'],
        cross_front: ['34 cm', null],
    });
});
