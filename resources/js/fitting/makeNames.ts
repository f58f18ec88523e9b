import { api, body } from '../api/client';
import type { Bench, Make, Workroom } from '../api/types';

/** What a make is called is kept, and the make comes back as it then stands. */
export const named =
    (make: number, names: { name: string; note: string }) =>
    async (version: number): Promise<Bench> => {
        const params = { path: { make } };
        await api.PATCH('/api/makes/{make}', { params, body: { ...names, version } }).then(body);
        return api.GET('/api/makes/{make}/bench', { params }).then(body);
    };

/** The next make, begun from one: of another card, or of another pattern. */
export const begun = (
    make: number,
    from: { card_id?: number | null; pattern_id?: number | null },
): Promise<Make> =>
    api.POST('/api/makes/{make}/copies', { params: { path: { make } }, body: from }).then(body);

export const whatThereIs = (): Promise<Workroom | null> =>
    api
        .GET('/api/workroom')
        .then(body)
        .catch(() => null);
