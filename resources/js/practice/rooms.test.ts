// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { show, told, words } from '../../../tests/Front/show';
import slender from '../../figures/slender.json';
import type { Answered, Exercise, Hand, Question } from '../api/types';
import ExerciseList from './ExerciseList.vue';
import GirthCurve from './GirthCurve.vue';
import GirthTable from './GirthTable.vue';
import { viewOf } from './view';
import HandsPart from './HandsPart.vue';
import QuestionRoom from './QuestionRoom.vue';
import RepeatRoom from './RepeatRoom.vue';
import TapePiece from './TapePiece.vue';
import type { Begun, useRepeat } from './useRepeat';

const answers: Record<string, unknown> = {};
const sent: unknown[] = [];
vi.mock('../api/client', async (original) => {
    const call = (method: string) => (path: string, options?: { body?: unknown }) => {
        if (options?.body !== undefined) sent.push(options.body);
        return Promise.resolve({ data: answers[`${method} ${path}`] });
    };
    return { ...(await original<object>()), api: { GET: call('GET'), POST: call('POST') } };
});
beforeEach(() => {
    sent.length = 0;
});

const figure = {
    code: 'slender',
    name: slender.name,
    rings: slender.rings.map(({ z, w, f, r, c }) => [z, w, f, r, c]),
    waist_mm: 1062,
};
const exercise = (code: Exercise['code'], due: string | null, isDue: boolean): Exercise => ({
    code,
    title: code,
    laying: null,
    figures: [],
    box: null,
    due_on: due,
    is_due: isDue,
});

it('what is due is listed first; the rest on demand, with the day until which it sits', async () => {
    const exercises = [exercise('alone', null, true), exercise('halves', '2026-12-03', false)];
    const shown = show(ExerciseList, { exercises });
    expect(shown.findAll('li').map(words)).toEqual(['alonenot tried yet']);
    await shown.get('.link').trigger('click');
    expect(shown.findAll('li').map(words)).toEqual(['alonenot tried yet', 'halvessits until 3 Dec 2026']);
    await shown.findAll('li button')[1]?.trigger('click');
    expect(told(shown, 'begin')).toEqual([exercises[1]]);
    const none = show(ExerciseList, { exercises: [exercise('halves', '2026-12-03', false)] });
    expect(words(none)).toContain('Nothing is due today.');
    expect(none.findAll('li').length).toBe(1);
});

it('the girth stands beside the body at its heights, or as a table for whom a picture says nothing', () => {
    const view = viewOf(figure);
    const curve = show(GirthCurve, { view, tape: 1000, truth: 1062 });
    expect(curve.attributes('aria-label')).toMatch(
        /^The girth at every height, from [\d.]+ cm to [\d.]+ cm$/,
    );
    expect(Number(curve.get('.of-tape circle').attributes('cy'))).toBeCloseTo(view.y(1000));
    expect(Number(curve.get('.of-truth circle').attributes('cy'))).toBeCloseTo(view.y(1062));
    // Nothing was laid where only a question was answered.
    expect(show(GirthCurve, { view, tape: null, truth: 1062 }).find('.of-tape').exists()).toBe(false);
    const table = show(GirthTable, { figure });
    const [first, ...rest] = table.findAll('tbody tr').map(words);
    expect(first).toMatch(/^700[\d.]+ cm$/);
    // Every two centimetres, from the lowest ring to the highest.
    expect(rest.length).toBe((1440 - 700) / 20);
    expect(words(table.get('tfoot'))).toBe('1062here it creases');
});

const asked = (part: Partial<Question>): Question => ({
    text: 'What?',
    choices: ['one', 'two', 'three'],
    figure: null,
    tape: null,
    piece: null,
    in_figures: [],
    ...part,
});
async function asking(question: Question, answered: Answered) {
    answers['GET /api/practice/questions/{exercise}'] = question;
    answers['POST /api/practice/questions/{exercise}'] = answered;
    const room = show(QuestionRoom, { exercise: exercise('spot_it', null, true), figures: [figure] });
    await flushPromises();
    return room;
}

it('a question waits for a choice, then tells which was right, and why', async () => {
    const room = await asking(asked({ figure: 'slender', in_figures: ['It is level.'] }), {
        is_right: false,
        right: 2,
        right_nm: null,
        told: ['Because.'],
        tape: { height: 1000, front: 0, left: 0, over: 0, fingers: 0 },
        belongs_at: 1062,
    });
    expect(room.get('[type=submit]').attributes('disabled')).toBeDefined();
    expect(words(room.get('details'))).toContain('It is level.');
    await room.findAll('input')[0]?.setValue();
    await room.get('form').trigger('submit');
    await flushPromises();
    expect(sent).toMatchObject([{ choice: 0 }]);
    expect([words(room.get('.right')), words(room.get('.wrong'))]).toEqual(['threethat is it', 'one']);
    expect(words(room.get('[role=status]'))).toContain('Not that.Because.');
    expect([room.findAll('.tape').length, room.findAll('.true').length]).toEqual([2, 2]);
    expect(room.emitted('told')).toHaveLength(1);
    expect(room.get('fieldset').attributes('disabled')).toBeDefined();
});

it('a figure that is read is told beside the right one', async () => {
    const piece = { unit: 'cm', strokes: 10, tip: 0, meets: 734 } as const;
    const room = await asking(asked({ choices: [], piece }), {
        is_right: false,
        right: null,
        right_nm: 734_000_000,
        told: [],
        tape: null,
        belongs_at: null,
    });
    await room.get('.text-field').setValue('74.3');
    await room.get('form').trigger('submit');
    await flushPromises();
    expect(sent).toMatchObject([{ text: '74.3' }]);
    expect(words(room.get('.verdict'))).toBe('Not quite: you read 74.3, it is 73.4 cm.');
});

it.each([
    ['whole', { tip: 0, meets: 734 }, ['0', '1', '2', '3', '4'], ['72', '73', '74', '75']],
    ['cut', { tip: 40, meets: 774 }, ['4', '5', '6', '7', '8'], ['76', '77', '78', '79']],
    [
        'from the wrong end',
        { tip: 1500, meets: 766 },
        ['150', '149', '148', '147', '146'],
        ['78', '77', '76', '75'],
    ],
])('a tape that is %s shows what is printed at its tip and where the tip meets it', (_, at, tip, around) => {
    const shown = show(TapePiece, { piece: { unit: 'cm', strokes: 10, ...at } });
    const [first, second] = shown.findAll('svg');
    expect(first?.findAll('text').map(words)).toEqual(tip);
    expect(second?.findAll('text').map(words)).toEqual(around);
});

it('an inch has a long stroke for its half and shorter ones for quarters and eighths', () => {
    const shown = show(TapePiece, { piece: { unit: 'in', strokes: 8, tip: 0, meets: 240 } });
    const long = shown
        .get('svg')
        .findAll('line')
        .slice(0, 9)
        .map((line) => Number(line.attributes('y2')) - 8);
    expect(long).toEqual([46, 20, 28, 20, 36, 20, 28, 20, 46]);
});

const tegen: Hand = {
    name: 'Tegen',
    points: [
        {
            point: 'waist',
            words: 'waist',
            readings: ['70', '70.4', '70.2', '70.1', '70'],
            unit: 'cm',
            on: '2026-11-29',
            spread_nm: 4_000_000,
            middle_nm: 701_000_000,
            counts_nm: 4_000_000,
            spread: null,
        },
    ],
};
function repeating(
    part: { hands?: Hand[]; begun?: Begun | null; result?: Hand['points'][number] | null } = {},
) {
    const calls: unknown[][] = [];
    const call =
        (name: string) =>
        (...given: unknown[]) => {
            calls.push([name, ...given]);
            return Promise.resolve(given[0] !== 'wide');
        };
    const repeat = {
        hands: ref(part.hands ?? []),
        refused: ref(null),
        begun: ref(part.begun ?? null),
        forgotten: ref<Hand | null>(null),
        done: ref(part.result ? { name: 'Tegen', point: 'waist' } : null),
        result: ref(part.result ?? null),
        begin: call('begin'),
        write: call('write'),
        leave: call('leave'),
        forget: call('forget'),
        putBack: call('putBack'),
    };
    return { calls, repeat: repeat as unknown as ReturnType<typeof useRepeat> };
}
const points = [{ code: 'waist', name: 'Waist', where: 'Where it creases.', mistake: 'Not the trousers.' }];

it('nobody measures without a name; with one it begins at the point that was asked for', async () => {
    const { calls, repeat } = repeating();
    const room = show(RepeatRoom, { repeat, points, by: '', at: 'waist' });
    await room.get('form').trigger('submit');
    expect([calls, words(room.get('[role=alert]'))]).toEqual([[], 'Whose hand is it?']);
    await room.get('.text-field').setValue(' Tegen ');
    await room.get('form').trigger('submit');
    expect(calls).toEqual([['begin', 'Tegen', 'waist', 'cm']]);
});

it('earlier readings are out of sight while the next is taken; what is refused stays to be mended', async () => {
    const begun: Begun = { name: 'Tegen', point: 'waist', unit: 'cm', readings: ['70', '70.4'] };
    const { calls, repeat } = repeating({ begun });
    const room = show(RepeatRoom, { repeat, points, by: '', at: '' });
    expect(words(room.get('h2'))).toBe('Tegen: Waist, reading 3 of 5');
    expect(words(room)).not.toContain('70.4');
    const field = room.get<HTMLInputElement>('.text-field');
    await field.setValue('wide');
    await room.get('form').trigger('submit');
    await flushPromises();
    expect(field.element.value).toBe('wide');
    await field.setValue('70.2');
    await room.get('form').trigger('submit');
    await flushPromises();
    expect([calls.map(([name, text]) => [name, text]), field.element.value]).toEqual([
        [
            ['write', 'wide'],
            ['write', '70.2'],
        ],
        '',
    ]);
});

it('what came of five readings is told with what it means on a card', () => {
    const { repeat } = repeating({ hands: [tegen], result: tegen.points[0] ?? null });
    const said = words(show(RepeatRoom, { repeat, points, by: 'Tegen', at: 'waist' }).get('.result'));
    expect(said).toContain('Tegen reads the waist within 0.4 cm, the middle is 70.1 cm.');
    expect(said).toContain('nearer than 0.4 cm to the edge of a size');
});

it('every hand stands with its points, and one that is forgotten can be put back', async () => {
    const { calls, repeat } = repeating({ hands: [tegen] });
    const part = show(HandsPart, { repeat, points, by: '', at: '' });
    expect(words(part.get('.known'))).toContain('Tegenwaist0.4 cm apart, 29 Nov 2026');
    await part.get('[aria-label="Forget Tegen"]').trigger('click');
    expect(calls).toEqual([['forget', tegen]]);
    repeat.forgotten.value = tegen;
    await nextTick();
    await part.get('.notice button').trigger('click');
    expect(calls.at(-1)).toEqual(['putBack']);
    expect(words(show(HandsPart, { ...repeating(), points, by: '', at: '' }))).toContain(
        'No hand is known yet',
    );
});
