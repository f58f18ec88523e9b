import { expect, it } from 'vitest';
import { saidIn, shownIn } from './typedUnit';

it.each([
    ['2', 'cm', 'in', '2 in', '2 cm'],
    ['1 1/2', 'cm', 'in', '1 1/2 in', '1 1/2 cm'],
    ['2,5', 'in', 'cm', '2,5 cm', '2,5 in'],
    ['2', 'cm', 'cm', '2', '2'],
    ['2 cm', 'cm', 'in', '2 cm', '2 cm'],
    ['2"', 'cm', 'in', '2"', '2"'],
    ['', 'cm', 'in', '', ''],
] as const)('%s kept in %s, shown in %s', (text, keptIn, shown, said, seen) => {
    expect(saidIn(text, keptIn, shown)).toBe(said);
    expect(shownIn(text, keptIn, shown)).toBe(seen);
});
