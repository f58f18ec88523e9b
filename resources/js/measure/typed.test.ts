import { expect, it } from 'vitest';
import { withUnit } from './typed';

it.each([
    ['37 1/2', 'in', 'in', '37 1/2'],
    ['37 1/2', 'in', 'cm', '37 1/2 in'],
    ['37"', 'in', 'cm', '37"'],
    ['95,5 cm', 'in', 'in', '95,5 cm'],
    ['95,5', 'cm', 'in', '95,5 cm'],
] as const)('shows %s typed under %s as %s would read it', (text, unit, shown, expected) => {
    expect(withUnit({ text, unit }, shown)).toBe(expected);
});
