import { computed } from 'vue';
import { api, body } from '../api/client';
import type { Cloth, ClothPage } from '../api/types';
import { useRecord, type RecordServer } from '../state/record';

/** How the page of the cloth reaches the server; the tests put their own in its place. */
export type ClothServer = RecordServer<ClothPage, Cloth>;

export function clothServer(make: number): ClothServer {
    const params = { path: { make } };
    return {
        load: () => api.GET('/api/makes/{make}/cloth', { params }).then(body),
        keep: (cloth, version) =>
            api.PUT('/api/makes/{make}/cloth', { params, body: { cloth, version } }).then(body),
    };
}

/** The cloth of a make: what is typed stands at once, and stays where it can't be kept. */
export function useCloth(server: ClothServer) {
    const { answered: page, document, refused, load, change: keep } = useRecord<ClothPage, Cloth>(server);
    const cloth = computed<Cloth>(() => document.value ?? {});

    async function change(part: Partial<Cloth>): Promise<void> {
        const fields = Object.entries(part);
        await Promise.all(fields.map(([field, value]) => keep((now) => ({ ...now, [field]: value }), field)));
    }

    return { page, cloth, refused, load, change };
}
