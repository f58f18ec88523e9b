import { expect, it } from 'vitest';
import type { NestLine } from '../api/types';
import {
    alike,
    nearestOf,
    nearestOn,
    pathOf,
    snapped,
    stretchLength,
    turnedBox,
    turnedBy,
    turnOf,
} from './geometry';

const line = (id: string, look: string, runs: number[][], corners: number[] = []): NestLine => ({
    id,
    look,
    runs,
    corners,
    names: [],
});
const seam = line('a', 'solid', [[0, 0, 0, 100]], [0, 0, 0, 100]);
const other = line('b', 'dashed', [[20, 0, 20, 100]]);

it('a click near a corner is the corner, else the place on the line', () => {
    expect(snapped([seam], [3, 2])).toEqual([0, 0]);
    expect(snapped([seam], [3, 50.123])).toEqual([0, 50.12]);
    expect(snapped([seam], [5, 4])).toEqual([0, 4]);
    expect(snapped([], [5, 4])).toEqual([5, 4]);
});

it('the nearest of several lines is told, and how far it is', () => {
    expect(nearestOn([seam, other], [12, 30])).toEqual({ line: other, place: [20, 30], away: 8 });
    expect(nearestOn([], [0, 0])).toBeNull();
});

it('lines that look alike go together, unless most of them do', () => {
    const third = line('c', 'dashed', [[30, 0, 30, 9]]);
    expect(alike([seam, other, third, line('d', 'x', [])], other).map(({ id }) => id)).toEqual(['b', 'c']);
    expect(alike([other, third, seam], other).map(({ id }) => id)).toEqual(['b']);
});

it('a length that is known is that between two corners: the side of a test square, a whole seam', () => {
    const run = [0, 0, 100, 0, 100, 100, 0, 100, 0, 0];
    const square = { ...line('a', 'plain', [run]), corners: run };
    expect(stretchLength(square, [99.9, 40])).toBe(100);
    const seam = { ...line('b', 'plain', [[0, 0, 3, 4, 3, 9]]), corners: [0, 0, 3, 9] };
    expect(stretchLength(seam, [2, 2])).toBe(10);
});

it('runs become a path that lifts the pen between them', () => {
    expect(
        pathOf([
            [0, 1, 2, 3],
            [4, 5, 6.5, 7],
        ]),
    ).toBe('M0 1L2 3M4 5L6.5 7');
});

it('a drawing on its side is turned until its grain runs down', () => {
    expect(turnOf(undefined)).toBe(0);
    expect(
        turnOf([
            [5, 0],
            [5, 80],
        ]),
    ).toBeCloseTo(0);
    expect(
        turnOf([
            [5, 80],
            [5, 0],
        ]),
    ).toBeCloseTo(0);
    const turn = turnOf([
        [100, 50],
        [0, 50],
    ]);
    expect(Math.abs(turn)).toBeCloseTo(90);
    const [from, to] = [turnedBy([100, 50], turn), turnedBy([0, 50], turn)];
    expect(from[0]).toBeCloseTo(to[0]);
    const box = turnedBox(100, 50, 90);
    expect([box.x, box.y, box.width, box.height].map((n) => Math.round(n) + 0)).toEqual([-50, 0, 50, 100]);
});

it('of some places the nearest is the nearest, and of none there is none', () => {
    const corners: [number, number][] = [
        [0, 0],
        [20, 1],
        [20, 50],
    ];
    expect(nearestOf(corners, [18, 4])).toEqual([20, 1]);
    expect(nearestOf([], [0, 0])).toBeNull();
});
