import { useDebounceFn, useRefHistory } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { House, Pattern, PatternGuide, Unit } from '../api/types';
import { emptyDocument, opened } from '../sheet/sheet';
import { inTurn } from '../state/queue';

/** How long the hands rest before what was typed is kept. */
const REST_MS = 500;

type Typed = Pick<Pattern, 'name' | 'house' | 'unit' | 'document'>;

/** How the pattern's page reaches the server; the tests put their own in its place. */
export interface PatternServer {
    guide: () => Promise<PatternGuide>;
    load: (pattern: number) => Promise<Pattern>;
    start: (typed: Typed) => Promise<Pattern>;
    keep: (pattern: number, typed: Typed) => Promise<Pattern>;
}

export const patternServer: PatternServer = {
    guide: () => api.GET('/api/pattern-guide').then(body),
    load: (pattern) => api.GET('/api/patterns/{pattern}', { params: { path: { pattern } } }).then(body),
    start: (typed) => api.POST('/api/patterns', { body: typed }).then(body),
    keep: (pattern, typed) =>
        api.PUT('/api/patterns/{pattern}', { params: { path: { pattern } }, body: typed }).then(body),
};

/**
 * A pattern as it is typed. It is kept soon after each change, one save after the other, faults and all;
 * without a name there is nothing to find it by, and it waits in the page.
 *
 * @param id null for a new one
 */
export function usePattern(server: PatternServer, id: number | null, usualUnit: Unit) {
    const guide = shallowRef<PatternGuide | null>(null);
    const name = ref('');
    const house = ref('');
    const unit = ref<Unit>(usualUnit);
    // Plain objects, replaced whole at each change: the sheet copies them.
    const document = shallowRef(emptyDocument());
    const history = useRefHistory(document, { capacity: 200, flush: 'sync' });
    const kept = shallowRef<Pattern | null>(null);
    const loaded = ref(id === null);
    const unsaved = ref(false);
    const refused = ref<Refused | null>(null);
    const hasName = computed(() => name.value.trim() !== '');
    const faults = computed(() => new Map(kept.value?.faults.map(({ field, message }) => [field, message])));
    /** What was opened: nothing is saved before it changes. */
    let untouched = document.value;

    function show(pattern: Pattern): void {
        name.value = pattern.name;
        house.value = pattern.house;
        unit.value = pattern.unit;
        document.value = opened(pattern.document);
        untouched = document.value;
        kept.value = pattern;
        history.clear();
    }

    async function load(): Promise<void> {
        try {
            guide.value = await server.guide();
            if (id === null) return;
            show(await server.load(id));
            loaded.value = true;
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    async function save(): Promise<void> {
        unsaved.value = false;
        const typed = {
            name: name.value,
            house: house.value,
            unit: unit.value,
            document: document.value,
        };
        try {
            kept.value = await (kept.value === null
                ? server.start(typed)
                : server.keep(kept.value.id, typed));
            refused.value = null;
        } catch (error) {
            refused.value = asRefused(error);
            unsaved.value = true;
        }
    }

    const queue = inTurn();
    const saveNow = (): Promise<void> => queue(save);
    const saveSoon = useDebounceFn(saveNow, REST_MS);

    watch([name, house, unit, document], () => {
        const now = kept.value;
        const isAsOpened =
            document.value === untouched &&
            name.value === now?.name &&
            house.value === now.house &&
            unit.value === now.unit;
        if (!loaded.value || isAsOpened) return;
        unsaved.value = true;
        if (hasName.value) void saveSoon();
    });

    /** The house's habits are kept with the house; what the pattern takes from them may change its faults. */
    function keepHouse(now: House): void {
        if (guide.value === null) return;
        const others = guide.value.houses.filter((one) => one.name !== now.name);
        guide.value = { ...guide.value, houses: [...others, now] };
        void saveNow();
    }

    return {
        guide,
        name,
        house,
        unit,
        document,
        history,
        kept,
        loaded,
        unsaved,
        refused,
        hasName,
        faults,
        load,
        saveNow,
        keepHouse,
    };
}
