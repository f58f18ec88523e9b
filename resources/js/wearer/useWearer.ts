import { watchDebounced } from '@vueuse/core';
import { ref, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { BinEntry, Card, History, WearerPage } from '../api/types';
import { useJoining } from '../state/joining';
import { isSame } from '../state/merge';
import { inTurn } from '../state/queue';

/** What is typed of a wearer. */
type Typed = Pick<WearerPage, 'name' | 'notes' | 'unit' | 'sizes_hidden' | 'archived'> & {
    agreed: boolean;
    wardrobe: { garments: NonNullable<WearerPage['wardrobe']['garments']> };
};

/** How long the hands rest before what was typed is kept. */
const REST_MS = 500;

const typedOf = (wearer: WearerPage): Typed => ({
    name: wearer.name,
    notes: wearer.notes,
    unit: wearer.unit,
    agreed: wearer.agreed_on !== null,
    sizes_hidden: wearer.sizes_hidden,
    archived: wearer.archived,
    wardrobe: { garments: wearer.wardrobe.garments ?? [] },
});

/** As it is now, whatever is typed next. */
const copy = (one: Typed): Typed => JSON.parse(JSON.stringify(one)) as Typed;

/** A wearer as typed: kept soon after each change, one save after the other; put together with what was changed elsewhere. */
export function useWearer(id: number) {
    const params = { path: { wearer: id } };
    const page = shallowRef<WearerPage | null>(null);
    const typed = ref<Typed | null>(null);
    const refused = ref<Refused | null>(null);
    const { clashes, join, settle: settled } = useJoining<Typed>();
    // One after the other: a save that overtakes another would find the wearer changed by itself.
    const queue = inTurn();

    function show(wearer: WearerPage): void {
        typed.value = typedOf(wearer);
        page.value = wearer;
    }

    async function load(): Promise<void> {
        try {
            show(await api.GET('/api/wearers/{wearer}', { params }).then(body));
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    async function keep(): Promise<void> {
        const before = page.value;
        const sent = typed.value && copy(typed.value);
        if (before === null || sent === null || clashes.value.length > 0 || isSame(typedOf(before), sent))
            return;
        try {
            const kept = await api
                .PATCH('/api/wearers/{wearer}', { params, body: { ...sent, version: before.version } })
                .then(body);
            // Each length has its unit now, and names their last form; what was typed meanwhile stays.
            const isNewest = isSame(typed.value, sent);
            page.value = kept;
            if (isNewest) typed.value = { ...sent, wardrobe: typedOf(kept).wardrobe };
            refused.value = null;
        } catch (error) {
            const refusal = asRefused(error);
            const meanwhile = (refusal.answer as { wearer?: WearerPage } | null)?.wearer;
            if (refusal.status === 409 && meanwhile !== undefined) {
                await join({
                    before: typedOf(before),
                    here: () => typed.value ?? sent,
                    meanwhile: typedOf(meanwhile),
                    take: async (both) => {
                        page.value = meanwhile;
                        typed.value = both;
                        await keep();
                    },
                });
            } else refused.value = refusal;
        }
    }

    const save = (): Promise<void> => queue(keep);
    const settle = (which: 'here' | 'meanwhile'): Promise<void> => queue(() => settled(which));
    watchDebounced(typed, save, { debounce: REST_MS, deep: true });

    /** Out of the lists, or back into them: at once. */
    function putAway(archived: boolean): Promise<void> {
        if (typed.value !== null) typed.value = { ...typed.value, archived };
        return save();
    }

    /** After what is typed is kept: deleting from an old view would be refused. */
    async function remove(): Promise<BinEntry> {
        await queue(() => Promise.resolve());
        const version = page.value?.version ?? 0;
        return api.DELETE('/api/wearers/{wearer}', { params, body: { version } }).then(body);
    }

    const measureAgain = (): Promise<Card> => api.POST('/api/wearers/{wearer}/cards', { params }).then(body);

    const history = (): Promise<History | null> =>
        api
            .GET('/api/wearers/{wearer}/history', { params })
            .then(body)
            .catch(() => null);

    return { page, typed, refused, clashes, settle, load, putAway, remove, measureAgain, history };
}
