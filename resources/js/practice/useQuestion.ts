import { ref, shallowRef } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Answered, Question } from '../api/types';

export type Asked = 'read_it' | 'spot_it' | 'which_counts' | 'halves' | 'alone';

/** How questions are drawn and answered; the tests put their own in its place. */
export interface QuestionServer {
    ask: (exercise: Asked, seed: number) => Promise<Question>;
    answer: (exercise: Asked, seed: number, said: { choice?: number; text?: string }) => Promise<Answered>;
}

export const questionServer: QuestionServer = {
    ask: (exercise, seed) =>
        api
            .GET('/api/practice/questions/{exercise}', { params: { path: { exercise }, query: { seed } } })
            .then(body),
    answer: (exercise, seed, said) =>
        api
            .POST('/api/practice/questions/{exercise}', {
                params: { path: { exercise } },
                body: { seed, ...said },
            })
            .then(body),
};

const SEEDS = 2 ** 31;

/**
 * One question after the other; each is answered once.
 *
 * @param chance from 0 to 1: which one is drawn
 */
export function useQuestion(server: QuestionServer, exercise: Asked, chance: () => number) {
    const question = shallowRef<Question | null>(null);
    const answered = shallowRef<Answered | null>(null);
    const refused = ref<Refused | null>(null);
    const choice = ref<number | null>(null);
    const text = ref('');
    let seed = 0;

    async function begin(): Promise<void> {
        seed = Math.floor(chance() * SEEDS);
        answered.value = null;
        choice.value = null;
        text.value = '';
        await trying(async () => (question.value = await server.ask(exercise, seed)));
    }

    const answer = (): Promise<void> =>
        trying(async () => {
            const said = choice.value === null ? { text: text.value } : { choice: choice.value };
            answered.value = await server.answer(exercise, seed, said);
        });

    async function trying(what: () => Promise<unknown>): Promise<void> {
        refused.value = null;
        try {
            await what();
        } catch (error) {
            refused.value = asRefused(error);
        }
    }
    return { question, answered, refused, choice, text, begin, answer };
}
