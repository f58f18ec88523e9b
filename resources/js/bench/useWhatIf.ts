import { ref, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Card, Unit, WhatIf } from '../api/types';
import { newestOnly } from '../state/queue';
import { figure } from '../ui/figure';

/** How what-if reaches the server; the tests put their own in its place. */
export interface WhatIfServer {
    card: (card: number) => Promise<Card>;
    ask: (measures: Record<string, string>) => Promise<WhatIf>;
}

export const whatIfServer = (make: number): WhatIfServer => ({
    card: (card) => api.GET('/api/cards/{card}', { params: { path: { card } } }).then(body),
    ask: (measures) =>
        api.POST('/api/makes/{make}/what-if', { params: { path: { make } }, body: { measures } }).then(body),
});

/** So much a press moves a measure: what a tape is read to. */
const NUDGE_NM = { cm: 5_000_000, in: 6_350_000 } as const;

export interface Nudged {
    point: string;
    /** On the card. */
    card: string;
    typed: string;
    nm: number;
}

const textOf = (nm: number, unit: Unit): string => {
    const { whole, fraction } = figure(nm, unit, { places: 2 });
    return [whole, fraction].filter((part) => part !== '').join(' ');
};

/** Other measures tried on the bench: what they would give is shown, and nothing of it is kept. */
export function useWhatIf(server: WhatIfServer) {
    const answer = shallowRef<WhatIf | null>(null);
    const refused = shallowRef<Refused | null>(null);
    const points = ref<Nudged[]>([]);
    const isOpen = ref(false);
    /** Whether something was typed that has no answer yet. */
    const isAwaiting = ref(false);

    async function open(card: number, needed: readonly string[], unit: Unit): Promise<void> {
        isOpen.value = true;
        refused.value = null;
        try {
            const { measures } = await server.card(card);
            points.value = needed.flatMap((point) => {
                const measure = measures.find((one) => one.point === point);
                if (measure === undefined) return [];
                const text = textOf(measure.length_nm, unit);
                return [{ point, card: text, typed: text, nm: measure.length_nm }];
            });
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    const send = newestOnly<Record<string, string>>(async (measures, isNewest) => {
        try {
            const found = await server.ask(measures);
            if (!isNewest() || !isOpen.value) return;
            answer.value = found;
            // The next press goes on from what was typed, as it was read.
            points.value = points.value.map((one) => ({
                ...one,
                nm: found.measures_nm[one.point] ?? one.nm,
            }));
            refused.value = null;
        } catch (error) {
            if (isNewest()) refused.value = asRefused(error);
        }
        if (isNewest()) isAwaiting.value = false;
    });

    function ask(): void {
        // What is emptied is the card's own again.
        const others = points.value.filter(({ card, typed }) => !['', card].includes(typed.trim()));
        if (others.length === 0) {
            answer.value = null;
            return;
        }
        isAwaiting.value = true;
        void send(Object.fromEntries(others.map(({ point, typed }) => [point, typed.trim()])));
    }

    function type(point: string, typed: string): void {
        points.value = points.value.map((one) => (one.point === point ? { ...one, typed } : one));
        ask();
    }

    function nudge(point: string, way: 1 | -1, unit: Unit): void {
        points.value = points.value.map((one) => {
            if (one.point !== point) return one;
            const nm = one.nm + way * NUDGE_NM[unit];
            return { ...one, nm, typed: textOf(nm, unit) };
        });
        ask();
    }

    function leave(): void {
        isOpen.value = isAwaiting.value = false;
        answer.value = null;
        refused.value = null;
        points.value = [];
    }

    return { answer, refused, points, isOpen, isAwaiting, open, type, nudge, leave };
}
