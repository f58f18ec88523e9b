// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { completeMake, plans } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { Make, Plan, Point } from '../api/types';
import { Refused } from '../api/client';
import AskLengths from './AskLengths.vue';
import AskPoints from './AskPoints.vue';
import CautionsInShort from './CautionsInShort.vue';
import PlanHeadline from './PlanHeadline.vue';

const { server } = vi.hoisted(() => ({ server: { GET: vi.fn(), PUT: vi.fn() } }));
vi.mock('../api/client', async (original) => ({
    ...(await original<object>()),
    api: server,
    body: (answer: { data: unknown }) => answer.data,
}));

const answers = (data: unknown): Promise<{ data: unknown }> => Promise.resolve({ data });
const usual = [
    { key: 'underarm_to_waist', words: 'underarm to waist', cm: '20', in: '8' },
    { key: 'waist_to_hip', words: 'waist to hip', cm: '20', in: '8' },
];
const pattern = {
    name: 'Causeway',
    house: '',
    unit: 'cm',
    version: 3,
    document: { sizes: ['8'], body_chart: {}, seam: { hip_to_hem: '45' } },
};
const byPath: Record<string, unknown> = {
    '/api/patterns/{pattern}': pattern,
    '/api/cards/{card}': { version: 7 },
    '/api/pattern-guide': { usual_lengths: usual },
};
beforeEach(() => {
    server.GET.mockReset();
    server.PUT.mockReset();
    server.GET.mockImplementation((path: string) => answers(byPath[path]));
});

it('lengths that a line lacks are asked for: what is typed is kept, what is left empty is usual and marked', async () => {
    server.PUT.mockImplementation(() => answers(pattern));
    const shown = show(AskLengths, { pattern: 1 });
    await flushPromises();
    expect(shown.findAll('label').map(words)).toEqual(['underarm to waist', 'waist to hip']);
    await shown.get('.text-field').setValue('21,5');
    await shown.get('form').trigger('submit');
    await flushPromises();
    const [, { body }] = server.PUT.mock.calls[0] as [string, { body: typeof pattern }];
    expect(body.version).toBe(3);
    expect(body.document.seam).toEqual({
        hip_to_hem: '45',
        underarm_to_waist: '21,5',
        waist_to_hip: '20',
        guessed: ['waist_to_hip'],
    });
    expect(told(shown, 'kept')).toEqual([]);
});

it('a pattern that was changed elsewhere is looked at anew, and what was typed stays', async () => {
    server.PUT.mockRejectedValueOnce(new Refused(409, 'Changed elsewhere.', {}, null));
    const shown = show(AskLengths, { pattern: 1 });
    await flushPromises();
    await shown.get('.text-field').setValue('21');
    await shown.get('form').trigger('submit');
    await flushPromises();
    const asked = server.GET.mock.calls.filter(([path]) => path === '/api/patterns/{pattern}');
    expect(asked.length).toBe(2);
    expect((shown.get('.text-field').element as HTMLInputElement).value).toBe('21');
    expect(shown.emitted('kept')).toBeUndefined();
});

const points = [
    { code: 'hip', name: 'Hip' },
    { code: 'waist', name: 'Waist' },
] as Point[];
const make = { id: 2, card_id: 5 } as Make;
interface Sent {
    params: { path: { point: string } };
    body: { text: string; version: number };
}

it('points that a plan waits for go onto the card one after the other; one that is refused says why', async () => {
    const refusal = new Refused(422, 'No.', { text: ['9 cm is too small.'] }, null);
    server.PUT.mockImplementation(() => answers({})).mockRejectedValueOnce(refusal);
    const shown = show(AskPoints, { make, points });
    const [hip, waist] = shown.findAll('.text-field');
    await hip?.setValue('9');
    await waist?.setValue('70');
    await shown.get('form').trigger('submit');
    await flushPromises();
    expect(words(shown.get('.fault'))).toBe('9 cm is too small.');
    const sent = (server.PUT.mock.calls as [string, Sent][]).map(([, { params, body }]) => [
        params.path.point,
        body.text,
        body.version,
    ]);
    expect(sent).toEqual([
        ['hip', '9', 7],
        ['waist', '70', 7],
    ]);
    expect(shown.emitted('kept')).toBeUndefined();
    await hip?.setValue('95');
    await waist?.setValue('');
    await shown.get('form').trigger('submit');
    await flushPromises();
    expect(told(shown, 'kept')).toEqual([]);
});

it('sizes stand in a row where they differ, and the whole sentence is there for who hears it', () => {
    const { blend } = plans;
    const shown = show(PlanHeadline, { plan: blend });
    expect(words(shown.get('.sr-only'))).toBe(blend.headline);
    expect(shown.findAll('.sizes > span').map(words)).toEqual(blend.levels.map(({ size }) => size));
    const alike = { ...blend, headline: '12 all the way.' };
    expect(words(show(PlanHeadline, { plan: alike }))).toBe('12 all the way.');
    expect(words(show(PlanHeadline, { plan: null }))).toBe('No plan yet');
});

type Caution = Plan['cautions'][number];
const caution = (part: Partial<Caution>): Caution =>
    ({
        code: 'measure_again',
        level: 'waist',
        stops: true,
        short: 'Waist: measure again',
        text: 'It stands on the edge.',
        mended_by: 'measuring',
        ...part,
    }) as Caution;

it('a caution is told in short, whole when pressed, and leads to what mends it', async () => {
    const shown = show(CautionsInShort, {
        make: completeMake,
        cautions: [
            caution({}),
            caution({ code: 'step_avoid', level: null, short: 'Bust to hip', mended_by: 'other_way' }),
            caution({ code: 'thigh_over_hip', stops: false, short: 'Thighs wider', mended_by: null }),
            caution({ code: 'drawn_waist', stops: false, short: 'The waist', mended_by: 'length' }),
        ],
    });
    expect(shown.findAll('.brief').map(words)).toEqual([
        '!Before you cut: Waist: measure again',
        '!Before you cut: Bust to hip',
        'iGood to know: Thighs wider',
        'iGood to know: The waist',
    ]);
    expect(shown.find('.whole').exists()).toBe(false);
    for (const brief of shown.findAll('.brief')) await brief.trigger('click');
    const [again, apart, thighs, waist] = shown.findAll('.whole');
    expect(again && words(again)).toContain('It stands on the edge.');
    await apart?.get('button').trigger('click');
    await waist?.get('button').trigger('click');
    expect(shown.emitted('door')).toEqual([['ways'], ['more']]);
    expect(thighs?.find('button, a').exists()).toBe(false);
    await shown.get('.brief').trigger('click');
    expect(shown.findAll('.whole').length).toBe(3);
});

it('on paper every caution stands whole', async () => {
    const shown = show(CautionsInShort, {
        make: completeMake,
        cautions: [caution({}), caution({ level: 'hip' })],
    });
    window.dispatchEvent(new Event('beforeprint'));
    await flushPromises();
    expect(shown.findAll('.whole').length).toBe(2);
    window.dispatchEvent(new Event('afterprint'));
    await flushPromises();
    expect(shown.findAll('.whole').length).toBe(0);
});
