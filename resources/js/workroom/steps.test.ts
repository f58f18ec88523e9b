import { expect, it } from 'vitest';
import type { Workroom } from '../api/types';
import { bySteps, standing } from './steps';

type Make = Workroom['makes'][number];
const make = (part: Partial<Make>): Make =>
    ({ next: 'decide', stage: null, to_settle: 0, cautions: 0, ...part }) as Make;

it('makes stand by what is next, in the order of the work', () => {
    const told = bySteps([
        make({ id: 1, next: 'fit' }),
        make({ id: 2 }),
        make({ id: 3, next: 'worn' }),
        make({ id: 4, next: 'measure' }),
        make({ id: 5 }),
        make({ id: 6, next: 'trace' }),
    ]).map(({ words, makes }) => [words, ...makes.map(({ id }) => id)]);
    expect(told).toEqual([
        ['To measure', 4],
        ['To decide', 2, 5],
        ['To trace', 6],
        ['To fit', 1],
    ]);
});

it('how a make stands is said in a few words', () => {
    expect(standing(make({ cautions: 5, to_settle: 2 }))).toBe('2 before you cut, 3 to know');
    expect(standing(make({ stage: 'traced', cautions: 1 }))).toBe('traced, 1 to know');
    expect(standing(make({}))).toBe('');
});
