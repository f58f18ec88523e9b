import { useDebounceFn, useRefHistory } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { House, Pattern, PatternGuide, Unit } from '../api/types';
import { withoutBlanks } from '../charts/blanks';
import { emptyDocument, opened } from '../charts/grid';
import { useJoining } from '../state/joining';
import { inTurn } from '../state/queue';

/** How long the hands rest before what was typed is kept. */
const REST_MS = 500;

type Typed = Pick<Pattern, 'name' | 'house' | 'unit' | 'document'>;

/** What a pattern is called that has no name yet. */
const DRAFT = 'Pattern without a name';

/** How the pattern's page reaches the server; the tests put their own in its place. */
export interface PatternServer {
    guide: () => Promise<PatternGuide>;
    load: (pattern: number) => Promise<Pattern>;
    start: (typed: Typed) => Promise<Pattern>;
    keep: (pattern: number, typed: Typed & { version: number }) => Promise<Pattern>;
}

export const patternServer: PatternServer = {
    guide: () => api.GET('/api/pattern-guide').then(body),
    load: (pattern) => api.GET('/api/patterns/{pattern}', { params: { path: { pattern } } }).then(body),
    start: (typed) => api.POST('/api/patterns', { body: typed }).then(body),
    keep: (pattern, typed) =>
        api.PUT('/api/patterns/{pattern}', { params: { path: { pattern } }, body: typed }).then(body),
};

const typedOf = ({ name, house, unit, document }: Pattern): Typed => ({
    name,
    house,
    unit,
    document: opened(document),
});

/**
 * A pattern as it is typed. It is kept soon after each change, one save after the other, faults and all; while it
 * has no name it is kept as a draft under one of ours.
 *
 * @param id null for a new one
 */
export function usePattern(server: PatternServer, id: number | null, usualUnit: Unit) {
    const guide = shallowRef<PatternGuide | null>(null);
    const name = ref('');
    const house = ref('');
    const unit = ref<Unit>(usualUnit);
    // Plain objects, replaced whole at each change: the chart copies them.
    const document = shallowRef(emptyDocument());
    const history = useRefHistory(document, { capacity: 200, flush: 'sync' });
    const kept = shallowRef<Pattern | null>(null);
    const loaded = ref(id === null);
    const unsaved = ref(false);
    const refused = ref<Refused | null>(null);
    /** While a change clashes with one made elsewhere nothing is kept. */
    const { clashes, join, settle: settled } = useJoining<Typed>();
    const hasName = computed(() => name.value.trim() !== '');
    const faults = computed(() => new Map(kept.value?.faults.map(({ field, message }) => [field, message])));
    /** What was opened or sent last: nothing is kept again before it changes. */
    let sent: Typed | null = null;

    function show(pattern: Pattern): void {
        name.value = pattern.name;
        house.value = pattern.house;
        unit.value = pattern.unit;
        document.value = opened(pattern.document);
        kept.value = pattern;
        sent = asTyped();
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

    const asTyped = (): Typed => ({
        name: hasName.value ? name.value : DRAFT,
        house: house.value,
        unit: unit.value,
        document: document.value,
    });

    async function save(): Promise<void> {
        if (clashes.value.length > 0) return;
        unsaved.value = false;
        const before = kept.value;
        const typed = (sent = asTyped());
        try {
            const started = { ...typed, document: withoutBlanks(opened(typed.document)) };
            kept.value = await (before === null
                ? server.start(started)
                : server.keep(before.id, { ...started, version: before.version }));
            refused.value = null;
        } catch (error) {
            const refusal = asRefused(error);
            unsaved.value = true;
            sent = null;
            const meanwhile = (refusal.answer as { pattern?: Pattern } | null)?.pattern;
            if (refusal.status === 409 && before !== null && meanwhile !== undefined) {
                refused.value = null;
                await join({
                    before: typedOf(before),
                    here: asTyped,
                    meanwhile: typedOf(meanwhile),
                    take: (both) => takeOver(meanwhile, both),
                });
            } else refused.value = refusal;
        }
    }

    /** What stands meanwhile, with the changes of both put together on it. */
    async function takeOver(meanwhile: Pattern, both: Typed): Promise<void> {
        kept.value = meanwhile;
        [name.value, house.value, unit.value] = [both.name, both.house, both.unit];
        document.value = opened(both.document);
        await save();
    }

    const settle = (which: 'here' | 'meanwhile'): Promise<void> => queue(() => settled(which));

    const queue = inTurn();
    const saveNow = (): Promise<void> => queue(save);
    const saveSoon = useDebounceFn(saveNow, REST_MS);

    watch([name, house, unit, document], () => {
        const isSent =
            sent?.document === document.value &&
            sent.name === asTyped().name &&
            sent.house === house.value &&
            sent.unit === unit.value;
        if (!loaded.value || isSent) return;
        unsaved.value = true;
        void saveSoon();
    });

    /** The house's habits are kept with the house; what the pattern takes from them may change its faults. */
    function keepHouse(now: House): void {
        if (guide.value === null) return;
        const others = guide.value.houses.filter((one) => one.name !== now.name);
        guide.value = { ...guide.value, houses: [...others, now] };
        void saveNow();
    }

    /** A house has gone or come back. */
    async function findHouses(): Promise<void> {
        guide.value = await server.guide();
        await saveNow();
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
        clashes,
        settle,
        hasName,
        faults,
        load,
        saveNow,
        keepHouse,
        findHouses,
    };
}
