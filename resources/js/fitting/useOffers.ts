import { ref, shallowRef } from 'vue';
import { api, body, type Refused } from '../api/client';
import type { Bench, Learned, Offers } from '../api/types';

/** How a page keeps something of its make: in turn with all else that is kept there, on the version that stands then. */
export type Ask = (work: (version: number) => Promise<Bench>) => Promise<Refused | null>;

/** What earlier makes of the wearer teach, and how it is taken over: always by a press. */
export function useOffers(make: number, ask: Ask) {
    const params = { path: { make } };
    const offers = shallowRef<Offers | null>(null);
    /** What was taken last, with what it took back. */
    const taken = shallowRef<Learned | null>(null);
    const refused = ref('');

    async function load(): Promise<void> {
        offers.value = await api
            .GET('/api/makes/{make}/offers', { params })
            .then(body)
            .catch(() => null);
    }

    async function keep(work: (version: number) => Promise<Bench>): Promise<void> {
        refused.value = (await ask(work))?.message ?? '';
    }

    const takeEase = (level: Offers['eases'][number]['level']): Promise<void> =>
        keep(async (version) => {
            const learned = await api
                .PUT('/api/makes/{make}/offers/{level}', {
                    params: { path: { make, level } },
                    body: { version },
                })
                .then(body);
            taken.value = learned;
            return learned.bench;
        });

    /** What was found stays in the line as well: for those who know it is not in the ease. */
    const putBack = (): Promise<void> =>
        keep(async (version) => {
            const fitting = taken.value?.fitting_before ?? {};
            await api.PUT('/api/makes/{make}/fitting', { params, body: { fitting, version } }).then(body);
            taken.value = null;
            return api.GET('/api/makes/{make}/bench', { params }).then(body);
        });

    /** What the last make of the same pattern was changed by. */
    const takeLast = (keys: string[]): Promise<void> =>
        keep((version) =>
            api.PUT('/api/makes/{make}/offers/last', { params, body: { keys, version } }).then(body),
        );

    return { offers, taken, refused, load, takeEase, putBack, takeLast };
}
