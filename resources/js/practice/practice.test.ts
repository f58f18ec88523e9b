// @vitest-environment jsdom
import { expect, it } from 'vitest';
import type { Exercise, PracticeFigure, ReadTape } from '../api/types';
import { useLaying, type Placing } from './useLaying';
import { usePractice } from './usePractice';
import { useQuestion, type QuestionServer } from './useQuestion';
import { useRepeat, type Begun, type HandServer } from './useRepeat';

const figure = (code: string): PracticeFigure => ({
    code,
    name: code,
    rings: [
        [700, 150, 100, 100, 0],
        [1400, 120, 60, 70, 0],
    ],
    waist_mm: 1050,
});
const bodies = [figure('round'), figure('slender'), figure('sitting')];
const exercise = (code: Exercise['code'], point: 'waist' | 'hip', isDue = true): Exercise => ({
    code,
    title: code,
    laying: { point, task: '', asked: '' },
    figures: ['round', 'slender'],
    box: null,
    due_on: null,
    is_due: isDue,
});

function laying(
    one: Exercise,
    chances: number[] = [],
): { asked: (Placing | null)[]; with: ReturnType<typeof useLaying> } {
    const asked: (Placing | null)[] = [];
    const reads = (_code: unknown, _figure: unknown, placing: Placing | null): Promise<ReadTape> => {
        asked.push(placing);
        return Promise.resolve({ is_right: placing === null, slips: [] } as unknown as ReadTape);
    };
    return { asked, with: useLaying(reads, one, bodies, () => chances.shift() ?? 0.5) };
}

it('what is due comes first', async () => {
    const exercises = [exercise('waist', 'waist'), exercise('hip', 'hip', false)];
    const page = usePractice(() =>
        Promise.resolve({ figures: bodies, exercises, alone: [], someone_else: [] }),
    );
    await page.load();
    expect(page.due.value.map(({ code }) => code)).toEqual(['waist']);
});

it('a tape is laid on one of the exercise’s own bodies, and lies somewhere and not level at first', () => {
    const { with: room } = laying(exercise('waist', 'waist'), [0.99, 0.2, 1, 0]);
    expect(room.figure.value?.code).toBe('slender');
    expect(room.lying.value).toEqual({ height: 945, front: 20, left: -15 });
});

it('first a guess about a tape that somebody laid, then one’s own, which decides', async () => {
    const { asked, with: room } = laying(exercise('hip', 'hip'));
    await room.guessed({ way: 'more', nm: 30_000_000 });
    expect([room.step.value, asked]).toEqual(['lay', [null]]);
    room.lying.value = { height: 860, front: 2, left: 0 };
    room.board.value = true;
    await room.laid();
    expect(asked[1]).toEqual({ height: 860, front: 2, left: 0, point: 'hip', board: true });
    expect([room.step.value, room.own.value?.is_right]).toEqual(['told', false]);
});

it('only at the hip a board is said anything of', async () => {
    const { asked, with: room } = laying(exercise('waist', 'waist'));
    await room.laid();
    expect(asked[0]).not.toHaveProperty('board');
});

it('a question is answered by the number it was drawn with; another one is drawn anew', async () => {
    const said: unknown[] = [];
    const server: QuestionServer = {
        ask: (_code, seed) =>
            Promise.resolve({
                text: String(seed),
                choices: [],
                figure: null,
                tape: null,
                piece: null,
                in_figures: [],
            }),
        answer: (_code, seed, answer) => {
            said.push([seed, answer]);
            return Promise.resolve({
                is_right: true,
                right: null,
                right_nm: 1,
                told: [],
                tape: null,
                belongs_at: null,
            });
        },
    };
    const chances = [0.5, 0.25];
    const room = useQuestion(server, 'read_it', () => chances.shift() ?? 0);
    await room.begin();
    room.text.value = '70';
    await room.answer();
    expect(room.answered.value?.is_right).toBe(true);
    await room.begin();
    expect([room.answered.value, room.text.value, room.question.value?.text]).toEqual([
        null,
        '',
        '536870912',
    ]);
    room.choice.value = 2;
    await room.answer();
    expect(said).toEqual([
        [1073741824, { text: '70' }],
        [536870912, { choice: 2 }],
    ]);
});

const kept: (Begun & { on?: string | null })[] = [];
const hands: HandServer = {
    load: () => Promise.resolve([]),
    keep: (repeat) => {
        if (repeat.readings.includes('7')) return Promise.reject(new Error('no waist'));
        kept.push(repeat);
        const point = { point: repeat.point, words: 'waist', readings: repeat.readings, unit: repeat.unit };
        const rest = { on: '2026-11-29', spread_nm: 4, middle_nm: 700, counts_nm: 5, spread: null };
        return Promise.resolve([{ name: repeat.name, points: [{ ...point, ...rest }] }]);
    },
    keepSpread: () => Promise.resolve([]),
    forget: () => Promise.resolve([]),
};

it('five readings are one hand at one point: each is looked at as it is written, what is none stays to be mended', async () => {
    window.localStorage.clear();
    const repeat = useRepeat(hands);
    repeat.begin('Tegen', 'waist', 'cm');
    expect(await repeat.write('7')).toBe(false);
    for (const text of ['70', '70.4', '70.1', '70']) expect(await repeat.write(text)).toBe(true);
    expect([repeat.begun.value?.readings.length, repeat.result.value]).toEqual([4, null]);
    // After a reload it goes on where it was.
    const again = useRepeat(hands);
    await again.write('70.2');
    expect([again.begun.value, again.result.value?.spread_nm]).toEqual([null, 4]);
    expect(kept.at(-1)).toMatchObject({ name: 'Tegen', readings: ['70', '70.4', '70.1', '70', '70.2'] });
});

it('a hand that was forgotten is put back with its readings and their day', async () => {
    const repeat = useRepeat(hands);
    const point = { point: 'waist', words: 'waist', readings: ['70'], unit: 'cm', on: '2026-11-02' } as const;
    const hand = {
        name: 'Tegen',
        points: [{ ...point, readings: ['70'], spread_nm: 0, middle_nm: 0, counts_nm: 0, spread: null }],
    };
    await repeat.forget(hand);
    expect([repeat.hands.value, repeat.forgotten.value?.name]).toEqual([[], 'Tegen']);
    await repeat.putBack();
    expect([kept.at(-1)?.on, repeat.hands.value[0]?.name, repeat.forgotten.value]).toEqual([
        '2026-11-02',
        'Tegen',
        null,
    ]);
});
