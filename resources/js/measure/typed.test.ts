import { expect, it } from 'vitest';
import { withUnit } from './typed';

it.each([
    ['37 1/2', false, 'in', 'in', '37 1/2'],
    ['37 1/2', false, 'in', 'cm', '37 1/2 in'],
    ['37"', true, 'in', 'cm', '37"'],
    ['95,5 cm', true, 'in', 'in', '95,5 cm'],
    ['95,5', false, 'cm', 'in', '95,5 cm'],
] as const)(
    'shows %s (unit named: %s) typed under %s as %s would read it',
    (text, names_unit, unit, shown, expected) => {
        expect(withUnit({ text, unit, names_unit }, shown)).toBe(expected);
    },
);
