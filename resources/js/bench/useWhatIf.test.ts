// @vitest-environment jsdom
import { expect, it, vi } from 'vitest';
import type { Card, WhatIf } from '../api/types';
import { useWhatIf } from './useWhatIf';

const card = {
    measures: [
        { point: 'waist', length_nm: 740_000_000 },
        { point: 'hip', length_nm: 950_000_000 },
    ],
} as Card;
const answer = { flips: ['The waist is cut in 14 instead of 12.'], measures_nm: {} } as unknown as WhatIf;

function open(ask = vi.fn((measures: Record<string, string>) => Promise.resolve({ ...answer, measures }))) {
    return { ask, whatIf: useWhatIf({ card: () => Promise.resolve(card), ask }) };
}

it('tries another measure without the others, and nothing at all where the card’s own stands again', async () => {
    const { ask, whatIf } = open();
    await whatIf.open(1, ['full_bust', 'waist', 'hip'], 'cm');
    // Only what is measured can be moved.
    expect(whatIf.points.value.map(({ point, typed }) => [point, typed])).toEqual([
        ['waist', '74'],
        ['hip', '95'],
    ]);
    whatIf.nudge('waist', 1, 'cm');
    await vi.waitFor(() => expect(whatIf.answer.value).toMatchObject(answer));
    expect(ask).toHaveBeenLastCalledWith({ waist: '74.5' });
    whatIf.nudge('waist', -1, 'cm');
    expect(whatIf.answer.value).toBeNull();
    whatIf.type('hip', ' ');
    expect(ask).toHaveBeenCalledTimes(1);
    whatIf.type('hip', ' 101 ');
    await vi.waitFor(() => expect(ask).toHaveBeenLastCalledWith({ hip: '101' }));
});

it('goes on from what was typed, as the server has read it', async () => {
    const read = { ...answer, measures_nm: { waist: 900_000_000 } };
    const { ask, whatIf } = open(
        vi.fn((measures: Record<string, string>) => Promise.resolve({ ...read, measures })),
    );
    await whatIf.open(1, ['waist'], 'cm');
    whatIf.type('waist', '90');
    await vi.waitFor(() => expect(whatIf.answer.value).not.toBeNull());
    whatIf.nudge('waist', 1, 'cm');
    await vi.waitFor(() => expect(ask).toHaveBeenLastCalledWith({ waist: '90.5' }));
});

it('moves by a quarter of an inch where inches are read', async () => {
    const { ask, whatIf } = open();
    await whatIf.open(1, ['waist'], 'in');
    expect(whatIf.points.value[0]?.typed).toBe('29 1/8');
    whatIf.nudge('waist', 1, 'in');
    await vi.waitFor(() => expect(ask).toHaveBeenLastCalledWith({ waist: '29 3/8' }));
});

it('leaves no trace, and tells a refusal', async () => {
    const { whatIf } = open(vi.fn(() => Promise.reject(new Error('No figure.'))));
    await whatIf.open(1, ['waist'], 'cm');
    whatIf.type('waist', 'much');
    await vi.waitFor(() => expect(whatIf.refused.value?.message).toBe('No figure.'));
    whatIf.leave();
    expect([whatIf.isOpen.value, whatIf.answer.value, whatIf.refused.value, whatIf.points.value]).toEqual([
        false,
        null,
        null,
        [],
    ]);
});
