import { computed, ref, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Practice, ReadTape } from '../api/types';
import type { Lying } from './follow';

export type Exercise = Practice['exercises'][number];
/** A tape as it was laid. */
export type Placing = Lying & { point: Exercise['point']; board?: boolean };

/** How practice reaches the server; the tests put their own in its place. */
export interface PracticeServer {
    load: () => Promise<Practice>;
    /** Without a placing the tape that is asked about is read. */
    read: (
        exercise: Exercise['code'],
        figure: string,
        placing: Placing | null,
        pattern: number | null,
    ) => Promise<ReadTape>;
}

export const practiceServer: PracticeServer = {
    load: () => api.GET('/api/practice').then(body),
    read: (exercise, figure, placing, pattern) =>
        api
            .POST('/api/practice/readings', {
                body: { exercise, figure, pattern, ...(placing === null ? {} : { placing }) },
            })
            .then(body),
};

/** What is guessed: whether it reads more or less, and by how much, in nanometres. */
export interface Guess {
    way: 'more' | 'less' | 'same';
    nm: number;
}

/**
 * One exercise after the other: first a guess about a tape that somebody laid, then one's own, then what both read.
 *
 * @param chance from 0 to 1: which body, and where the tape lies at first
 */
export function usePractice(server: PracticeServer, chance: () => number) {
    const practice = shallowRef<Practice | null>(null);
    const exercise = shallowRef<Exercise | null>(null);
    const figure = shallowRef<Practice['figures'][number] | null>(null);
    const refused = ref<Refused | null>(null);
    const step = ref<'guess' | 'lay' | 'told'>('guess');
    const guess = ref<Guess | null>(null);
    const asked = shallowRef<ReadTape | null>(null);
    const own = shallowRef<ReadTape | null>(null);
    const lying = ref<Lying>({ height: 0, front: 0, left: 0 });
    const board = ref(false);
    const pattern = ref<number | null>(null);
    /** What is due comes first. */
    const due = computed(() => practice.value?.exercises.filter((one) => one.is_due) ?? []);

    async function load(): Promise<void> {
        try {
            practice.value = await server.load();
        } catch (error) {
            refused.value = asRefused(error);
        }
    }

    function begin(one: Exercise): void {
        const bodies = practice.value?.figures.filter(({ code }) => one.figures.includes(code)) ?? [];
        const chosen = bodies[Math.min(bodies.length - 1, Math.floor(chance() * bodies.length))] ?? null;
        exercise.value = one;
        figure.value = chosen;
        step.value = 'guess';
        guess.value = null;
        asked.value = own.value = null;
        board.value = false;
        refused.value = null;
        const rings = chosen?.rings ?? [];
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
            return await server.read(
                exercise.value?.code ?? 'waist',
                figure.value?.code ?? '',
                placing,
                pattern.value,
            );
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
        const point = exercise.value?.point ?? 'waist';
        const read = await ask({
            ...lying.value,
            point,
            ...(point === 'hip' ? { board: board.value } : {}),
        });
        if (read === null) return;
        own.value = read;
        step.value = 'told';
        await load();
    }

    return {
        practice,
        due,
        exercise,
        figure,
        refused,
        step,
        guess,
        asked,
        own,
        lying,
        board,
        pattern,
        load,
        begin,
        guessed,
        laid,
    };
}
