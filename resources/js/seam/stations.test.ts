import { expect, it } from 'vitest';
import type { Station } from '../api/types';
import { rowPlaces, stretches, wayOf } from './stations';

function at(depth_nm: number, from: string, to: string, share: number, move_nm: number): Station {
    return { depth_nm, from, to, share, blend_nm: move_nm, change_nm: 0, move_nm, level: null };
}

const drawn = (stations: Station[]): [number, number][] =>
    stretches(stations).map(({ station, until }) => [station.depth_nm, until.depth_nm]);

it('a blend is marked at every station, and the straight run to the hem once', () => {
    const blend = [
        at(0, '14', '18', 0, 0),
        at(1, '14', '18', 0.5, 10),
        at(2, '14', '18', 1, 20),
        at(3, '14', '18', 1, 20),
    ];
    expect(drawn(blend)).toEqual([
        [0, 0],
        [1, 1],
        [2, 3],
    ]);
});

it('where both levels are one size there is one line for the whole stretch', () => {
    expect(drawn([at(0, '14', '14', 0, 0), at(1, '14', '14', 0.5, 0), at(2, '14', '14', 1, 0)])).toEqual([
        [0, 2],
    ]);
});

it('what was read off a drawing is one stretch as far as no pencil tells it apart, each level by its name', () => {
    const read = (depth: number, move: number, level: string | null = null): Station => ({
        ...at(depth, '18', '14', 0, move),
        share: null,
        level,
    });
    const run = [
        read(0, 900_000),
        read(1, 700_000),
        read(2, 600_000, 'hip'),
        read(3, 350_000),
        read(4, 290_000),
    ];
    expect(drawn(run)).toEqual([
        [0, 1],
        [2, 3],
        [4, 4],
    ]);
    expect(drawn([read(0, 0), { ...read(1, 0), move_nm: null }])).toHaveLength(2);
});

it('marks of two sizes are never drawn together', () => {
    expect(drawn([at(0, '14', '18', 1, 0), at(1, '18', '14', 1, 0)])).toEqual([
        [0, 0],
        [1, 1],
    ]);
});

it('rows stand beside their stations, apart from each other and above the end', () => {
    expect(rowPlaces([0, 50, 52, 100], 20, 400)).toEqual([0, 50, 70, 100]);
    expect(rowPlaces([300, 310, 320], 20, 340)).toEqual([300, 320, 340]);
    expect(rowPlaces([330, 335, 340], 20, 340)).toEqual([300, 320, 340]);
});

it('a stretch ends where the front or the back needs a new mark', () => {
    const front = [at(0, '14', '14', 0, 0), at(1, '14', '14', 0, 0), at(2, '14', '14', 0, 0)];
    const back = [at(0, '10', '12', 0, 0), at(1, '10', '12', 1, 5), at(2, '10', '12', 1, 5)];
    const rows = stretches(front, back);
    expect(rows.map(({ station, until }) => [station.depth_nm, until.depth_nm])).toEqual([
        [0, 0],
        [1, 2],
    ]);
    expect(rows.map((row) => row.back?.move_nm)).toEqual([0, 5]);
});

it('a word says which way the pencil goes', () => {
    expect([wayOf(600_000, 'cm'), wayOf(-900_000, 'in'), wayOf(-400_000, 'cm')]).toEqual([
        'out',
        'in',
        'stay',
    ]);
});
