import { shallowRef } from 'vue';
import { merged, type Clash } from './merge';

/** Two changes of one record, made here and elsewhere from the same view of it. */
interface Meeting<T> {
    before: T;
    /** As it is typed by now: hands go on while it is asked which of the two counts. */
    here: () => T;
    meanwhile: T;
    /** Takes over what both give together, and keeps it. */
    take: (both: T) => Promise<void>;
}

/** Puts a change that was made elsewhere together with the one here; where they clash it is asked first which counts. */
export function useJoining<T>() {
    const clashes = shallowRef<Clash[]>([]);
    let open: Meeting<T> | null = null;

    async function join(meeting: Meeting<T>): Promise<void> {
        const both = merged(meeting.before, meeting.here(), meeting.meanwhile);
        clashes.value = both.clashes;
        if (both.clashes.length > 0) open = meeting;
        else await meeting.take(both.merged);
    }

    async function settle(which: 'here' | 'meanwhile'): Promise<void> {
        if (open === null) return;
        const { before, here, meanwhile, take } = open;
        open = null;
        clashes.value = [];
        await take(merged(before, here(), meanwhile, which).merged);
    }

    return { clashes, join, settle };
}
