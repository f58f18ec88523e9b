import { ref, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Exercise, PracticeFigure, ReadTape } from '../api/types';
import type { Lying } from './follow';

type Laying = NonNullable<Exercise['laying']>;
/** A tape as it was laid. */
export type Placing = Lying & { point: Laying['point']; board?: boolean };

/** How a tape is read; the tests put their own in its place. Without a placing the tape that is asked about is read. */
export type ReadsTape = (
    exercise: Exercise['code'],
    figure: string,
    placing: Placing | null,
    pattern: number | null,
) => Promise<ReadTape>;

export const readsTape: ReadsTape = (exercise, figure, placing, pattern) =>
    api
        .POST('/api/practice/readings', {
            body: { exercise, figure, pattern, ...(placing === null ? {} : { placing }) },
        })
        .then(body);

/** What is guessed: whether it reads more or less, and by how much, in nanometres. */
export interface Guess {
    way: 'more' | 'less' | 'same';
    nm: number;
}

/**
 * First a guess about a tape that somebody laid, then one's own, then what both read.
 *
 * @param chance from 0 to 1: which body, and where the tape lies at first
 */
export function useLaying(
    reads: ReadsTape,
    exercise: Exercise,
    bodies: readonly PracticeFigure[],
    chance: () => number,
) {
    const point = exercise.laying?.point ?? 'waist';
    const figure = shallowRef<PracticeFigure | null>(null);
    const refused = ref<Refused | null>(null);
    const step = ref<'guess' | 'lay' | 'told'>('guess');
    const guess = ref<Guess | null>(null);
    const asked = shallowRef<ReadTape | null>(null);
    const own = shallowRef<ReadTape | null>(null);
    const lying = ref<Lying>({ height: 0, front: 0, left: 0 });
    const board = ref(false);
    const pattern = ref<number | null>(null);

    function begin(): void {
        const these = bodies.filter(({ code }) => exercise.figures.includes(code));
        figure.value = these[Math.min(these.length - 1, Math.floor(chance() * these.length))] ?? null;
        step.value = 'guess';
        guess.value = null;
        asked.value = own.value = null;
        board.value = false;
        refused.value = null;
        const rings = figure.value?.rings ?? [];
        const [low, high] = [rings[0]?.[0] ?? 0, rings.at(-1)?.[0] ?? 0];
        // Somewhere in the middle half, and not level: nothing is given away.
        lying.value = {
            height: Math.round(low + (high - low) * (0.25 + 0.5 * chance())),
            front: Math.round(40 * (chance() - 0.5)),
            left: Math.round(30 * (chance() - 0.5)),
        };
    }

    async function ask(placing: Placing | null): Promise<ReadTape | null> {
        refused.value = null;
        try {
            return await reads(exercise.code, figure.value?.code ?? '', placing, pattern.value);
        } catch (error) {
            refused.value = asRefused(error);
            return null;
        }
    }

    async function guessed(said: Guess): Promise<void> {
        const read = await ask(null);
        if (read === null) return;
        guess.value = said;
        asked.value = read;
        step.value = 'lay';
    }

    /** The tape is read as it lies: that decides. */
    async function laid(): Promise<void> {
        const read = await ask({
            ...lying.value,
            point,
            ...(point === 'hip' ? { board: board.value } : {}),
        });
        if (read === null) return;
        own.value = read;
        step.value = 'told';
    }

    begin();
    return { figure, refused, step, guess, asked, own, lying, board, pattern, begin, guessed, laid };
}
