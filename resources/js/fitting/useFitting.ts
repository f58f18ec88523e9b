import { computed, ref, shallowRef } from 'vue';
import { api, asRefused, body, Refused } from '../api/client';
import type { Bench, Fitting, FittingDocument, Offers, Verdict } from '../api/types';
import { inTurn } from '../state/queue';

/** How the page of fittings reaches the server; the tests put their own in its place. */
export interface FittingServer {
    load: () => Promise<Fitting>;
    offers: () => Promise<Offers>;
    keep: (fitting: FittingDocument, version: number) => Promise<Fitting>;
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
    const page = shallowRef<Fitting | null>(null);
    const offers = shallowRef<Offers | null>(null);
    const refused = ref<Refused | null>(null);
    const past = shallowRef<FittingDocument[]>([]);
    const queue = inTurn();
    /** What was changed and is on its way: the next change goes on from it. */
    const ahead = shallowRef<FittingDocument | null>(null);
    const document = computed<FittingDocument>(() => ahead.value ?? page.value?.document ?? {});

    async function attempt(work: () => Promise<Fitting>): Promise<boolean> {
        try {
            page.value = await work();
            refused.value = null;
            return true;
        } catch (error) {
            const refusal = asRefused(error);
            const changed = (refusal.answer as { bench?: Bench } | null)?.bench !== undefined;
            // Changed elsewhere meanwhile: it is shown as it stands now, and told.
            if (changed) page.value = await server.load();
            refused.value = refusal;
            return false;
        }
    }

    async function load(): Promise<void> {
        if (!(await attempt(server.load))) return;
        offers.value = await server.offers().catch(() => null);
    }

    async function keep(now: FittingDocument): Promise<boolean> {
        ahead.value = now;
        const isKept = await queue(() => attempt(() => server.keep(now, page.value?.version ?? 0)));
        if (ahead.value === now) ahead.value = null;
        return isKept;
    }

    /** What the document becomes; whether it was taken. */
    async function change(to: (document: FittingDocument) => FittingDocument): Promise<boolean> {
        const before = document.value;
        const isKept = await keep(to(before));
        if (isKept) past.value = [...past.value, before];
        return isKept;
    }

    async function undo(): Promise<void> {
        const before = past.value.at(-1);
        if (before === undefined) return;
        if (await keep(before)) past.value = past.value.slice(0, -1);
    }

    const judge = (verdict: Verdict): Promise<boolean> =>
        queue(() => attempt(() => server.judge(verdict, page.value?.version ?? 0)));

    const canUndo = computed(() => past.value.length > 0);

    return { page, document, offers, refused, load, change, undo, canUndo, judge };
}
