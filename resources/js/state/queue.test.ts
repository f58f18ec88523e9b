import { expect, it } from 'vitest';
import { inTurn, newestOnly } from './queue';

/** A task whose end is given by hand. */
function slow() {
    const ends: (() => void)[] = [];
    return { ends, task: () => new Promise<void>((end) => ends.push(end)) };
}
const settled = (): Promise<void> => new Promise((done) => setTimeout(done));

it('tasks run one after the other, also after one that failed', async () => {
    const { ends, task } = slow();
    const line = inTurn();
    const first = line(task);
    const failed = line(() => Promise.reject(new Error('no')));
    const last = line(() => Promise.resolve('last'));
    await settled();
    expect(ends).toHaveLength(1);
    ends[0]?.();
    await first;
    await expect(failed).rejects.toThrow('no');
    expect(await last).toBe('last');
});

it('what comes meanwhile waits, and only the newest of it is sent', async () => {
    const { ends, task } = slow();
    const sent: number[] = [];
    const wanted: boolean[] = [];
    const send = newestOnly<number>(async (value, isNewest) => {
        sent.push(value);
        await task();
        wanted.push(isNewest());
    });
    void send(1);
    void send(2);
    const all = send(3);
    ends[0]?.();
    await settled();
    ends[1]?.();
    await settled();
    await all;
    expect([sent, wanted]).toEqual([
        [1, 3],
        [false, true],
    ]);
    void send(4);
    expect(sent).toEqual([1, 3, 4]);
});
