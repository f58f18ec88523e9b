import { useEventListener } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import { api, asRefused, body, Refused } from '../api/client';
import type { Bench, Choices, Make, Plan } from '../api/types';
import { isSame, merged } from '../state/merge';
import { inTurn, newestOnly } from '../state/queue';
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
    /** What was chosen when the server was last heard. */
    let heard: Choices = {};
    /** How many choices have no answer yet: what they chose is put on whatever else comes back. */
    let open = 0;
    const queue = inTurn();
    /** The last plan that the server gave, asked for still or not. */
    let known: Plan | null = null;
    /** What could not be sent, as the server was out of reach: it is sent as soon as that is back. */
    let unsent: Choices | null = null;
    const past: Choices[] = [];
    const canUndo = ref(false);

    /** A make is shown though nothing can be planned of it. */
    async function show(asked: () => Promise<Bench>): Promise<void> {
        isAwaiting.value = true;
        try {
            const bench = await asked();
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

    /** The make as the server has it, with what is chosen here meanwhile; where nothing can be planned of it the plan before stays. */
    function take(bench: Bench, preferred: 'here' | 'meanwhile' = 'here'): void {
        const here = open > 0 ? (make.value?.choices ?? heard) : heard;
        const choices = merged(heard, here, bench.make.choices, preferred).merged;
        heard = bench.make.choices;
        make.value = { ...bench.make, choices };
        levelsKnown.value = bench.known;
        settle(bench.plan ?? answered.value);
    }

    /** Whether a change was refused because the make was changed elsewhere: where both chose the same, that one counts. */
    function stands(refusal: Refused): boolean {
        const bench = (refusal.answer as { bench?: Bench } | null)?.bench;
        if (refusal.status !== 409 || bench === undefined) return false;
        const { clashes } = merged(heard, make.value?.choices ?? heard, bench.make.choices);
        take(bench, 'meanwhile');
        refused.value = clashes.length > 0 ? new Refused(409, refusal.message, {}) : null;
        // What only was chosen here goes on top of it.
        if (isUnsent()) void choose(make.value?.choices ?? heard);
        return true;
    }

    const isUnsent = (): boolean => !isSame(make.value?.choices, heard);

    const load = (): Promise<void> => queue(() => show(server.load));

    /**
     * Another part of the bench keeps something of the make: after what is under way, on the version that stands then. The
     * choices before it are a step back.
     */
    const ask = (work: (version: number) => Promise<Bench>): Promise<Refused | null> =>
        queue(async () => {
            try {
                const bench = await work(make.value?.version ?? 0);
                remember();
                take(bench);
                return null;
            } catch (error) {
                const refusal = asRefused(error);
                stands(refusal);
                return refusal;
            }
        });

    /** Plans from another card of the wearer; the choices stay. */
    const changeCard = (card: number): Promise<void> =>
        queue(() => show(() => server.changeCard(card, make.value?.version ?? 0)));

    /** Remembers where things stand, so that what follows (a whole drag, say) is undone in one step. */
    function remember(): void {
        if (make.value !== null) past.push(make.value.choices);
        canUndo.value = past.length > 0;
    }

    const send = newestOnly<Choices>((_, isNewest) => queue(() => sendNow(isNewest)));

    async function sendNow(isNewest: () => boolean): Promise<void> {
        if (make.value === null) return;
        const { choices, version } = make.value;
        try {
            const answer = await server.choose(choices, version);
            heard = choices;
            make.value = { ...make.value, version: version + 1 };
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
    }

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
        open += 1;
        await send(choices);
        open -= 1;
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
        ask,
    };
}
