// @vitest-environment jsdom
import { beforeEach, expect, it } from 'vitest';
import { dropUnsent, forgetUnsent, keepUnsent, unsentReadings } from './unsent';

const place = { card: 1, point: 'waist', attempt: 1, unit: 'cm' as const };

beforeEach(() => window.localStorage.clear());

it('keeps the newest text for a place until it is sent', () => {
    keepUnsent({ ...place, text: '80' });
    keepUnsent({ ...place, text: '81' });
    keepUnsent({ ...place, attempt: 2, text: '82' });
    expect(unsentReadings().map(({ text }) => text)).toEqual(['81', '82']);

    dropUnsent(place);
    expect(unsentReadings().map(({ text }) => text)).toEqual(['82']);
});

it('forgets all at sign-out, and leaves nothing behind when all is sent', () => {
    keepUnsent({ ...place, text: '80' });
    dropUnsent(place);
    expect(window.localStorage.length).toBe(0);
    keepUnsent({ ...place, text: '80' });
    forgetUnsent();
    expect(unsentReadings()).toEqual([]);
});

it('a damaged store is an empty one', () => {
    window.localStorage.setItem('underbolt.unsent', '{');
    expect(unsentReadings()).toEqual([]);
});
