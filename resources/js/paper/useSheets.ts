import { watchDebounced } from '@vueuse/core';
import { ref, type Ref } from 'vue';
import { api, body } from '../api/client';
import type { Sheets, SizeLabels, StripLine } from '../api/types';
import type { Page } from './files';

/** How many sheets of a paper something takes, in words; nothing where that isn't known yet. */
export function sheetsInWords(many: number | null | undefined): string {
    if (many === null || many === undefined) return '';
    return many === 1 ? 'one sheet' : `${String(many)} sheets`;
}

/** How long the hands rest before it is asked. */
const REST_MS = 400;

/** How many sheets strip and pieces take, asked anew whenever the paper changes; a late answer takes nothing back. */
export function useSheets(
    make: number,
    how: Ref<{ page: Page; line?: StripLine; sizes?: SizeLabels } | null>,
) {
    const sheets = ref<Sheets | null>(null);
    let asked = 0;
    watchDebounced(
        how,
        async (now) => {
            const own = (asked += 1);
            if (now === null) return;
            const answer = await api
                .GET('/api/makes/{make}/sheets', { params: { path: { make }, query: now } })
                .then(body, () => null);
            if (own === asked) sheets.value = answer;
        },
        { immediate: true, debounce: REST_MS },
    );
    return sheets;
}
