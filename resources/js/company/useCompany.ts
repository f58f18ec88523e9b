import { computed, ref, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Choices, CompanyHead, CompanyLine, CompanyRow, CompanySums } from '../api/types';
import { useJoining } from '../state/joining';
import { inTurn } from '../state/queue';
import { readLines } from '../api/readLines';

/** What is kept of a company sheet. */
export interface KeptCompany {
    wearers: number[] | null;
    choices: Choices;
    exceptions: Record<string, Choices>;
}

/** How the company sheet reaches the server; the tests put their own in its place. */
export interface CompanyServer {
    lines: () => Promise<AsyncIterable<CompanyLine>>;
    keep: (sheet: KeptCompany, version: number) => Promise<CompanyHead>;
    begin: (wearer: number) => Promise<number>;
    putAway: (make: number) => Promise<void>;
}

export function companyServer(pattern: number): CompanyServer {
    const path = { pattern };
    return {
        lines: async () => {
            const answer = await api.GET('/api/patterns/{pattern}/company', {
                params: { path },
                parseAs: 'stream',
            });
            return readLines<CompanyLine>(body(answer) as unknown as ReadableStream<Uint8Array>);
        },
        keep: (sheet, version) =>
            api
                .PUT('/api/patterns/{pattern}/company', { params: { path }, body: { ...sheet, version } })
                .then(body),
        begin: (wearer) =>
            api
                .POST('/api/patterns/{pattern}/company/{wearer}', { params: { path: { pattern, wearer } } })
                .then(body)
                .then(({ id }) => id),
        putAway: async (make) => {
            const params = { path: { make } };
            const { version } = await api.GET('/api/makes/{make}', { params }).then(body);
            await api.DELETE('/api/makes/{make}', { params, body: { version } });
        },
    };
}

const sheetOf = ({ picked, choices, exceptions }: CompanyHead): KeptCompany => ({
    wearers: picked,
    choices,
    exceptions,
});

/** Rows that arrive are shown so often, not each by itself: the page has to stay usable meanwhile. */
const PAINT_MS = 100;

/** A pattern and all it is made for: rows are there as they arrive, and every change is kept and planned anew. */
export function useCompany(server: CompanyServer) {
    const head = shallowRef<CompanyHead | null>(null);
    const rows = shallowRef<CompanyRow[]>([]);
    const sums = shallowRef<CompanySums | null>(null);
    const refused = shallowRef<Refused | null>(null);
    const reading = ref(false);
    /** How many of how many makes are begun, or put away again. */
    const progress = shallowRef<{ done: number; of: number } | null>(null);
    /** Those that were begun at once last. */
    const begun = shallowRef<number[]>([]);
    let newest = 0;
    /** Changes are kept in the order in which they were made. */
    const queue = inTurn();
    /** The sheet as the server had it last: what is shown may be ahead of it. */
    let known: CompanyHead | null = null;
    /** How many changes are on their way: until the last is kept, what is read does not take their place. */
    let onTheWay = 0;
    const { clashes, join, settle: settled } = useJoining<KeptCompany>();
    const settle = (which: 'here' | 'meanwhile'): Promise<void> => queue(() => settled(which)).then(load);

    async function load(): Promise<void> {
        const mine = (newest += 1);
        reading.value = true;
        const arrived: CompanyRow[] = [];
        let painted = 0;
        try {
            for await (const line of await server.lines()) {
                // Another reading has begun meanwhile: what is left of this one is out of date.
                if (mine !== newest) return;
                if (line.head && onTheWay === 0 && clashes.value.length === 0) head.value = known = line.head;
                if (line.sums) sums.value = line.sums;
                if (line.row) {
                    arrived.push(line.row);
                    // A sheet that is read again keeps its old rows until the new ones are as many.
                    if (arrived.length < rows.value.length || performance.now() - painted < PAINT_MS)
                        continue;
                    rows.value = [...arrived];
                    painted = performance.now();
                }
            }
            rows.value = arrived;
            refused.value = null;
        } catch (error) {
            if (mine === newest) refused.value = asRefused(error);
        }
        if (mine === newest) reading.value = false;
    }

    /** What is chosen shows at once; made elsewhere meanwhile, both changes are put together. */
    async function keep(part: Partial<KeptCompany>): Promise<void> {
        if (head.value === null) return;
        const now = { ...sheetOf(head.value), ...part };
        show(now);
        onTheWay += 1;
        await queue(send);
        onTheWay -= 1;
        if (onTheWay === 0 && refused.value === null && clashes.value.length === 0) await load();
    }

    /** Sends what is shown by now, unless it stands so already. */
    async function send(): Promise<void> {
        const before = known;
        if (before === null || head.value === null || clashes.value.length > 0) return;
        const now = sheetOf(head.value);
        try {
            known = await server.keep(now, before.version);
            refused.value = null;
        } catch (error) {
            const refusal = asRefused(error);
            const meanwhile = (refusal.answer as { head?: CompanyHead } | null)?.head;
            // What was chosen stays chosen, and is sent again with the next change.
            if (meanwhile === undefined) refused.value = refusal;
            else
                await join({
                    before: sheetOf(before),
                    here: () => (head.value === null ? now : sheetOf(head.value)),
                    meanwhile: sheetOf(meanwhile),
                    take: async (both) => {
                        known = meanwhile;
                        show(both);
                        await send();
                    },
                });
        }
    }

    function show({ wearers, choices, exceptions }: KeptCompany): void {
        if (head.value !== null) head.value = { ...head.value, choices, exceptions, picked: wearers };
    }

    /** What one wearer's choices are, whole; null takes the exception away. */
    function except(wearer: number, own: Partial<Choices> | null): Promise<void> {
        const { [String(wearer)]: _, ...others } = head.value?.exceptions ?? {};
        return keep({ exceptions: own === null ? others : { ...others, [wearer]: own } });
    }

    /** One after the other, so that what is done shows, and what stops it stops it. */
    async function each<T>(items: readonly T[], work: (item: T) => Promise<void>): Promise<void> {
        progress.value = { done: 0, of: items.length };
        try {
            for (const item of items) {
                await work(item);
                progress.value = { done: progress.value.done + 1, of: items.length };
            }
            refused.value = null;
        } catch (error) {
            refused.value = asRefused(error);
        }
        progress.value = null;
        await load();
    }

    const waiting = computed(() => rows.value.filter((row) => row.headline !== null && row.make_id === null));

    async function makeAll(): Promise<void> {
        begun.value = [];
        await each(waiting.value, async ({ wearer_id }) => {
            begun.value = [...begun.value, await server.begin(wearer_id)];
        });
    }

    async function undo(): Promise<void> {
        const makes = begun.value;
        begun.value = [];
        await each(makes, server.putAway);
    }

    return {
        head,
        rows,
        sums,
        refused,
        reading,
        progress,
        begun,
        waiting,
        clashes,
        settle,
        load,
        keep,
        except,
        makeAll,
        undo,
    };
}
