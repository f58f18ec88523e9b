// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { expect, it, vi } from 'vitest';
import { api } from '../api/client';
import type { User } from '../api/types';
import { useSession } from './session';

it('of two switches of the unit the last is sent last, and no sooner than the first is answered', async () => {
    setActivePinia(createPinia());
    const sent: unknown[] = [];
    const answers: (() => void)[] = [];
    vi.spyOn(api, 'PATCH').mockImplementation(((_: string, asked: { body: { unit: string } }) => {
        sent.push(asked.body.unit);
        return new Promise((answer) => {
            answers.push(() => answer({ data: {} }));
        });
    }) as never);
    const session = useSession();
    session.open({ unit: 'cm', paper: 'a4' } as User);
    void session.switchUnit();
    void session.switchUnit();
    await flushPromises();
    expect([sent, session.unit]).toEqual([['in'], 'cm']);
    answers.shift()?.();
    await flushPromises();
    expect(sent).toEqual(['in', 'cm']);
});
