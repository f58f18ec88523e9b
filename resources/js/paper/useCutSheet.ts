import { computed, ref, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Choices, CutSheet, SizeLabels } from '../api/types';
import { inTurn } from '../state/queue';

/** The cut sheet of a make, and what is ticked on it: a tick shows at once, and is taken back where it can't be kept. */
export function useCutSheet(make: number) {
    const sheet = shallowRef<CutSheet | null>(null);
    /** Days by the key of what is done, as the server has them. */
    const known = shallowRef<Record<string, string>>({});
    /** Ticks on their way: the day, or null where one is taken off. */
    const ahead = shallowRef<Record<string, string | null>>({});
    const done = computed(() => {
        const days = Object.entries({ ...known.value, ...ahead.value });
        return Object.fromEntries(days.filter((one): one is [string, string] => one[1] !== null));
    });
    const queue = inTurn();
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
            known.value = loaded.done;
            refused.value = null;
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    async function hide(hidden: boolean): Promise<void> {
        labels.value = hidden ? 'hidden' : 'shown';
        await load();
    }

    /** A choice of the make that is asked where the work is told: how it gets to the cloth, what is tried first, what is done first. */
    async function choose(part: Partial<Choices>): Promise<void> {
        const path = { path: { make } };
        try {
            const before = await api.GET('/api/makes/{make}', { params: path }).then(body);
            const choices = { ...before.choices, ...part };
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

    const keepTick = (key: string, isDone: boolean): Promise<Record<string, string>> => {
        const path = { params: { path: { make, key } } };
        return isDone
            ? api.PUT('/api/makes/{make}/done/{key}', path).then(body)
            : api.DELETE('/api/makes/{make}/done/{key}', path).then(body);
    };

    function tick(key: string, isDone: boolean): Promise<void> {
        const day = isDone ? new Date().toISOString().slice(0, 10) : null;
        ahead.value = { ...ahead.value, [key]: day };
        return queue(async () => {
            try {
                known.value = await keepTick(key, isDone);
                refused.value = null;
            } catch (error) {
                refused.value = asRefused(error);
            }
            // A tick that came after this one is still on its way.
            const { [key]: sent, ...others } = ahead.value;
            if (sent === day) ahead.value = others;
        });
    }

    return { sheet, done, refused, labels, load, hide, tick, choose };
}
