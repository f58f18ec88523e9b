import { expect, it } from 'vitest';
import { columnWidths } from './columnWidths';

const many = [...'ABCDEFGHIJKLMNOPQR'].concat('XL (curvy)', '29 1/2-30');

it('a few sizes have room, and the name of one is never cut', () => {
    const [plain = 0, long = 0] = columnWidths(['8', 'XL (curvy)']);
    expect(plain).toBe(78);
    expect(long).toBeGreaterThan(10 * 16 * 0.58);
});

it('twenty sizes go into a page of 1240 pixels with their names', () => {
    const widths = columnWidths(many);
    expect(widths.reduce((sum, width) => sum + width, 0)).toBeLessThan(1240 - 150);
    expect(widths[18]).toBeGreaterThan(7 * 14 * 0.58);
});

it('a name without end does not take the page', () => {
    expect(columnWidths(['x'.repeat(80)])).toEqual([130]);
});
