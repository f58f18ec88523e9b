import { useEventListener } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import { api, asRefused, body, Refused } from '../api/client';
import type { Bench, Choices, Make, Plan } from '../api/types';
import { newestOnly } from '../state/queue';
import { withClips } from './clipped';

/** The status of a refusal that no server gave. */
const OUT_OF_REACH = 0;

/** How the bench reaches the server; the tests put their own in its place. */
export interface PlanServer {
    load: () => Promise<Bench>;
    choose: (choices: Choices, version: number) => Promise<Plan>;
    changeCard: (card: number, version: number) => Promise<Bench>;
}

export function planServer(make: number): PlanServer {
    const params = { path: { make } };
    return {
        load: () => api.GET('/api/makes/{make}/bench', { params }).then(body),
        choose: (choices, version) =>
            api.PUT('/api/makes/{make}/choices', { params, body: { choices, version } }).then(body),
        changeCard: (card, version) =>
            api.PUT('/api/makes/{make}/card', { params, body: { card_id: card, version } }).then(body),
    };
}

/**
 * The make on the bench and its plan. Choices are sent one at a time: while an answer is awaited only
 * the newest choice is kept for sending, and an answer that is already out of date is dropped.
 */
export function usePlan(server: PlanServer) {
    const make = shallowRef<Make | null>(null);
    /** The plan that the server gave for what is chosen; while its answer is awaited, the one before. */
    const answered = shallowRef<Plan | null>(null);
    /** Whether something is chosen that has no answer yet: nothing of the plan counts meanwhile but where the clips stand. */
    const isAwaiting = ref(false);
    const plan = computed(() =>
        answered.value !== null && isAwaiting.value
            ? withClips(answered.value, make.value?.choices.sizes)
            : answered.value,
    );
    const refused = ref<Refused | null>(null);
    /** What is known at each level that the plan has no size for. */
    const levelsKnown = shallowRef<Bench['known']>([]);
    /** The last plan that the server gave, asked for still or not. */
    let known: Plan | null = null;
    /** What could not be sent, as the server was out of reach: it is sent as soon as that is back. */
    let unsent: Choices | null = null;
    const past: Choices[] = [];
    const canUndo = ref(false);

    /** A make is shown though nothing can be planned of it. */
    async function show(answer: Promise<Bench>): Promise<void> {
        isAwaiting.value = true;
        try {
            const bench = await answer;
            take(bench);
            refused.value =
                bench.refused === null ? null : new Refused(422, bench.refused.message, bench.refused.errors);
        } catch (error) {
            if (!stands(asRefused(error))) refused.value = asRefused(error);
            isAwaiting.value = false;
        }
    }

    function settle(now: Plan | null): void {
        answered.value = known = now;
        isAwaiting.value = false;
    }

    /** The make as the server has it; where nothing can be planned of it the plan before stays. */
    function take(bench: Bench): void {
        make.value = bench.make;
        levelsKnown.value = bench.known;
        settle(bench.plan ?? answered.value);
    }

    /** Whether a change was refused because the make was changed elsewhere: then it is shown as it stands now. */
    function stands(refusal: Refused): boolean {
        const bench = (refusal.answer as { bench?: Bench } | null)?.bench;
        if (refusal.status !== 409 || bench === undefined) return false;
        take(bench);
        refused.value = new Refused(409, refusal.message, {});
        return true;
    }

    const load = (): Promise<void> => show(server.load());

    /** Shows what another part of the bench has kept; the choices before it are a step back. */
    function adopt(bench: Bench): void {
        remember();
        take(bench);
    }

    /** Plans from another card of the wearer; the choices stay. */
    const changeCard = (card: number): Promise<void> =>
        show(server.changeCard(card, make.value?.version ?? 0));

    /** Remembers where things stand, so that what follows (a whole drag, say) is undone in one step. */
    function remember(): void {
        if (make.value !== null) past.push(make.value.choices);
        canUndo.value = past.length > 0;
    }

    const send = newestOnly<Choices>(async (choices, isNewest) => {
        try {
            const answer = await server.choose(choices, make.value?.version ?? 0);
            if (make.value !== null) make.value = { ...make.value, version: make.value.version + 1 };
            known = answer;
            if (!isNewest()) return;
            settle(answer);
            refused.value = null;
        } catch (error) {
            const refusal = asRefused(error);
            if (stands(refusal) || !isNewest()) return;
            settle(known);
            refused.value = refusal;
            if (refusal.status === OUT_OF_REACH) {
                unsent = choices;
                refused.value = new Refused(
                    OUT_OF_REACH,
                    'The server can’t be reached: the plan stands as it was, and your change is sent as soon as it is back.',
                    {},
                );
            }
        }
    });

    function sendAgain(): void {
        const choices = unsent;
        unsent = null;
        if (choices !== null) void choose(choices);
    }
    useEventListener('online', sendAgain);

    async function choose(choices: Choices): Promise<void> {
        if (make.value === null) return;
        make.value = { ...make.value, choices };
        isAwaiting.value = true;
        await send(choices);
    }

    async function undo(): Promise<void> {
        const choices = past.pop();
        canUndo.value = past.length > 0;
        if (choices !== undefined) await choose(choices);
    }

    return {
        make,
        plan,
        answered,
        isAwaiting,
        refused,
        levelsKnown,
        load,
        remember,
        choose,
        undo,
        canUndo,
        changeCard,
        adopt,
    };
}
