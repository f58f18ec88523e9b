import { expect, it } from 'vitest';
import type { Bench, Plan } from '../api/types';
import { judged } from './judged';

const bench = (kinds: string[], room: number | null, stops: string[] = []): Bench =>
    ({
        plan: {
            work: { steps: ['trace', ...kinds].map((kind) => ({ kind })) },
            levels: [{ level: 'waist', ease_as_cut_nm: room }],
            cautions: stops.map((short) => ({ short, stops: true })),
        } as unknown as Plan,
    }) as Bench;

it('side by side ends in what there is to do, where there is more room, and what is to be decided', () => {
    expect(
        judged([bench(['draw', 'walk'], 50_000_000), bench([], 80_000_000, ['Waist: above range'])], 'cm'),
    ).toEqual([
        'B has least to do: nothing to change, against one step for A.',
        'B has 3 cm more room at the waist.',
        'To decide before B is cut: Waist: above range.',
    ]);
});

it('where both are alike there is nothing to choose; one alone is not compared', () => {
    const alike = bench(['draw', 'sew'], 50_000_000);
    expect(judged([alike, bench(['draw', 'sleeve'], 52_000_000)], 'cm')).toEqual([
        'There is as much to do for each: 2 steps.',
    ]);
    expect(judged([alike], 'cm')).toEqual([]);
    expect(judged([alike, { plan: null } as Bench], 'cm')).toEqual([]);
});
