import { computed, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Fitting, FittingDocument, Offers, Verdict } from '../api/types';
import type { Ask } from './useOffers';
import { useRecord, type Change, type RecordServer } from '../state/record';

/** How the page of fittings reaches the server; the tests put their own in its place. */
export interface FittingServer extends RecordServer<Fitting, FittingDocument> {
    offers: () => Promise<Offers>;
    judge: (verdict: Verdict, version: number) => Promise<Fitting>;
}

export function fittingServer(make: number): FittingServer {
    const params = { path: { make } };
    return {
        load: () => api.GET('/api/makes/{make}/fitting', { params }).then(body),
        offers: () => api.GET('/api/makes/{make}/offers', { params }).then(body),
        keep: (fitting, version) =>
            api.PUT('/api/makes/{make}/fitting', { params, body: { fitting, version } }).then(body),
        judge: (verdict, version) =>
            api.PUT('/api/makes/{make}/verdict', { params, body: { verdict, version } }).then(body),
    };
}

/** The fittings of a make: every change is kept at once, one after the other, and can be undone. */
export function useFitting(server: FittingServer) {
    const record = useRecord<Fitting, FittingDocument>(server);
    const offers = shallowRef<Offers | null>(null);
    const past = shallowRef<FittingDocument[]>([]);
    const document = computed<FittingDocument>(() => record.document.value ?? {});

    async function load(): Promise<void> {
        if (!(await record.load())) return;
        offers.value = await server.offers().catch(() => null);
    }

    /** What the document becomes; whether it was taken. One that names its field waits there until it is mended. */
    async function change(to: Change<FittingDocument>, field: string | null = null): Promise<boolean> {
        const before = await record.change(to, field);
        if (before !== null) past.value = [...past.value, before];
        return before !== null;
    }

    async function undo(): Promise<void> {
        const before = past.value.at(-1);
        if (before === undefined) return;
        if ((await record.change(() => before)) !== null) past.value = past.value.slice(0, -1);
    }

    const judge = (verdict: Verdict): Promise<boolean> =>
        record.ask((version) => server.judge(verdict, version));

    /** Something else of the make is kept from here; the page comes anew with it. */
    const ask: Ask = async (work) => {
        let told: Refused | null = null;
        await record.ask(async (version) => {
            // What is told where it was pressed is not told here as well.
            await work(version).catch((error: unknown) => (told = asRefused(error)));
            return server.load();
        });
        offers.value = await server.offers().catch(() => null);
        return told;
    };

    const canUndo = computed(() => past.value.length > 0);

    return {
        page: record.known,
        document,
        offers,
        refused: record.refused,
        load,
        change,
        undo,
        canUndo,
        judge,
        ask,
    };
}
