import { computed, ref, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Cloth, ClothPage } from '../api/types';
import { inTurn } from '../state/queue';

/** How the page of the cloth reaches the server; the tests put their own in its place. */
export interface ClothServer {
    load: () => Promise<ClothPage>;
    keep: (cloth: Cloth, version: number) => Promise<ClothPage>;
}

export function clothServer(make: number): ClothServer {
    const params = { path: { make } };
    return {
        load: () => api.GET('/api/makes/{make}/cloth', { params }).then(body),
        keep: (cloth, version) =>
            api.PUT('/api/makes/{make}/cloth', { params, body: { cloth, version } }).then(body),
    };
}

/** The cloth of a make: what is typed stands at once, and stays where it can't be kept. */
export function useCloth(server: ClothServer) {
    /** As it is shown: the answer to all that was typed. */
    const page = shallowRef<ClothPage | null>(null);
    /** As the server has it, while more is on its way. */
    const known = shallowRef<ClothPage | null>(null);
    /** Typed, and not kept yet. */
    const typed = shallowRef<Partial<Cloth>>({});
    const cloth = computed<Cloth>(() => ({ ...known.value?.document, ...typed.value }));
    const refused = ref<Refused | null>(null);
    const queue = inTurn();

    async function load(): Promise<void> {
        try {
            page.value = known.value = await server.load();
            refused.value = null;
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    async function put(part: Partial<Cloth>): Promise<void> {
        if (known.value === null) return;
        known.value = await server.keep({ ...known.value.document, ...part }, known.value.version);
        const isKept = (key: string): boolean =>
            Object.hasOwn(part, key) && typed.value[key as keyof Cloth] === part[key as keyof Cloth];
        typed.value = Object.fromEntries(Object.entries(typed.value).filter(([key]) => !isKept(key)));
        // Until the last is answered the page says what it said: an answer in between is of another text.
        if (Object.keys(typed.value).length === 0) page.value = known.value;
    }

    /** What is at fault waits in its field; the rest is kept without it. */
    async function send(): Promise<void> {
        const part = typed.value;
        if (Object.keys(part).length === 0) return;
        try {
            await put(part);
            refused.value = null;
        } catch (error) {
            const refusal = asRefused(error);
            refused.value = refusal;
            if (refusal.status === 409) {
                known.value = await server.load();
                await put(part);
                refused.value = null;
                return;
            }
            const right = Object.entries(part).filter(([key]) => refusal.at(`cloth.${key}`) === null);
            if (right.length > 0 && right.length < Object.keys(part).length)
                await put(Object.fromEntries(right));
        }
    }

    function change(part: Partial<Cloth>): Promise<void> {
        typed.value = { ...typed.value, ...part };
        return queue(send).catch((error: unknown) => {
            refused.value = asRefused(error);
        });
    }

    return { page, cloth, refused, load, change };
}
