import { shallowRef, toRaw, watch, type Ref, type ShallowRef } from 'vue';
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
 * as they take longer than it. Null while they are not those of the plan that is shown.
 */
export function useOwnLines(
    make: ShallowRef<Make | null>,
    plan: ShallowRef<Plan | null>,
    settled: Readonly<Ref<Plan | null>>,
    server: StationServer,
): ShallowRef<Stations | null> {
    const stations = shallowRef<Stations | null>(null);
    watch(plan, () => {
        stations.value = null;
    });
    watch(settled, async (now) => {
        if (now === null || !make.value?.has_nest) return;
        const answer = await server().catch(() => null);
        // A ref that was debounced holds a proxy of the plan.
        if (toRaw(now) === plan.value && answer?.is_from_nest) stations.value = answer;
    });
    return stations;
}
