import { expect, it } from 'vitest';
import type { Station } from '../api/types';
import { rowPlaces, stretches, wayOf } from './stations';

function at(
    depth_nm: number,
    line: string,
    move_nm: number,
    is_on = false,
    level: string | null = null,
): Station {
    const told = { line, move_nm, is_on };
    return {
        depth_nm,
        from: line,
        to: line,
        share: 0,
        blend_nm: move_nm,
        change_nm: 0,
        move_nm,
        level,
        told,
    } as Station;
}

const drawn = (stations: Station[], apart = false): [number, number][] =>
    stretches(stations, null, apart).map(({ station, until }) => [station.depth_nm, until.depth_nm]);

it('a blend is marked at every station, and what lies on one line once', () => {
    const blend = [at(0, '14', 0), at(1, '14', 900_000), at(2, '18', 0, true), at(3, '18', 40_000, true)];
    expect(drawn(blend)).toEqual([
        [0, 0],
        [1, 1],
        [2, 3],
    ]);
});

it('what no pencil tells apart is one stretch, but a level begins a row of its own', () => {
    const run = [
        at(0, '18', 900_000),
        at(1, '18', 700_000),
        at(2, '18', 650_000, false, 'hip'),
        at(3, '18', 600_000),
        at(4, '18', 290_000),
    ];
    expect(drawn(run)).toEqual([
        [0, 1],
        [2, 3],
        [4, 4],
    ]);
    expect(drawn([at(0, '18', 0), { ...at(1, '18', 0), told: null }])).toHaveLength(2);
});

it('marks of two sizes are never drawn together, and told apart only what was reckoned alike', () => {
    expect(drawn([at(0, '14', 0, true), at(1, '18', 0, true)])).toHaveLength(2);
    expect(drawn([at(0, '14', 0, true), at(1, '14', 40_000, true)], true)).toHaveLength(2);
});

it('a stretch ends where the front or the back needs a new mark', () => {
    const front = [at(0, '14', 0, true), at(1, '14', 0, true), at(2, '14', 0, true)];
    const back = [at(0, '10', 0), at(1, '12', 0, true), at(2, '12', 0, true)];
    const rows = stretches(front, back);
    expect(rows.map(({ station, until }) => [station.depth_nm, until.depth_nm])).toEqual([
        [0, 0],
        [1, 2],
    ]);
    expect(rows.map((row) => row.back?.told?.line)).toEqual(['10', '12']);
});

it('rows stand beside their stations, apart from each other and above the end', () => {
    expect(rowPlaces([0, 50, 52, 100], 20, 400)).toEqual([0, 50, 70, 100]);
    expect(rowPlaces([300, 310, 320], 20, 340)).toEqual([300, 320, 340]);
    expect(rowPlaces([330, 335, 340], 20, 340)).toEqual([300, 320, 340]);
});

it('a word says which way the pencil goes', () => {
    expect([wayOf(1_000_000, 'cm'), wayOf(-900_000, 'in'), wayOf(-900_000, 'cm')]).toEqual([
        'out',
        'in',
        'stay',
    ]);
});
