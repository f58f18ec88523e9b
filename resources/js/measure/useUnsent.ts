import { useIntervalFn } from '@vueuse/core';
import { dropUnsent, unsentReadings, type Unsent } from './unsent';
import type { Kept } from './useCard';

/** How soon what was typed offline is tried again. */
const RETRY_MS = 4000;

/**
 * Sends what was typed into a card while the server was out of reach, when it is back. What was refused,
 * or typed over elsewhere, waits in its field for a decision.
 */
export function useUnsent(card: number, keep: (reading: Unsent) => Promise<Kept>): () => Promise<void> {
    const settled = new Set<string>();
    const keyOf = ({ point, attempt, text }: Unsent): string => `${point} ${attempt} ${text}`;

    async function send(): Promise<void> {
        for (const reading of unsentReadings()) {
            if (reading.card !== card || settled.has(keyOf(reading))) continue;
            const outcome = await keep(reading);
            if (outcome.kind === 'kept') dropUnsent(reading);
            else if (outcome.kind !== 'unsent') settled.add(keyOf(reading));
        }
    }

    useIntervalFn(send, RETRY_MS);
    return send;
}
