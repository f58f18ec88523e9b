// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import { api } from '../api/client';
import BringBackPart from './BringBackPart.vue';

const kinds = [
    { kind: 'wearers', new: ['Ana'], same: 2, different: [] },
    { kind: 'makes', new: [], same: 0, different: ['Ana, Dress'] },
];

it('a file is told first, brought in by a press, and the file’s taken only where that is said', async () => {
    const sent: Record<string, FormDataEntryValue | null>[] = [];
    vi.spyOn(api, 'POST').mockImplementation(((
        _: string,
        { bodySerializer }: { bodySerializer: () => FormData },
    ) => {
        const form = bodySerializer();
        sent.push({ write: form.get('write'), takes: form.get('takes') });
        return Promise.resolve({
            data: { kinds, is_written: form.get('write') === '1' },
            response: new Response(null, { status: 200 }),
        });
    }) as never);
    const shown = show(BringBackPart, {});
    const input = shown.get('input[type=file]');
    Object.defineProperty(input.element, 'files', { value: [new File(['x'], 'all.zip')] });
    Object.defineProperty(input.element, 'value', { value: '', writable: true });
    await input.trigger('change');
    await flushPromises();
    expect(words(shown)).toContain('Nothing is written yet.');
    expect(shown.findAll('tbody tr').map(words)).toEqual(['wearers1 Ana2–', 'makes– –1 Ana, Dress']);
    await shown.get('.takes input').setValue(true);
    await shown.findAll('.acts button')[0]?.trigger('click');
    await flushPromises();
    expect(words(shown)).toContain('It is brought in.');
    expect(sent).toEqual([
        { write: '0', takes: '0' },
        { write: '1', takes: '1' },
    ]);
});
