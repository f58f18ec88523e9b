import { expect, it } from 'vitest';
import { age, cardWords, day, readDay } from './age';

it.each([
    [0, 'of today'],
    [1, 'of yesterday'],
    [59, '59 days old'],
    [61, '2 months old'],
    [231, '8 months old'],
])('a card of %d days is %s', (days, words) => {
    expect(age(days)).toBe(words);
});

it('a card is told by its day and what was worn underneath', () => {
    expect(day('2026-11-07')).toBe('7 Nov 2026');
    expect(cardWords({ taken_on: '2026-11-07', foundation: '' })).toBe('7 Nov 2026');
    expect(cardWords({ taken_on: '2026-01-31', foundation: 'soft bra' })).toBe('31 Jan 2026, soft bra');
});

it.each([
    ['20 Nov 2026', '2026-11-20'],
    ['20. November 2026', '2026-11-20'],
    ['Nov 20, 2026', '2026-11-20'],
    ['1.2.2026', '2026-02-01'],
    ['2026-02-01', '2026-02-01'],
    ['today', '2026-03-01'],
    ['yesterday', '2026-02-28'],
    ['31 Nov 2026', null],
    ['3/4/2026', null],
    ['20 Nov', null],
    ['', null],
])('%j is the day %j', (typed, iso) => {
    expect(readDay(typed, new Date(2026, 2, 1))).toBe(iso);
});
