import { expect, it } from 'vitest';
import { spared } from './spared';

it('labels too close to each other are spared, the one that matters stays', () => {
    const kept = (places: number[], rank: (x: number) => number, width = 8): number[] =>
        spared(
            places.map((x) => ({ x })),
            ({ x }) => ({ x, width, rank: rank(x) }),
        ).map(({ x }) => x);
    expect(kept([0, 5, 10, 20], (x) => (x === 5 ? 1 : 2))).toEqual([5, 20]);
    // Of two that matter the first does; those that must stay do, however close they are.
    expect(kept([0, 5, 20], (x) => ({ 0: 2, 5: 1 })[x] ?? 3)).toEqual([5, 20]);
    expect(kept([0, 5, 9], (x) => (x < 9 ? 0 : 1))).toEqual([0, 5]);
    // Long names need more room.
    expect(kept([0, 40], () => 1, 60)).toEqual([0]);
});

it('a name at the end of the tape stands inside it, and spares what it comes to lie over', () => {
    const at = spared(
        [{ x: 2 }, { x: 30 }, { x: 98 }],
        ({ x }) => ({ x, width: 40, rank: x === 2 ? 0 : 1 }),
        100,
    );
    expect(at).toEqual([
        { x: 2, at: 20 },
        { x: 98, at: 80 },
    ]);
});

it('a neighbour that has no room stands beside what is in its place, as near as it can, or is left out far from it', () => {
    const at = (wide: number): [number, number][] =>
        spared(
            [{ x: 100 }, { x: 110 }, { x: 90 }, { x: 60 }],
            ({ x }) => ({ x, width: x === 100 ? wide : 10, rank: x === 100 ? 0 : 1, stays: x !== 60 }),
            200,
        ).map(({ x, at: there }) => [x, there]);
    expect(at(20)).toEqual([
        [100, 100],
        [110, 120],
        [90, 80],
        [60, 60],
    ]);
    // Beside so wide a name its neighbours would be taken for others'.
    expect(at(190).map(([x]) => x)).toEqual([100]);
});
