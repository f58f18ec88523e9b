import { expect, it } from 'vitest';
import type { Point, PointHistory } from '../api/types';
import { onStand } from './onStand';

const point = (code: string, y: number, part: Partial<Point> = {}): Point =>
    ({
        code,
        name: code,
        view: 'front',
        stand: { tape: `M66 ${y}Q130 ${y + 20} 194 ${y}`, hidden: 'M0 0', outline: '' },
        ...part,
    }) as Point;
const guide = [
    point('high_bust', 98.6),
    point('full_bust', 131),
    point('bicep', 120, { view: 'arm' }),
    point('waist', 197),
    point('hip', 290),
    point('height', 26, { stand: { tape: 'M20 26L20 356', hidden: null } as Point['stand'] }),
];
const measures = [
    { point: 'hip', length_nm: 98 },
    { point: 'full_bust', length_nm: 92 },
    { point: 'high_bust', length_nm: 87 },
    { point: 'bicep', length_nm: 29 },
    { point: 'height', length_nm: 168 },
    { point: 'waist', length_nm: null },
];

it('girths lie on the stand from the top down, their words apart, and all else is listed', () => {
    const { girths, others } = onStand(guide, measures as never, []);
    expect(girths.map(({ code, y, words }) => [code, y, words])).toEqual([
        ['high_bust', 98.6, 98.6],
        ['full_bust', 131, 132.6],
        ['hip', 290, 290],
    ]);
    expect(others.map(({ code, nm }) => [code, nm])).toEqual([
        ['bicep', 29],
        ['height', 168],
    ]);
});

it('each has its history beside it, where there is one', () => {
    const history = { point: 'hip', change_nm: 1 } as PointHistory;
    const { girths } = onStand(guide, measures as never, [history]);
    expect(girths.map((one) => one.history)).toEqual([null, null, history]);
});
