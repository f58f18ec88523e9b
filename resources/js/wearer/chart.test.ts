import { expect, it } from 'vitest';
import { dots } from './chart';
import type { PointHistory } from '../api/types';

const waist = (days: string[], cm: number[]): Pick<PointHistory, 'days' | 'length_nm'> => ({
    days,
    length_nm: cm.map((one) => one * 10_000_000),
});
const places = (history: Parameters<typeof dots>[0]): number[][] =>
    dots(history, 100, 40).map(({ x, y }) => [x, y]);

it('days stand to scale, and what is larger stands higher', () => {
    expect(places(waist(['2026-01-01', '2026-01-31', '2026-04-11'], [80, 90, 85]))).toEqual([
        [0, 40],
        [30, 0],
        [100, 20],
    ]);
});

it('a change of a centimetre looks like little', () => {
    expect(places(waist(['2026-01-01', '2026-04-11'], [80, 81]))).toEqual([
        [0, 25],
        [100, 15],
    ]);
});

it('two cards of one day stand beside each other', () => {
    expect(places(waist(['2026-01-01', '2026-01-01'], [80, 80]))).toEqual([
        [0, 20],
        [100, 20],
    ]);
});

it('each dot knows its card', () => {
    expect(dots(waist(['2026-01-01', '2026-04-11'], [80, 81]), 10, 10)[1]).toMatchObject({
        day: '2026-04-11',
        nm: 810_000_000,
    });
});
