import { shallowRef } from 'vue';
import { api, asRefused } from '../api/client';
import type { BinEntry } from '../api/types';

/** What was deleted last: it stands in the workroom with its undo, whichever page it was deleted on. */
const last = shallowRef<BinEntry | null>(null);

export function useBin() {
    /** @returns why it can't come back; null when it has */
    async function bringBack(entry: number): Promise<string | null> {
        try {
            await api.POST('/api/bin/{entry}/restore', { params: { path: { entry } } });
        } catch (error) {
            return asRefused(error).message;
        }
        if (last.value?.id === entry) last.value = null;
        return null;
    }

    return { last, bringBack };
}
