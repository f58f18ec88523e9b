import { ref, shallowRef } from 'vue';
import { api, asRefused, body, Refused } from '../api/client';
import type { Choices, Make, Plan } from '../api/types';

/** How the bench reaches the server; the tests put their own in its place. */
export interface PlanServer {
    load: () => { make: Promise<Make>; plan: Promise<Plan> };
    choose: (choices: Choices) => Promise<Plan>;
    changeCard: (card: number) => Promise<unknown>;
}

export function planServer(make: number): PlanServer {
    const params = { path: { make } };
    return {
        load: () => ({
            make: api.GET('/api/makes/{make}', { params }).then(body),
            plan: api.GET('/api/makes/{make}/plan', { params }).then(body),
        }),
        choose: (choices) => api.PUT('/api/makes/{make}/choices', { params, body: { choices } }).then(body),
        changeCard: (card) => api.PUT('/api/makes/{make}/card', { params, body: { card_id: card } }),
    };
}

/**
 * The make on the bench and its plan. Choices are sent one at a time: while an answer is awaited only
 * the newest choice is kept for sending, and an answer that is already out of date is dropped.
 */
export function usePlan(server: PlanServer) {
    const make = shallowRef<Make | null>(null);
    const plan = shallowRef<Plan | null>(null);
    const refused = ref<Refused | null>(null);
    const past: Choices[] = [];
    const canUndo = ref(false);
    let next: Choices | null = null;
    let sending = false;

    async function load(): Promise<void> {
        // Both at once; a make may be shown though nothing can be planned of it.
        const found = server.load();
        const planned = found.plan.catch(asRefused);
        try {
            make.value = await found.make;
            const answer = await planned;
            if (answer instanceof Refused) throw answer;
            plan.value = answer;
            refused.value = null;
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    /** Remembers where things stand, so that what follows (a whole drag, say) is undone in one step. */
    function remember(): void {
        if (make.value !== null) past.push(make.value.choices);
        canUndo.value = past.length > 0;
    }

    async function choose(choices: Choices): Promise<void> {
        if (make.value === null) return;
        make.value = { ...make.value, choices };
        next = choices;
        if (sending) return;
        sending = true;
        while (next !== null) {
            const asked: Choices = next;
            next = null;
            await ask(asked);
        }
        sending = false;
    }

    async function ask(choices: Choices): Promise<void> {
        try {
            const answer = await server.choose(choices);
            if (next === null) {
                plan.value = answer;
                refused.value = null;
            }
        } catch (error) {
            if (next === null) refused.value = asRefused(error);
        }
    }

    async function undo(): Promise<void> {
        const choices = past.pop();
        canUndo.value = past.length > 0;
        if (choices !== undefined) await choose(choices);
    }

    /** Plans from another card of the wearer; the choices stay. */
    async function changeCard(card: number): Promise<void> {
        try {
            await server.changeCard(card);
        } catch (error) {
            refused.value = asRefused(error);
            return;
        }
        await load();
    }

    return { make, plan, refused, load, remember, choose, undo, canUndo, changeCard };
}
