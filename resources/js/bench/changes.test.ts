import { expect, it } from 'vitest';
import type { LevelPlan } from '../api/types';
import { arrowWords, leftOverWords, otherWords } from './changes';

const cm = 10_000_000;
const level = (parts: Partial<LevelPlan>): LevelPlan =>
    ({
        left_over_nm: 0,
        per_edge_nm: 0,
        take: 'leave',
        adjusted_nm: 0,
        centre_back_nm: 0,
        by_hand_nm: 0,
        changed_nm: 0,
        front: '12',
        back: '12',
        ...parts,
    }) as LevelPlan;

it('the words carry the direction: nothing is let out by a minus', () => {
    const out = level({ left_over_nm: -2.5 * cm, per_edge_nm: -0.625 * cm, take: 'in_line' });
    expect(leftOverWords(out, 'cm')).toBe('let out 0.65 cm an edge');
    expect(leftOverWords({ ...out, left_over_nm: 2 * cm, per_edge_nm: 0.5 * cm }, 'cm')).toBe(
        'take in 0.5 cm an edge',
    );
    expect(leftOverWords({ ...out, take: 'leave' }, 'cm')).toBe('2.5 cm too little');
    expect(leftOverWords({ ...out, take: 'leave', left_over_nm: 4 * cm }, 'cm')).toBe('4 cm too much');
    expect(leftOverWords({ ...out, take: 'leave', is_carried: true }, 'cm')).toBe(
        'by the chart 2.5 cm too little; the garment has room',
    );
});

it('nothing left over, or nothing known, is nothing to say', () => {
    expect(leftOverWords(level({}), 'cm')).toBeNull();
    expect(leftOverWords(level({ left_over_nm: null, per_edge_nm: null, take: null }), 'cm')).toBeNull();
});

it('a bust adjustment is told as it is shared: by four, or on the front halves', () => {
    const bust = level({ adjusted_nm: 5 * cm });
    expect(otherWords(bust, 'pivot', 'cm')).toEqual(['out 1.25 cm an edge for the bust']);
    expect(otherWords(bust, 'slash', 'cm')).toEqual(['out 2.5 cm at the front edges for the bust']);
    expect(otherWords(level({ adjusted_nm: -4 * cm }), 'pivot', 'cm')).toEqual([
        'in 1 cm an edge for the bust',
    ]);
});

it('each thing that changes the garment is said once', () => {
    const busy = level({ centre_back_nm: 1 * cm, by_hand_nm: -1 * cm, front: '14', back: '10' });
    expect(otherWords(busy, null, 'cm')).toEqual([
        '1 cm at the centre back',
        'by hand 1 cm narrower',
        'front 14, back 10',
    ]);
});

it('the arrow says what moved the garment away from its printed size', () => {
    expect(arrowWords(level({ changed_nm: 5 * cm, adjusted_nm: 5 * cm }), 'cm')).toBe(
        '5 cm added for the bust',
    );
    expect(arrowWords(level({ changed_nm: -2 * cm }), 'cm')).toBe('taken in 2 cm');
    expect(arrowWords(level({ changed_nm: 3 * cm, adjusted_nm: 2 * cm }), 'in')).toBe('let out 1 3/16 in');
});
