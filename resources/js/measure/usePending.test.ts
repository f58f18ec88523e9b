// @vitest-environment jsdom
import { beforeEach, expect, it } from 'vitest';
import { effectScope } from 'vue';
import { keepUnsent, unsentReadings } from './unsent';
import { usePending } from './usePending';
import type { Kept } from './useCard';

/** A card whose answers come when the test says so, in the order in which they were asked for. */
function slowCard() {
    const waiting: ((kept: Kept) => void)[] = [];
    const sent: string[] = [];
    const scope = effectScope();
    const page = scope.run(() =>
        usePending(7, (point, attempt, text) => {
            sent.push(`${point} ${attempt} ${text}`);
            return new Promise((answer) => waiting.push(answer));
        }),
    );
    if (page === undefined) throw new Error('no page');
    const answer = async (kept: Kept): Promise<void> => {
        waiting.shift()?.(kept);
        await Promise.resolve();
        await Promise.resolve();
    };
    return { ...page, sent, answer };
}

beforeEach(() => {
    window.localStorage.clear();
});

it('a reading stands in its field, and in this browser, until it is on the card', async () => {
    const { pending, type, answer } = slowCard();
    void type('waist', 1, '82', 'cm');
    expect(pending.value).toEqual([{ point: 'waist', attempt: 1, text: '82', unit: 'cm', outcome: null }]);
    expect(unsentReadings()).toHaveLength(1);
    await answer({ kind: 'kept' });
    expect([pending.value, unsentReadings()]).toEqual([[], []]);
});

it('typed anew meanwhile, an earlier answer says nothing of the newer text', async () => {
    const { pending, type, answer } = slowCard();
    void type('waist', 1, 'ninety', 'cm');
    void type('waist', 1, '90', 'cm');
    await answer({ kind: 'refused', sentence: 'No figure.' });
    expect(pending.value[0]).toMatchObject({ text: '90', outcome: null });
    await answer({ kind: 'kept' });
    expect(pending.value).toEqual([]);
});

it('what is refused stays with its reason until it is typed over or let go', async () => {
    const { pending, type, forget, answer } = slowCard();
    void type('hip', 2, 'ninety', 'cm');
    await answer({ kind: 'refused', sentence: 'No figure.' });
    expect(pending.value[0]?.outcome).toEqual({ kind: 'refused', sentence: 'No figure.' });
    forget('hip', 2);
    expect([pending.value, unsentReadings()]).toEqual([[], []]);
});

it('what was typed out of reach is there again on the next visit, and sent again', async () => {
    keepUnsent({ card: 7, point: 'hip', attempt: 1, text: '100', unit: 'cm' });
    keepUnsent({ card: 8, point: 'hip', attempt: 1, text: '90', unit: 'cm' });
    const { pending, sendAgain, sent, answer } = slowCard();
    expect(pending.value.map(({ text, outcome }) => [text, outcome?.kind])).toEqual([['100', 'unsent']]);
    const again = sendAgain();
    await answer({ kind: 'kept' });
    await again;
    expect([sent, pending.value, unsentReadings().length]).toEqual([['hip 1 100'], [], 1]);
});
