// @vitest-environment jsdom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, expect, it, vi } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import { api, Refused } from '../api/client';
import type { BringingLine } from '../api/types';
import BringBackPart from './BringBackPart.vue';

afterEach(() => vi.restoreAllMocks());

const kinds = [
    { kind: 'wearers', new: ['Ana'], same: 2, different: [] },
    { kind: 'makes', new: [], same: 0, different: ['Ana, Dress'] },
];
const brought = (isWritten: boolean): BringingLine => ({
    done: null,
    failed: null,
    brought: { kinds, is_written: isWritten },
});
const far = (done: number): BringingLine => ({ done, failed: null, brought: null });

/** A stream that says its lines when it is told to. */
function answer(): { said: (...lines: BringingLine[]) => void; ends: () => void; stream: ReadableStream } {
    let to!: ReadableStreamDefaultController<Uint8Array>;
    const stream = new ReadableStream<Uint8Array>({ start: (controller) => void (to = controller) });
    const encoded = (text: string): Uint8Array => new TextEncoder().encode(text);
    return {
        said: (...lines) => lines.forEach((line) => to.enqueue(encoded(`${JSON.stringify(line)}\n`))),
        ends: () => to.close(),
        stream,
    };
}

interface Sent {
    write: FormDataEntryValue | null;
    takes: FormDataEntryValue | null;
}
function server(...answers: (ReadableStream | Error)[]): Sent[] {
    const sent: Sent[] = [];
    vi.spyOn(api, 'POST').mockImplementation(((
        _: string,
        { bodySerializer, signal }: { bodySerializer: () => FormData; signal: AbortSignal },
    ) => {
        const form = bodySerializer();
        sent.push({ write: form.get('write'), takes: form.get('takes') });
        const next = answers.shift();
        if (next instanceof Error) return Promise.reject(next);
        return next
            ? Promise.resolve({ data: next, response: new Response(null, { status: 200 }) })
            : new Promise((_, refuse) =>
                  signal.addEventListener('abort', () => refuse(new Error('aborted'))),
              );
    }) as never);
    return sent;
}
function told(...lines: BringingLine[]): ReadableStream {
    const one = answer();
    one.said(...lines);
    one.ends();
    return one.stream;
}
const settled = (shown: VueWrapper, what: string): Promise<void> =>
    vi.waitFor(() => expect(words(shown)).toContain(what));
async function choose(shown: VueWrapper): Promise<void> {
    const input = shown.get('input[type=file]');
    Object.defineProperty(input.element, 'files', {
        value: [new File(['x'], 'all.zip')],
        configurable: true,
    });
    Object.defineProperty(input.element, 'value', { value: '', writable: true, configurable: true });
    await input.trigger('change');
    await flushPromises();
}
const button = (shown: VueWrapper, label: string) =>
    shown.findAll('button').find((one) => one.text() === label);

it('a file is told first, brought in by a press, and the file’s taken only where that is said', async () => {
    const second = answer();
    const sent = server(told(far(50), brought(false)), second.stream);
    const shown = show(BringBackPart, {});
    await choose(shown);
    await settled(shown, 'Nothing is written yet.');
    expect(shown.findAll('tbody tr').map(words)).toEqual(['wearers1 Ana2–', 'makes– –1 Ana, Dress']);
    await shown.get('.takes input').setValue(true);
    await button(shown, 'Bring it in')?.trigger('click');
    second.said(far(40));
    await settled(shown, 'Being brought back, 40 %');
    expect(shown.get('progress').attributes('value')).toBe('40');
    second.said(brought(true));
    second.ends();
    await settled(shown, 'It is brought in.');
    expect(shown.find('progress').exists()).toBe(false);
    expect(sent).toEqual([
        { write: '0', takes: '0' },
        { write: '1', takes: '1' },
    ]);
});

it('while it is brought back it can be stopped, and what would come in stands there still', async () => {
    server(told(brought(false)));
    const shown = show(BringBackPart, {});
    await choose(shown);
    await settled(shown, 'Nothing is written yet.');
    await button(shown, 'Bring it in')?.trigger('click');
    await button(shown, 'Stop')?.trigger('click');
    await settled(shown, 'Stopped: nothing of it is here.');
    expect(button(shown, 'Bring it in')?.attributes('disabled')).toBeUndefined();
});

it('what is refused, what fails on the way and what breaks off is said', async () => {
    const refused = new Refused(422, 'No.', { file: ['The records in this file can’t be read.'] });
    server(refused, told({ done: null, brought: null, failed: 'Not just now.' }), told(far(10)));
    const shown = show(BringBackPart, {});
    for (const says of [
        'The records in this file can’t be read.',
        'Not just now.',
        'The connection broke off.',
    ]) {
        await choose(shown);
        await settled(shown, says);
        expect(shown.find('table').exists()).toBe(false);
    }
});
