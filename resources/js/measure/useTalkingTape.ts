import { useIntervalFn } from '@vueuse/core';
import { ref, shallowRef } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { TapePairing, TapeReading } from '../api/types';

/** Often enough to feel at once, seldom enough for a small server. */
const EVERY_MS = 600;

/** How the listener reaches the server; the tests put their own in its place. */
export interface TapeServer {
    pair: () => Promise<TapePairing>;
    since: (after: number) => Promise<TapeReading[]>;
}

export const tapeServer: TapeServer = {
    pair: () => api.POST('/api/tape/token').then(body),
    since: (after) =>
        api
            .GET('/api/tape/readings', { params: { query: { after } } })
            .then(body)
            .then(({ readings }) => readings),
};

/** Listens for what a paired tape sends, and hands its readings on one by one, in order. */
export function useTalkingTape(
    hear: (reading: TapeReading) => Promise<void>,
    server: TapeServer = tapeServer,
) {
    const pairing = shallowRef<TapePairing | null>(null);
    const trouble = ref<string | null>(null);
    let last = 0;
    let asking = false;

    async function listen(): Promise<void> {
        if (asking || pairing.value === null) return;
        asking = true;
        try {
            for (const reading of await server.since(last)) {
                last = reading.id;
                await hear(reading);
            }
            trouble.value = null;
        } catch (error) {
            trouble.value = asRefused(error).message;
        }
        asking = false;
    }

    const { pause, resume } = useIntervalFn(listen, EVERY_MS, { immediate: false });

    async function start(): Promise<void> {
        try {
            pairing.value = await server.pair();
            last = pairing.value.last;
            resume();
        } catch (error) {
            trouble.value = asRefused(error).message;
        }
    }

    function stop(): void {
        pause();
        pairing.value = null;
    }

    return { pairing, trouble, start, stop, listen };
}
