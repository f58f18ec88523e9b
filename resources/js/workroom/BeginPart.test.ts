// @vitest-environment jsdom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import { api, Refused } from '../api/client';
import { emptyDocument } from '../charts/grid';
import BeginPart from './BeginPart.vue';
import { begun } from './begin';

const push = vi.hoisted(() => vi.fn());
vi.mock('vue-router', () => ({ useRouter: () => ({ push }) }));

const guide = {
    garments: [{ value: 'dress', label: 'dress' }],
    usual_lengths: [
        { key: 'underarm_to_waist', words: 'Underarm to waist', cm: '20 cm', in: '7 7/8 in' },
        { key: 'waist_to_hip', words: 'Waist to hip', cm: '20 cm', in: '7 7/8 in' },
    ],
};
const chart = { ...emptyDocument(), sizes: ['8', '10', '12'], body_chart: { waist: ['66', '70', '74'] } };
const key = 'underbolt.begun.';

async function opened(typed: object = {}): Promise<VueWrapper> {
    sessionStorage.setItem(key, JSON.stringify({ ...begun(), ...typed }));
    vi.spyOn(api, 'GET').mockResolvedValue({ data: guide, response: new Response() } as never);
    const part = show(BeginPart, {});
    await flushPromises();
    return part;
}
async function type(part: VueWrapper, label: string, text: string): Promise<void> {
    const id = part
        .findAll('label')
        .find((one) => one.text().startsWith(label))
        ?.attributes('for');
    await part.get(`[id="${id}"]`).setValue(text);
}
const start = async (part: VueWrapper): Promise<void> => {
    await part.get('form').trigger('submit');
    await flushPromises();
};

beforeEach(() => sessionStorage.clear());
afterEach(() => {
    vi.restoreAllMocks();
    push.mockReset();
});

it('without a chart nothing is sent: the size is found in it', async () => {
    const part = await opened();
    const send = vi.spyOn(api, 'POST');
    await start(part);
    expect(words(part)).toContain('The size is found in it: paste it first.');
    expect(part.get('textarea').attributes('aria-invalid')).toBe('true');
    expect(send).not.toHaveBeenCalled();
});

it('a chart says how many sizes it has and which points it asks for', async () => {
    const part = await opened({ document: chart });
    expect(words(part.get('.has'))).toContain('8 to 12, 3 sizes, in cm.');
    expect(part.findAll('.three')[0]?.findAll('label').map(words)).toEqual(['Waist, cm']);
    await part.get('.has button').trigger('click');
    expect(part.find('textarea').exists()).toBe(true);
});

it('the form speaks in the unit of what was pasted, and sends its measures in it', async () => {
    const part = await opened({ document: chart, unit: 'in', wearer: 'Merrin', readings: { waist: '33' } });
    const send = vi
        .spyOn(api, 'POST')
        .mockResolvedValue({ data: { make_id: 5 }, response: new Response() } as never);
    expect(part.findAll('.three').flatMap((one) => one.findAll('label').map(words))).toEqual([
        'Waist, in',
        'Underarm to waist, in',
        'Waist to hip, in',
    ]);
    await start(part);
    expect(send.mock.calls[0]?.[1]).toMatchObject({ body: { unit: 'in', measured_in: 'in' } });
});

it('what is typed goes to the bench in one go, lengths as usual where none were typed', async () => {
    const part = await opened({ document: chart, wearer: 'Merrin', readings: { waist: '71', hip: ' ' } });
    const send = vi
        .spyOn(api, 'POST')
        .mockResolvedValue({ data: { make_id: 5 }, response: new Response() } as never);
    await type(part, 'Pattern', 'Causeway dress');
    await type(part, 'Waist to hip', '21,5');
    await start(part);
    const { body } = send.mock.calls[0]?.[1] as unknown as { body: Record<string, unknown> };
    expect(body).toMatchObject({
        name: 'Causeway dress',
        unit: 'cm',
        wearer: 'Merrin',
        measured_in: 'cm',
        readings: { waist: '71' },
        document: { sizes: ['8', '10', '12'], seam: { waist_to_hip: '21,5', underarm_to_waist: '20 cm' } },
    });
    expect(push).toHaveBeenCalledWith({ name: 'bench', params: { id: 5 } });
    expect(JSON.parse(sessionStorage.getItem(key) ?? '{}')).toEqual(begun());
});

it('what is refused stands at its field, and all that was typed stays, after a reload too', async () => {
    const part = await opened({ document: chart });
    vi.spyOn(api, 'POST').mockRejectedValue(
        new Refused(422, 'no', { 'readings.waist': ['"wide" is not a figure.'], wearer: ['is missing.'] }),
    );
    await type(part, 'Waist', 'wide');
    await start(part);
    expect(words(part)).toContain('"wide" is not a figure.');
    expect(words(part)).toContain('is missing.');
    expect(push).not.toHaveBeenCalled();
    await flushPromises();
    expect(JSON.parse(sessionStorage.getItem(key) ?? '{}').readings).toEqual({ waist: 'wide' });
});

it('pressed twice it is begun once', async () => {
    const part = await opened({ document: chart });
    const send = vi
        .spyOn(api, 'POST')
        .mockResolvedValue({ data: { make_id: 5 }, response: new Response() } as never);
    void part.get('form').trigger('submit');
    void part.get('form').trigger('submit');
    await flushPromises();
    expect(send).toHaveBeenCalledTimes(1);
});
