// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import type { KnownLevel } from '../api/types';
import WaitingTapes from './WaitingTapes.vue';

const notch = (
    size: string,
    chart: number | null,
    finished: number | null,
): KnownLevel['notches'][number] => ({
    size,
    chart_nm: chart,
    chart_from_nm: null,
    chart_to_nm: null,
    finished_nm: finished,
    drafted_ease_nm: null,
    your_ease_nm: null,
    left_over_nm: null,
    per_edge_nm: null,
});
const levels: KnownLevel[] = [
    { level: 'waist', measure_nm: 800_000_000, size: '12', notches: [notch('12', 760_000_000, 810_000_000)] },
    { level: 'hip', measure_nm: null, size: '12', notches: [notch('12', 980_000_000, null)] },
];

it('a level that is measured has its pin, one that isn’t a gap, and both the sizes that are printed', () => {
    const shown = show(WaitingTapes, { levels });
    expect(shown.findAll('.name').map(words)).toEqual(['waist80 cm', 'hipnot measured yet']);
    const [waist, hip] = shown.findAll('svg');
    expect([waist?.findAll('.body').length, hip?.findAll('.body').length]).toEqual([1, 0]);
    expect([waist?.findAll('.chart path').length, waist?.findAll('.garment path').length]).toEqual([1, 1]);
    expect([hip?.findAll('.chart path').length, hip?.findAll('.garment path').length]).toEqual([1, 0]);
});
