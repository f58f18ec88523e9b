import { shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Card, Unit } from '../api/types';
import { inTurn } from '../state/queue';

/** What is said of a card beside its figures. */
export type CardHead = Pick<Card, 'taken_on' | 'foundation' | 'measured_by' | 'point_set' | 'round_a_board'>;

/** How often a change is made again on a newer sight of the card. */
const TRIES = 3;

/** How the card page reaches the server; the tests put their own in its place. */
export interface CardServer {
    load: () => Promise<Card>;
    keep: (point: string, attempt: number, text: string, unit: Unit, version: number) => Promise<Card>;
    drop: (point: string, attempt: number, version: number) => Promise<Card>;
    change: (head: CardHead, version: number) => Promise<Card>;
    answer: (key: string, so: boolean, version: number) => Promise<Card>;
    takeOver: (point: string, other: number, version: number) => Promise<Card>;
    pick: (point: string, attempt: number, version: number) => Promise<Card>;
}

export function cardServer(card: number): CardServer {
    const at = (point: string, attempt: number) => ({ path: { card, point, attempt } });
    const params = { path: { card } };
    return {
        load: () => api.GET('/api/cards/{card}', { params }).then(body),
        keep: (point, attempt, text, unit, version) =>
            api
                .PUT('/api/cards/{card}/readings/{point}/{attempt}', {
                    params: at(point, attempt),
                    body: { text, unit, version },
                })
                .then(body),
        drop: (point, attempt, version) =>
            api
                .DELETE('/api/cards/{card}/readings/{point}/{attempt}', {
                    params: at(point, attempt),
                    body: { version },
                })
                .then(body),
        change: (head, version) =>
            api.PATCH('/api/cards/{card}', { params, body: { ...head, version } }).then(body),
        answer: (key, so, version) =>
            api.PUT('/api/cards/{card}/answers', { params, body: { key, so, version } }).then(body),
        takeOver: (point, other, version) =>
            api
                .POST('/api/cards/{card}/readings/{point}/from/{other}', {
                    params: { path: { card, point, other } },
                    body: { version },
                })
                .then(body),
        pick: (point, attempt, version) =>
            api
                .PUT('/api/cards/{card}/picks/{point}', {
                    params: { path: { card, point } },
                    body: { attempt, version },
                })
                .then(body),
    };
}

/** What became of a typed reading. */
export type Kept =
    | { kind: 'kept' }
    | { kind: 'refused'; sentence: string }
    /** Typed over elsewhere in the meantime: both texts are to be shown. */
    | { kind: 'conflict'; theirs: string }
    | { kind: 'unsent'; sentence: string };

/** A measure card on the screen. Changes go one after the other, each on the newest version. */
export function useCard(server: CardServer) {
    const card = shallowRef<Card | null>(null);
    const refused = shallowRef<Refused | null>(null);
    const queue = inTurn();

    const load = (): Promise<void> =>
        queue(async () => {
            try {
                card.value = await server.load();
            } catch (error) {
                refused.value = asRefused(error);
            }
        });

    const textAt = (on: Card | null, point: string, attempt: number): string =>
        on?.readings.find((r) => r.point === point && r.attempt === attempt)?.text ?? '';

    function send(point: string, attempt: number, text: string, unit: Unit, version: number): Promise<Card> {
        return text === ''
            ? server.drop(point, attempt, version)
            : server.keep(point, attempt, text, unit, version);
    }

    /**
     * Keeps a reading, or takes it out where the text is empty. A card that was changed elsewhere is
     * taken over; only where this very reading was changed too, nothing is written and both are told.
     */
    function keep(point: string, attempt: number, text: string, unit: Unit): Promise<Kept> {
        return queue(async (): Promise<Kept> => {
            for (let tries = 0; tries < TRIES; tries += 1) {
                const seen = card.value;
                if (seen === null) return { kind: 'refused', sentence: 'The card is not open yet.' };
                try {
                    card.value = await send(point, attempt, text, unit, seen.version);
                    return { kind: 'kept' };
                } catch (error) {
                    const why = asRefused(error);
                    if (why.status === 0) return { kind: 'unsent', sentence: why.message };
                    if (why.status !== 409)
                        return { kind: 'refused', sentence: why.at('text') ?? why.message };
                    card.value = (why.answer as { card: Card }).card;
                    const theirs = textAt(card.value, point, attempt);
                    if (theirs !== textAt(seen, point, attempt)) return { kind: 'conflict', theirs };
                }
            }
            return {
                kind: 'refused',
                sentence: 'The card is being changed elsewhere. Type it again in a moment.',
            };
        });
    }

    /** Makes a change of the card itself; one made on an outdated sight of it is made again on the new one. */
    function change(make: (now: Card) => Promise<Card>): Promise<void> {
        return queue(async () => {
            for (let tries = 0; card.value !== null && tries < TRIES; tries += 1) {
                try {
                    card.value = await make(card.value);
                    refused.value = null;
                    return;
                } catch (error) {
                    refused.value = asRefused(error);
                    if (refused.value.status !== 409) return;
                    card.value = (refused.value.answer as { card: Card }).card;
                }
            }
        });
    }

    const changeHead = (part: Partial<CardHead>): Promise<void> =>
        change(({ taken_on, foundation, measured_by, point_set, round_a_board, version }) =>
            server.change({ taken_on, foundation, measured_by, point_set, round_a_board, ...part }, version),
        );
    const answer = (key: string, so: boolean): Promise<void> =>
        change(({ version }) => server.answer(key, so, version));

    const takeOver = (point: string, other: number): Promise<void> =>
        change(({ version }) => server.takeOver(point, other, version));

    const pick = (point: string, attempt: number): Promise<void> =>
        change(({ version }) => server.pick(point, attempt, version));

    return { card, refused, load, keep, pick, changeHead, answer, takeOver };
}
