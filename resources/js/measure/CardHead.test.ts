// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { completeCard } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { Card } from '../api/types';
import CardHead from './CardHead.vue';

beforeEach(() => {
    vi.useFakeTimers({ now: new Date(2026, 10, 29) });
});
afterEach(() => {
    vi.useRealTimers();
});
const card: Card = { ...completeCard, taken_on: '2026-11-20', measured_by: '', foundation: 'vest' };
const head = () =>
    show(CardHead, {
        card,
        guide: { points: [], sets: [] },
        hands: ['Tegen', 'Nerys'],
        refused: null,
        helper: false,
    });
async function types(shown: ReturnType<typeof head>, label: string, text: string): Promise<void> {
    const id = shown
        .findAll('label')
        .find((one) => words(one) === label)
        ?.attributes('for');
    await shown.get(`[id="${id ?? ''}"]`).setValue(text);
    await vi.advanceTimersByTimeAsync(500);
}

it('a day is shown as everywhere, and read in whatever way it is typed', async () => {
    const shown = head();
    expect(shown.get<HTMLInputElement>('.text-field').element.value).toBe('20 Nov 2026');
    await types(shown, 'Taken on', '1.2.2026');
    expect(told(shown, 'change')).toEqual([{ taken_on: '2026-02-01', foundation: 'vest', measured_by: '' }]);
    await types(shown, 'Taken on', 'yesterday');
    expect(told(shown, 'change')).toMatchObject([{ taken_on: '2026-11-28' }]);
});

it('what is no day is said so at its field, and the day that was stays', async () => {
    const shown = head();
    await types(shown, 'Taken on', '31 Nov 2026');
    expect(words(shown.get('[role=alert]'))).toBe('Give a day, such as 20 Nov 2026.');
    expect(shown.emitted('change')).toBeUndefined();
    await types(shown, 'Worn underneath', 'corset');
    expect(told(shown, 'change')).toEqual([
        { taken_on: '2026-11-20', foundation: 'corset', measured_by: '' },
    ]);
});

it('who measures is typed, known hands are offered', async () => {
    const shown = head();
    expect(shown.findAll('datalist option').map((one) => one.attributes('value'))).toEqual([
        'Tegen',
        'Nerys',
    ]);
    await types(shown, 'Measured by', 'Tegen');
    expect(told(shown, 'change')).toMatchObject([{ measured_by: 'Tegen' }]);
});
