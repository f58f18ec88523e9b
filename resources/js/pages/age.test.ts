import { expect, it } from 'vitest';
import { age } from './age';

it.each([
    [0, 'of today'],
    [1, 'of yesterday'],
    [59, '59 days old'],
    [61, '2 months old'],
    [231, '8 months old'],
])('a card of %d days is %s', (days, words) => {
    expect(age(days)).toBe(words);
});
