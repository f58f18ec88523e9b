// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { api } from '../api/client';
import { sheetsInWords, useSheets } from './useSheets';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
});

it('sheets are counted in words', () => {
    expect([sheetsInWords(1), sheetsInWords(10), sheetsInWords(null), sheetsInWords(undefined)]).toEqual([
        'one sheet',
        '10 sheets',
        '',
        '',
    ]);
});

it('they are asked for once the hands rest, and a late answer takes nothing back', async () => {
    const answers: ((strip: number) => void)[] = [];
    const get = vi.spyOn(api, 'GET').mockImplementation(
        () =>
            new Promise((done) => {
                answers.push((strip) => done({ data: { page: 'a4', strip, pieces: {} } } as never));
            }),
    );
    const how = ref<{ page: 'a4' | 'letter' | 'roll90' } | null>(null);
    const sheets = useSheets(3, how);
    await vi.advanceTimersByTimeAsync(500);
    expect(get).not.toHaveBeenCalled();
    how.value = { page: 'a4' };
    await vi.advanceTimersByTimeAsync(100);
    how.value = { page: 'letter' };
    await vi.advanceTimersByTimeAsync(500);
    expect(get).toHaveBeenCalledTimes(1);
    how.value = { page: 'roll90' };
    await vi.advanceTimersByTimeAsync(500);
    answers[1]?.(1);
    await flushPromises();
    answers[0]?.(4);
    await flushPromises();
    expect(sheets.value?.strip).toBe(1);
});
