import { ref, shallowRef } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { PastedPart, PatternDocument, Unit } from '../api/types';

export type PartKind = 'cups' | 'cloth' | 'fits' | 'pieces';

/** Asks the server what a table beside the size charts says; nothing goes into the pattern before it is looked over. */
export function usePastedPart(kind: PartKind, unit: () => Unit, pattern: () => PatternDocument) {
    const part = shallowRef<PastedPart | null>(null);
    const refusal = ref<string | null>(null);
    const busy = ref(false);
    let pasted: { text: string; html: string | null } = { text: '', html: null };

    async function ask(told: string | null): Promise<void> {
        busy.value = true;
        refusal.value = null;
        const { sizes, views, fits, ranges, cups } = pattern();
        try {
            const answer = await api
                .POST('/api/charts/part', {
                    body: {
                        part: kind,
                        ...pasted,
                        unit: unit(),
                        told,
                        sizes,
                        views: views ?? [],
                        fits: fits ?? [],
                        cups: Object.keys(cups?.body_chart ?? {}),
                        ranges: (ranges ?? []).map(({ name }) => name),
                    },
                })
                .then(body);
            part.value = answer as PastedPart;
        } catch (error) {
            refusal.value = asRefused(error).message;
        } finally {
            busy.value = false;
        }
    }

    async function read(text: string, html: string | null = null): Promise<void> {
        pasted = { text, html };
        await ask(null);
    }

    function drop(): void {
        part.value = null;
        refusal.value = null;
    }

    return { part, refusal, busy, read, isIn: ask, drop };
}
