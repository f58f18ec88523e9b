import type { Unit } from '../api/types';

/** A reading that was typed while the server was out of reach. */
export interface Unsent {
    card: number;
    point: string;
    attempt: number;
    text: string;
    /** Meant when it was typed, whatever unit is in use when it is sent. */
    unit: Unit;
}

const KEY = 'underbolt.unsent';

/** Kept in this browser until it is sent, or until sign-out, which asks first. */
export function unsentReadings(store: Storage = window.localStorage): Unsent[] {
    try {
        const kept: unknown = JSON.parse(store.getItem(KEY) ?? '[]');
        return Array.isArray(kept) ? (kept as Unsent[]) : [];
    } catch {
        return [];
    }
}

type Place = Pick<Unsent, 'card' | 'point' | 'attempt'>;

const isSame = (a: Unsent, b: Place): boolean =>
    a.card === b.card && a.point === b.point && a.attempt === b.attempt;

/** The newest text for a place is the one that counts. */
export function keepUnsent(reading: Unsent, store: Storage = window.localStorage): void {
    const others = unsentReadings(store).filter((kept) => !isSame(kept, reading));
    store.setItem(KEY, JSON.stringify([...others, reading]));
}

export function dropUnsent(place: Place, store: Storage = window.localStorage): void {
    const others = unsentReadings(store).filter((kept) => !isSame(kept, place));
    if (others.length === 0) store.removeItem(KEY);
    else store.setItem(KEY, JSON.stringify(others));
}

export function forgetUnsent(store: Storage = window.localStorage): void {
    store.removeItem(KEY);
}
