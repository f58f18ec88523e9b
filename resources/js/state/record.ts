import { computed, shallowRef } from 'vue';
import { asRefused, type Refused } from '../api/client';
import { inTurn } from './queue';

/** A record as the server has it: the document that hands change, and whatever else it tells of it. */
export interface Kept<D> {
    document: D;
    version: number;
}

/** How a record is kept: the one way to the server for whatever has a version. */
export interface RecordServer<R, D> {
    load: () => Promise<R>;
    keep: (document: D, version: number) => Promise<R>;
}

/** What the document becomes; made again on whatever stands by then, so it touches what it means and nothing else. */
export type Change<D> = (now: D) => D;

interface Ahead<D> {
    to: Change<D>;
    field: string | null;
    isHeld: boolean;
    /** Told the document before it, or null where it was refused. */
    done: (before: D | null) => void;
}

/** So often a change is made again on what was changed elsewhere. */
const TRIES = 3;
const CHANGED_ELSEWHERE = 409;
const OUT_OF_REACH = 0;

/**
 * A record that is kept as it is changed: a queue of changes, one request at a time. What is typed stands at once, and no
 * answer is put over what is newer than its question.
 *
 * A change that names its field is held there until it is mended, and is put together with what was changed elsewhere. One
 * that names none is taken back where it is refused, and where the record was changed elsewhere: both are told.
 */
export function useRecord<R extends Kept<D>, D extends object>(server: RecordServer<R, D>) {
    /** As the server has it. */
    const known = shallowRef<R | null>(null);
    /** As it was when nothing else was on its way: what the server says of all that is typed. */
    const answered = shallowRef<R | null>(null);
    const ahead = shallowRef<Ahead<D>[]>([]);
    const refused = shallowRef<Refused | null>(null);
    const queue = inTurn();
    /** With all that is typed. */
    const document = computed<D | null>(() => known.value && made(known.value.document, ahead.value));

    const made = (from: D, changes: Ahead<D>[]): D => changes.reduce((now, { to }) => to(now), from);

    function leave(changes: Ahead<D>[]): void {
        ahead.value = ahead.value.filter((one) => !changes.includes(one));
    }

    /** What the server answers; what is typed and not at fault still waits for another. */
    function take(now: R): void {
        known.value = now;
        if (ahead.value.every(({ isHeld }) => isHeld)) answered.value = now;
    }

    async function put(changes: Ahead<D>[], tries = 0): Promise<void> {
        const seen = known.value;
        if (seen === null) return;
        try {
            const now = await server.keep(made(seen.document, changes), seen.version);
            leave(changes);
            take(now);
            changes.reduce((before, { to, done }) => {
                done(before);
                return to(before);
            }, seen.document);
        } catch (error) {
            if (asRefused(error).status !== CHANGED_ELSEWHERE || tries === TRIES) throw error;
            take(await server.load());
            if (changes.some(({ field }) => field === null)) throw error;
            await put(changes, tries + 1);
        }
    }

    /** One that is at fault is held in its field, or taken back; it holds up none of the others. */
    function refuse(changes: Ahead<D>[]): void {
        for (const one of changes) {
            one.isHeld = true;
            one.done(null);
        }
        leave(changes.filter(({ field }) => field === null));
    }

    async function send(changes: Ahead<D>[]): Promise<void> {
        if (changes.length === 0) return;
        try {
            await put(changes);
            refused.value = null;
        } catch (error) {
            const refusal = asRefused(error);
            if (changes.length === 1 || refusal.status === OUT_OF_REACH) {
                refuse(changes);
                refused.value = refusal;
                if (known.value !== null) take(known.value);
                return;
            }
            const told: Refused[] = [];
            for (const one of changes) {
                await send([one]);
                if (refused.value !== null) told.push(refused.value);
            }
            refused.value = told[0] ?? null;
        }
    }

    /**
     * @param field where it is typed; what was typed there before counts no more
     * @returns the document before it; null where it was refused
     */
    function change(to: Change<D>, field: string | null = null): Promise<D | null> {
        return new Promise((done) => {
            leave(ahead.value.filter((one) => field !== null && one.field === field));
            ahead.value = [...ahead.value, { to, field, isHeld: false, done }];
            void queue(() => send(ahead.value));
        });
    }

    /** What is neither a change of the document nor waits for one, such as opening the page; whether it was taken. */
    function ask(work: (version: number) => Promise<R>): Promise<boolean> {
        return queue(async () => {
            try {
                take(await work(known.value?.version ?? 0));
                refused.value = null;
                return true;
            } catch (error) {
                const refusal = asRefused(error);
                if (refusal.status === CHANGED_ELSEWHERE) take(await server.load());
                refused.value = refusal;
                return false;
            }
        });
    }

    const load = (): Promise<boolean> => ask(() => server.load());

    return { known, answered, document, refused, load, change, ask };
}
