import { expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { NOTICED_MS, useLate } from './useLate';

it('a wait is late once it is noticed, and never after its answer', async () => {
    vi.useFakeTimers();
    const isAwaiting = ref(false);
    const isLate = useLate(isAwaiting);
    const wait = async (ms: number): Promise<void> => {
        await nextTick();
        vi.advanceTimersByTime(ms);
        await nextTick();
    };
    isAwaiting.value = true;
    await wait(NOTICED_MS - 1);
    expect(isLate.value).toBe(false);
    await wait(1);
    expect(isLate.value).toBe(true);
    isAwaiting.value = false;
    expect(isLate.value).toBe(false);

    // A quick answer, and the next question at once: the second wait is counted from its own beginning.
    await wait(NOTICED_MS);
    isAwaiting.value = true;
    await wait(NOTICED_MS - 20);
    isAwaiting.value = false;
    await nextTick();
    isAwaiting.value = true;
    await wait(40);
    expect(isLate.value).toBe(false);
    vi.useRealTimers();
});
