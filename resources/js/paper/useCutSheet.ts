import { ref, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { CutSheet, SizeLabels } from '../api/types';

/** The cut sheet of a make, and what is ticked on it: a tick shows at once, and is taken back where it can't be kept. */
export function useCutSheet(make: number) {
    const sheet = shallowRef<CutSheet | null>(null);
    const done = shallowRef<Record<string, string>>({});
    const refused = shallowRef<Refused | null>(null);
    /** As the wearer would have it, until it is asked otherwise here. */
    const labels = ref<SizeLabels>();

    async function load(): Promise<void> {
        try {
            const loaded = await api
                .GET('/api/makes/{make}/cut-sheet', {
                    params: {
                        path: { make },
                        query: labels.value === undefined ? {} : { sizes: labels.value },
                    },
                })
                .then(body);
            sheet.value = loaded;
            labels.value = loaded.labels;
            done.value = loaded.done;
            refused.value = null;
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    async function hide(hidden: boolean): Promise<void> {
        labels.value = hidden ? 'hidden' : 'shown';
        await load();
    }

    /** How the line gets to the cloth: a choice of the make, and the account's habit from then on. */
    async function getToCloth(way: string): Promise<void> {
        const path = { path: { make } };
        try {
            const before = await api.GET('/api/makes/{make}', { params: path }).then(body);
            const choices = { ...before.choices, paper: way as CutSheet['to_cloth'] };
            await api
                .PUT('/api/makes/{make}/choices', {
                    params: path,
                    body: { choices, version: before.version },
                })
                .then(body);
            await load();
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    async function tick(key: string, isDone: boolean): Promise<void> {
        const before = done.value;
        const { [key]: _, ...others } = before;
        done.value = isDone ? { ...others, [key]: new Date().toISOString().slice(0, 10) } : others;
        const path = { params: { path: { make, key } } };
        try {
            const kept = isDone
                ? await api.PUT('/api/makes/{make}/done/{key}', path).then(body)
                : await api.DELETE('/api/makes/{make}/done/{key}', path).then(body);
            done.value = kept;
            refused.value = null;
        } catch (error) {
            done.value = before;
            refused.value = asRefused(error);
        }
    }

    return { sheet, done, refused, labels, load, hide, tick, getToCloth };
}
