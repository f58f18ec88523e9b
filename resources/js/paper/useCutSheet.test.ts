// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import { useCutSheet } from './useCutSheet';

vi.mock('../api/client', () => ({
    api: { GET: vi.fn(), PUT: vi.fn(), DELETE: vi.fn() },
    body: (answer: { data: unknown }) => answer.data,
    asRefused: (error: unknown) => error,
}));

type Call = (...asked: unknown[]) => Promise<unknown>;
const get = vi.mocked(api.GET as unknown as Call);
const put = vi.mocked(api.PUT as unknown as Call);
const remove = vi.mocked(api.DELETE as unknown as Call);
const sheet = { headline: '12 all the way.', done: { traced: '2026-11-20' }, labels: 'shown' };

describe('the cut sheet', () => {
    beforeEach(() => {
        get.mockReset().mockResolvedValue({ data: sheet });
        put.mockReset();
        remove.mockReset();
    });

    it('comes with what is done, and anew with its sizes hidden', async () => {
        const { load, hide, done, labels } = useCutSheet(3);
        await load();
        expect(get.mock.lastCall?.[1]).toMatchObject({ params: { query: {} } });
        expect(labels.value).toBe('shown');
        expect(done.value).toEqual({ traced: '2026-11-20' });
        get.mockResolvedValue({ data: { ...sheet, labels: 'hidden' } });
        await hide(true);
        expect(labels.value).toBe('hidden');
        expect(get.mock.lastCall?.[1]).toMatchObject({
            params: { path: { make: 3 }, query: { sizes: 'hidden' } },
        });
    });

    it('shows a tick at once, and then what the server has kept', async () => {
        const { load, tick, done } = useCutSheet(3);
        await load();
        put.mockResolvedValue({
            data: { traced: '2026-11-20', 'blend-1': '2026-11-26', other: '2026-11-25' },
        });
        const kept = tick('blend-1', true);
        expect(Object.keys(done.value)).toEqual(['traced', 'blend-1']);
        await kept;
        expect(Object.keys(done.value)).toEqual(['traced', 'blend-1', 'other']);
        remove.mockResolvedValue({ data: {} });
        await tick('traced', false);
        expect(done.value).toEqual({});
    });

    it('takes a tick back that could not be kept, and says why', async () => {
        const { load, tick, done, refused } = useCutSheet(3);
        await load();
        put.mockRejectedValue({ message: 'The server can’t be reached.' });
        await tick('cut', true);
        expect(done.value).toEqual({ traced: '2026-11-20' });
        expect(refused.value?.message).toBe('The server can’t be reached.');
    });

    it('a second tick is not taken off by the answer to the first', async () => {
        const { load, tick, done } = useCutSheet(3);
        await load();
        const answers: (() => void)[] = [];
        put.mockImplementation(
            (_, asked) =>
                new Promise((answer) => {
                    const { key } = (asked as { params: { path: { key: string } } }).params.path;
                    answers.push(() => answer({ data: { traced: '2026-11-20', [key]: '2026-11-26' } }));
                }),
        );
        const first = tick('draw', true);
        const second = tick('cut', true);
        await Promise.resolve();
        answers.shift()?.();
        await first;
        expect(Object.keys(done.value)).toEqual(['traced', 'draw', 'cut']);
        put.mockResolvedValue({ data: { traced: '2026-11-20', draw: '2026-11-26', cut: '2026-11-26' } });
        answers.shift()?.();
        await second;
        expect(Object.keys(done.value)).toContain('cut');
    });
});
