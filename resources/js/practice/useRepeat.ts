import { useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Hand, Unit } from '../api/types';

/** So many readings of one point, the tape off between. */
export const TIMES = 5;

type Point = Hand['points'][number]['point'];
/** One point measured again and again, so far as it has come. */
export interface Begun {
    name: string;
    point: Point;
    unit: Unit;
    readings: string[];
}

/** How hands are kept; the tests put their own in its place. */
export interface HandServer {
    load: () => Promise<Hand[]>;
    keep: (repeat: Begun & { on?: string | null }) => Promise<Hand[]>;
    keepSpread: (name: string, point: Point, spread: string) => Promise<Hand[]>;
    forget: (name: string) => Promise<Hand[]>;
}

export const handServer: HandServer = {
    load: () => api.GET('/api/hands').then(body),
    keep: (repeat) => api.PUT('/api/hands', { body: repeat }).then(body),
    keepSpread: (name, point, spread) => api.PUT('/api/hands', { body: { name, point, spread } }).then(body),
    forget: (name) => api.DELETE('/api/hands/{name}', { params: { path: { name } } }).then(body),
};

/** Hands that measure: what each has shown, one that is being practised, and one that was just forgotten. */
export function useRepeat(server: HandServer) {
    const hands = ref<Hand[]>([]);
    const refused = ref<Refused | null>(null);
    /** Kept in this browser until the last reading is there: nobody measures five times again for a reload. */
    const begun = useLocalStorage<Begun | null>('underbolt.repeat', null, {
        serializer: { read: (text) => JSON.parse(text) as Begun | null, write: JSON.stringify },
    });
    const forgotten = ref<Hand | null>(null);
    /** What came of the last one. */
    const done = ref<{ name: string; point: Point } | null>(null);
    const result = computed(() => {
        const hand = hands.value.find(({ name }) => name === done.value?.name);
        return hand?.points.find(({ point }) => point === done.value?.point) ?? null;
    });

    async function trying(what: () => Promise<Hand[]>): Promise<boolean> {
        refused.value = null;
        try {
            hands.value = await what();
            return true;
        } catch (error) {
            refused.value = asRefused(error);
            return false;
        }
    }

    function begin(name: string, point: Point, unit: Unit): void {
        done.value = null;
        begun.value = { name, point, unit, readings: [] };
    }

    /** A reading is looked at as soon as it is written; the last one ends it. */
    async function write(text: string): Promise<boolean> {
        const now = begun.value;
        if (now === null) return false;
        const next = { ...now, readings: [...now.readings, text] };
        if (!(await trying(() => server.keep(next)))) return false;
        if (next.readings.length < TIMES) begun.value = next;
        else {
            begun.value = null;
            done.value = { name: now.name, point: now.point };
        }
        return true;
    }

    async function forget(hand: Hand): Promise<void> {
        if (await trying(() => server.forget(hand.name))) forgotten.value = hand;
    }

    async function putBack(): Promise<void> {
        const hand = forgotten.value;
        for (const { point, readings, unit, on, spread } of hand?.points ?? []) {
            const name = hand?.name ?? '';
            const put = (): Promise<Hand[]> =>
                spread === null
                    ? server.keep({ name, point, readings, unit: unit ?? 'cm', on })
                    : server.keepSpread(name, point, spread);
            if (!(await trying(put))) return;
        }
        forgotten.value = null;
    }

    const load = (): Promise<boolean> => trying(server.load);
    const leave = (): void => {
        begun.value = null;
    };
    return { hands, refused, begun, forgotten, done, result, load, begin, write, leave, forget, putBack };
}
