import { tryOnScopeDispose, useDebounceFn, useRefHistory } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { BinEntry, Nest, NestMarks, NestPages } from '../api/types';
import { inTurn } from '../state/queue';
import type { PageLayout } from './layout';
import { inOrder, type Piece } from './pieces';

/** How long the hands rest before marks are kept. */
const REST_MS = 400;

/** How the page of nests reaches the server; the tests put their own in its place. */
export interface NestServer {
    load: () => Promise<Nest[]>;
    /** A page of a PDF, or all its pages as they lie. */
    bring: (piece: Piece, file: File, part: number | PageLayout | null, version: number) => Promise<Nest>;
    pages: (piece: Piece, file: File, layout: PageLayout | null, version: number) => Promise<NestPages>;
    mark: (piece: Piece, marks: NestMarks, version: number, scale: number | null) => Promise<Nest>;
    takeAway: (piece: Piece, version: number) => Promise<BinEntry>;
}

function sent(file: File, part: number | PageLayout | null, version: number): FormData {
    const form = new FormData();
    form.append('file', file);
    form.append('version', String(version));
    if (typeof part === 'number') form.append('page', String(part));
    else if (part !== null) form.append('layout', JSON.stringify(part));
    return form;
}

export function nestServer(pattern: number): NestServer {
    const params = (piece: Piece) => ({ path: { pattern, piece } });
    return {
        load: () => api.GET('/api/patterns/{pattern}/nests', { params: { path: { pattern } } }).then(body),
        bring: (piece, file, part, version) =>
            api
                .POST('/api/patterns/{pattern}/nests/{piece}', {
                    params: params(piece),
                    body: { file: '', version },
                    bodySerializer: () => sent(file, part, version),
                })
                .then(body),
        pages: (piece, file, layout, version) =>
            api
                .POST('/api/patterns/{pattern}/nests/{piece}/pages', {
                    params: params(piece),
                    body: { file: '', version },
                    bodySerializer: () => sent(file, layout, version),
                })
                .then(body),
        mark: (piece, marks, version, scale) =>
            api
                .PUT('/api/patterns/{pattern}/nests/{piece}', {
                    params: params(piece),
                    body: { marks, version, scale },
                })
                .then(body),
        takeAway: (piece, version) =>
            api
                .DELETE('/api/patterns/{pattern}/nests/{piece}', { params: params(piece), body: { version } })
                .then(body),
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
        nests.value = [...(nests.value ?? []).filter((one) => one.piece !== now.piece), now].sort(inOrder);
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

    /** The pages that a piece is spread over, as they lie or are proposed to. */
    const spread = shallowRef<NestPages | null>(null);
    async function look(file: File, layout: PageLayout | null = null): Promise<void> {
        isBusy.value = true;
        await attempt(async () => {
            spread.value = await server.pages(piece.value, file, layout, nest.value?.version ?? 0);
        });
        isBusy.value = false;
    }

    async function bring(file: File, part: number | PageLayout | null = null): Promise<void> {
        isBusy.value = true;
        keepNow();
        // What is marked goes into the bin with the drawing it is marked on.
        await queue(() =>
            attempt(async () => {
                try {
                    put(await server.bring(piece.value, file, part, nest.value?.version ?? 0));
                } catch (error) {
                    showMeanwhile(error);
                    throw error;
                }
                spread.value = null;
                open();
            }),
        );
        isBusy.value = false;
    }

    const keep = (scale: number | null = null, of = piece.value, marked = marks.value): Promise<void> =>
        queue(() =>
            attempt(async () => {
                const now = nests.value?.find((one) => one.piece === of);
                if (now === undefined) return;
                try {
                    put(await server.mark(of, marked, now.version, scale));
                    // What is marked has become larger with the drawing.
                    if (scale !== null && of === piece.value) open();
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
        spread.value = null;
        keepNow(before);
        open();
    });

    /** What stands there now is shown: nothing is replaced that was not seen. */
    function showMeanwhile(error: unknown): void {
        const meanwhile = (asRefused(error).answer as { nest?: Nest } | null)?.nest;
        if (meanwhile === undefined) return;
        put(meanwhile);
        open();
    }

    /** Into the bin, marks and all; what is marked and not kept yet is kept first. */
    async function takeAway(): Promise<BinEntry> {
        keepNow();
        const entry = await queue(() => server.takeAway(piece.value, nest.value?.version ?? 0));
        nests.value = (nests.value ?? []).filter((one) => one.piece !== piece.value);
        open();
        return entry;
    }

    return {
        nests,
        nest,
        piece,
        marks,
        history,
        refused,
        isBusy,
        spread,
        load,
        look,
        bring,
        keep,
        change,
        takeAway,
    };
}
