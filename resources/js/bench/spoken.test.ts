import { expect, it } from 'vitest';
import type { Plan } from '../api/types';
import { changeSpoken } from './spoken';

const plan = (
    size: string,
    asCut: number | null,
    cautions: number,
    headline = `${size} all the way.`,
): Plan =>
    ({
        headline,
        sizes: ['10', '12', '16'],
        short_sizes: ['10', '12', '16'],
        levels: [
            { level: 'bust', size: '12', as_cut_nm: 1_000_000_000, ease_as_cut_nm: 80_000_000 },
            { level: 'waist', size, as_cut_nm: asCut, ease_as_cut_nm: asCut === null ? null : 75_000_000 },
        ],
        cautions: Array.from({ length: cautions }, () => ({})),
    }) as unknown as Plan;

it('says the levels that are cut otherwise, and the cautions', () => {
    expect(changeSpoken(plan('14', 900_000_000, 1), plan('16', 920_000_000, 2), 'cm')).toBe(
        'waist 16, finished 92 cm, 7.5 cm ease; two cautions.',
    );
    expect(changeSpoken(plan('14', 900_000_000, 1), plan('16', null, 9), 'cm')).toBe('waist 16; 9 cautions.');
});

it('calls a size by the place of its line where names are hidden', () => {
    const hidden = { ...plan('16', null, 0), short_sizes: ['1st', '2nd', '3rd'] };
    expect(changeSpoken(plan('12', null, 0), hidden, 'cm')).toBe('waist 3rd; no cautions.');
});

it('says the headline where another thing has changed, and nothing where nothing has', () => {
    const now = plan('14', 900_000_000, 0, '14, in a straight line.');
    expect(changeSpoken(plan('14', 900_000_000, 0), now, 'cm')).toBe('14, in a straight line; no cautions.');
    expect(changeSpoken(now, now, 'in')).toBe('');
});
