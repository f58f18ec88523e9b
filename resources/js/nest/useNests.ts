import { tryOnScopeDispose, useDebounceFn, useRefHistory } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Nest, NestMarks } from '../api/types';
import { inTurn } from '../state/queue';

export type Piece = 'front' | 'back';

/** How long the hands rest before marks are kept. */
const REST_MS = 400;

/** How the page of nests reaches the server; the tests put their own in its place. */
export interface NestServer {
    load: () => Promise<Nest[]>;
    bring: (piece: Piece, file: File, page: number | null) => Promise<Nest>;
    mark: (piece: Piece, marks: NestMarks, version: number, scale: number | null) => Promise<Nest>;
    takeAway: (piece: Piece) => Promise<void>;
}

export function nestServer(pattern: number): NestServer {
    const params = (piece: Piece) => ({ path: { pattern, piece } });
    return {
        load: () => api.GET('/api/patterns/{pattern}/nests', { params: { path: { pattern } } }).then(body),
        bring: (piece, file, page) =>
            api
                .POST('/api/patterns/{pattern}/nests/{piece}', {
                    params: params(piece),
                    body: { file: '', page },
                    bodySerializer: () => {
                        const form = new FormData();
                        form.append('file', file);
                        if (page !== null) form.append('page', String(page));
                        return form;
                    },
                })
                .then(body),
        mark: (piece, marks, version, scale) =>
            api
                .PUT('/api/patterns/{pattern}/nests/{piece}', {
                    params: params(piece),
                    body: { marks, version, scale },
                })
                .then(body),
        takeAway: async (piece) => {
            await api.DELETE('/api/patterns/{pattern}/nests/{piece}', { params: params(piece) });
        },
    };
}

/** The drawings of a pattern, and the marks on the one at hand: kept soon after each change, and undone. */
export function useNests(server: NestServer) {
    const nests = shallowRef<Nest[] | null>(null);
    const piece = ref<Piece>('front');
    const nest = computed(() => nests.value?.find((one) => one.piece === piece.value) ?? null);
    // A plain object, replaced whole at each change.
    const marks = shallowRef<NestMarks>({});
    const history = useRefHistory(marks, { capacity: 200, flush: 'sync' });
    const refused = ref<Refused | null>(null);
    const isBusy = ref(false);
    const queue = inTurn();
    /** What is opened stands already: only what is marked then is kept. */
    let isOpening = false;

    function put(now: Nest): void {
        nests.value = [...(nests.value ?? []).filter((one) => one.piece !== now.piece), now].sort(
            (one, other) => other.piece.localeCompare(one.piece),
        );
    }

    function open(): void {
        const own = nest.value?.marks ?? {};
        const lines = Object.keys(own.lines ?? {}).length > 0 ? own.lines : nest.value?.proposed;
        isOpening = true;
        marks.value = { ...own, lines: { ...lines }, fold: own.fold ?? 'left' };
        isOpening = false;
        history.clear();
    }

    async function attempt(work: () => Promise<void>): Promise<void> {
        refused.value = null;
        try {
            await work();
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    const load = (): Promise<void> =>
        attempt(async () => {
            nests.value = await server.load();
            piece.value = nests.value[0]?.piece ?? 'front';
            open();
        });

    async function bring(file: File, page: number | null = null): Promise<void> {
        isBusy.value = true;
        await attempt(async () => {
            put(await server.bring(piece.value, file, page));
            open();
        });
        isBusy.value = false;
    }

    const keep = (scale: number | null = null, of = piece.value, marked = marks.value): Promise<void> =>
        queue(() =>
            attempt(async () => {
                const now = nests.value?.find((one) => one.piece === of);
                if (now === undefined) return;
                try {
                    put(await server.mark(of, marked, now.version, scale));
                } catch (error) {
                    // Marked elsewhere meanwhile: what stands there is seen, and what is marked here is kept on it.
                    const meanwhile = (asRefused(error).answer as { nest?: Nest } | null)?.nest;
                    if (meanwhile === undefined) throw error;
                    put(await server.mark(of, { ...meanwhile.marks, ...marked }, meanwhile.version, scale));
                }
            }),
        );
    /** Whether something is marked that is not on its way yet. */
    let isWaiting = false;
    function keepNow(of = piece.value): void {
        if (isWaiting) void keep(null, of);
        isWaiting = false;
    }
    const keepSoon = useDebounceFn(keepNow, REST_MS);
    tryOnScopeDispose(keepNow);

    function change(part: Partial<NestMarks>): void {
        marks.value = { ...marks.value, ...part };
    }

    watch(
        marks,
        () => {
            if (isOpening || nest.value === null) return;
            isWaiting = true;
            void keepSoon();
        },
        { flush: 'sync' },
    );
    watch(piece, (_now, before) => {
        keepNow(before);
        open();
    });

    const takeAway = (): Promise<void> =>
        attempt(async () => {
            await server.takeAway(piece.value);
            nests.value = (nests.value ?? []).filter((one) => one.piece !== piece.value);
            open();
        });

    return { nests, nest, piece, marks, history, refused, isBusy, load, bring, keep, change, takeAway };
}
