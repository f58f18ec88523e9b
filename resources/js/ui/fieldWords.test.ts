import { expect, it } from 'vitest';
import { fieldWords } from './fieldWords';

it('a field is called as it is called on the page, its place counted from one', () => {
    expect(fieldWords('choices.sizes.waist')).toBe('size, waist');
    expect(fieldWords('choices.by_hand.hip.front')).toBe('by hand, hip, front');
    expect(fieldWords('pattern.ranges[0].sizes')).toBe('envelope 1, size');
    expect(fieldWords('body.full_bust')).toBe('full bust');
    expect(fieldWords('pattern.seam.waist_to_hip')).toBe('waist to hip');
    expect(fieldWords('choices')).toBe('');
});
