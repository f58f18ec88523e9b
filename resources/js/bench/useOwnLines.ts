import { ref, shallowRef, toRaw, watch, type Ref, type ShallowRef } from 'vue';
import { api, body } from '../api/client';
import type { Make, Plan, Stations } from '../api/types';

/** How the stations of a make are fetched; the tests put their own in its place. */
export type StationServer = () => Promise<Stations>;

export const stationServer =
    (make: number): StationServer =>
    () =>
        api.GET('/api/makes/{make}/stations', { params: { path: { make } } }).then(body);

/**
 * The stations read off the pattern's own lines, where it has a drawing of them: they follow when the plan rests,
 * as they take longer than it. Till then nobody knows them, and the plan's are not told in their place.
 */
export function useOwnLines(
    make: ShallowRef<Make | null>,
    plan: ShallowRef<Plan | null>,
    settled: Readonly<Ref<Plan | null>>,
    server: StationServer,
): { ownLines: ShallowRef<Stations | null>; awaitsLines: Ref<boolean> } {
    const ownLines = shallowRef<Stations | null>(null);
    const awaitsLines = ref(false);
    watch(plan, (now) => {
        ownLines.value = null;
        awaitsLines.value = now !== null && make.value?.has_nest === true;
    });
    watch(settled, async (now) => {
        if (now === null || !make.value?.has_nest) return;
        const answer = await server().catch(() => null);
        // A ref that was debounced holds a proxy of the plan.
        if (toRaw(now) !== plan.value) return;
        if (answer?.is_from_nest) ownLines.value = answer;
        awaitsLines.value = false;
    });
    return { ownLines, awaitsLines };
}
