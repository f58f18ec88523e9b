import { expect, it } from 'vitest';
import { heldWords } from './holds';

const none = { wearers: 0, cards: 0, patterns: 0, nests: 0, houses: 0, makes: 0, bin: 0 };

it.each([
    [none, 'There is nothing in it.'],
    [{ ...none, makes: 1 }, '1 make.'],
    [{ ...none, wearers: 2, nests: 3, bin: 4 }, '2 wearers, 3 drawings of pieces and 4 things in the bin.'],
])('%j is told as %j', (holds, words) => {
    expect(heldWords(holds)).toBe(words);
});
