import { useIntervalFn } from '@vueuse/core';
import { shallowRef } from 'vue';
import type { Unit } from '../api/types';
import { dropUnsent, keepUnsent, unsentReadings } from './unsent';
import type { Kept } from './useCard';

/** How soon what was typed out of reach of the server is tried again. */
const RETRY_MS = 4000;

/** A reading that was typed and is not on the card: on its way, refused, typed over elsewhere, or out of reach. */
export interface Pending {
    point: string;
    attempt: number;
    text: string;
    /** Meant where the text names none. */
    unit: Unit;
    /** Null while it is on its way. */
    outcome: Exclude<Kept, { kind: 'kept' }> | null;
}

const unsent: Pending['outcome'] = { kind: 'unsent', sentence: 'Not sent yet: it is tried again by itself.' };

/**
 * What is typed into a card goes on its way while the hands go on. Until it is on the card it is kept in this browser,
 * stays in its field, and says what became of it.
 */
export function usePending(
    card: number,
    keep: (point: string, attempt: number, text: string, unit: Unit) => Promise<Kept>,
) {
    const pending = shallowRef<readonly Pending[]>(
        unsentReadings()
            .filter((one) => one.card === card)
            .map(({ point, attempt, text, unit }) => ({ point, attempt, text, unit, outcome: unsent })),
    );
    const at = (point: string, attempt: number): Pending | null =>
        pending.value.find((one) => one.point === point && one.attempt === attempt) ?? null;

    function put(point: string, attempt: number, now: Pending | null): void {
        const others = pending.value.filter((one) => one.point !== point || one.attempt !== attempt);
        pending.value = now === null ? others : [...others, now];
    }

    /** What it is when it was typed anew meanwhile is the newer one's to say. */
    async function send(mine: Pending): Promise<Kept> {
        const { point, attempt, text, unit } = mine;
        put(point, attempt, mine);
        const outcome = await keep(point, attempt, text, unit);
        if (at(point, attempt) !== mine) return outcome;
        if (outcome.kind === 'kept') forget(point, attempt);
        else put(point, attempt, { ...mine, outcome });
        return outcome;
    }

    function type(point: string, attempt: number, text: string, unit: Unit): Promise<Kept> {
        keepUnsent({ card, point, attempt, text, unit });
        return send({ point, attempt, text, unit, outcome: null });
    }

    /** What stands on the card is taken instead. */
    function forget(point: string, attempt: number): void {
        put(point, attempt, null);
        dropUnsent({ card, point, attempt });
    }

    async function sendAgain(): Promise<void> {
        for (const one of pending.value) if (one.outcome?.kind === 'unsent') await send({ ...one });
    }
    useIntervalFn(sendAgain, RETRY_MS);

    return { pending, type, forget, sendAgain };
}
