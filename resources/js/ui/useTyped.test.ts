import { expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { useTyped } from './useTyped';

function cell(first: string) {
    const given = ref(first);
    const keep = vi.fn();
    return { given, keep, ...useTyped(() => given.value, keep) };
}

it('what is given is shown, but never over what is being typed', async () => {
    const { given, text, type } = cell('36 1/2');
    given.value = '36,5';
    await nextTick();
    expect(text.value).toBe('36,5');
    type('38');
    given.value = '37';
    await nextTick();
    expect(text.value).toBe('38');
});

it('once it is left, what was typed is kept once, and what is given next is shown', async () => {
    const { given, keep, text, type, leave } = cell('36');
    type('3');
    type('38 1/2');
    leave();
    leave();
    expect(keep.mock.calls).toEqual([['38 1/2']]);
    given.value = '38.5';
    await nextTick();
    expect(text.value).toBe('38.5');
});

it('typed back to what it was there is nothing to keep, and what was given meanwhile is shown', async () => {
    const { given, keep, text, type, leave } = cell('36');
    type('367');
    given.value = '40';
    await nextTick();
    type('36');
    leave();
    expect(keep).not.toHaveBeenCalled();
    expect(text.value).toBe('40');
});

it('what was refused stands until it is typed over', async () => {
    const { keep, text, type, leave } = cell('36');
    type('thirty');
    leave();
    await nextTick();
    expect(text.value).toBe('thirty');
    type('thirt');
    type('thirty');
    leave();
    expect([text.value, keep.mock.calls.length]).toEqual(['thirty', 1]);
});
