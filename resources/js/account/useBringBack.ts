import { ref, shallowRef } from 'vue';
import { api, asRefused, body } from '../api/client';
import { readLines } from '../api/readLines';
import type { BringingLine, BroughtBack } from '../api/types';

/** How a file of everything reaches the server; the tests put their own in its place. */
export type BringServer = (form: FormData, signal: AbortSignal) => Promise<AsyncIterable<BringingLine>>;

export const bringServer: BringServer = async (form, signal) => {
    const answer = await api.POST('/api/me/everything', {
        body: form as never,
        bodySerializer: () => form,
        parseAs: 'stream',
        signal,
    });
    return readLines<BringingLine>(body(answer) as unknown as ReadableStream<Uint8Array>);
};

/** A file of everything, in again: told first, then brought in; it can be stopped, and then nothing of it is here. */
export function useBringBack(server: BringServer) {
    const told = shallowRef<BroughtBack | null>(null);
    /** Of a hundred; null while nothing is under way, and before it is known how much there is. */
    const done = ref<number | null>(null);
    const under = ref<'reading' | 'bringing' | null>(null);
    const refusal = ref<string | null>(null);
    let chosen: File | null = null;
    let stopping: AbortController | null = null;

    async function send(write: boolean, takes: boolean): Promise<void> {
        if (chosen === null) return;
        under.value = write ? 'bringing' : 'reading';
        refusal.value = done.value = null;
        stopping = new AbortController();
        const form = new FormData();
        form.append('file', chosen);
        form.append('write', write ? '1' : '0');
        form.append('takes', takes ? '1' : '0');
        let brought: BroughtBack | null = null;
        try {
            for await (const line of await server(form, stopping.signal)) {
                done.value = line.done ?? done.value;
                brought = line.brought ?? brought;
                refusal.value = line.failed ?? refusal.value;
            }
            if (brought === null && refusal.value === null)
                refusal.value =
                    'The connection broke off. Choose the file again: what is in already is told.';
            told.value = brought ?? (write ? told.value : null);
        } catch (error) {
            const refused = asRefused(error);
            const isStopped = stopping.signal.aborted;
            refusal.value = isStopped
                ? 'Stopped: nothing of it is here.'
                : (refused.at('file') ?? refused.message);
            if (!write) told.value = null;
        }
        under.value = done.value = null;
    }

    return {
        told,
        done,
        under,
        refusal,
        look: (file: File | null): Promise<void> => {
            chosen = file;
            told.value = null;
            return send(false, false);
        },
        bring: (takes: boolean): Promise<void> => send(true, takes),
        stop: (): void => stopping?.abort(),
        leave: (): void => {
            told.value = null;
        },
    };
}
