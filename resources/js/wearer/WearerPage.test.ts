// @vitest-environment jsdom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import { api, Refused } from '../api/client';
import WearerPage from './WearerPage.vue';

const push = vi.hoisted(() => vi.fn());
vi.mock('vue-router', () => ({ useRouter: () => ({ push }) }));
vi.mock('../ui/Crumbs.vue', () => ({ default: { render: () => null } }));
vi.mock('./WearerStand.vue', () => ({ default: { render: () => null } }));
vi.mock('../measure/guide', () => ({ measuringGuide: () => Promise.resolve({ points: [] }) }));

const first = {
    id: 7,
    name: 'Merrin Tolvane',
    notes: '',
    unit: null,
    agreed_on: null,
    sizes_hidden: false,
    archived: false,
    version: 1,
    cards: [],
    histories: [],
    garments: [],
    goes_along: '',
    wardrobe: {} as { garments?: object[] },
};

/** As it goes over the wire. */
const copy = <T>(one: T): T => JSON.parse(JSON.stringify(one)) as T;

/** A server that keeps one wearer, and says no to what was written from an older view. */
function server() {
    let kept = copy(first);
    const sent: Record<string, unknown>[] = [];
    /** What is answered late, one by one. */
    const late: (() => void)[] = [];
    let isLate = false;
    vi.spyOn(api, 'GET').mockImplementation(((address: string) =>
        Promise.resolve({
            data: address.endsWith('history') ? { makes: [] } : copy(kept),
            response: new Response(null, { status: 200 }),
        })) as never);
    vi.spyOn(api, 'PATCH').mockImplementation((async (_: string, { body }: { body: typeof first }) => {
        sent.push(copy(body));
        if (isLate) await new Promise<void>((answer) => late.push(answer));
        if (body.version !== kept.version)
            throw new Refused(409, 'changed meanwhile', {}, { wearer: copy(kept) });
        kept = { ...kept, ...copy(body), version: kept.version + 1 };
        return { data: copy(kept), response: new Response(null, { status: 200 }) };
    }) as never);
    return {
        sent,
        late,
        answerLate: () => (isLate = true),
        kept: () => kept,
        elsewhere: (part: Partial<typeof first>) => (kept = { ...kept, ...part, version: kept.version + 1 }),
    };
}

async function opened(): Promise<VueWrapper> {
    const page = show(WearerPage, { id: 7 });
    await flushPromises();
    return page;
}
async function typed(page: VueWrapper, label: string, text: string): Promise<void> {
    const cell = page.get(`[aria-label="${label}"]`);
    await cell.setValue(text);
    await cell.trigger('blur');
}
const value = (page: VueWrapper, label: string): string =>
    (page.get(`[aria-label="${label}"]`).element as HTMLInputElement).value;
/** What is typed is kept when the hand rests. */
const rests = async (): Promise<void> => {
    await vi.advanceTimersByTimeAsync(600);
    await flushPromises();
};

beforeEach(() => {
    vi.useFakeTimers();
});
afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
});

it('a garment that is typed is kept once, when the hand rests', async () => {
    const kept = server();
    const page = await opened();
    await typed(page, 'garment 1, its name', 'blue dress');
    await typed(page, 'blue dress, flat across the waist', '44');
    expect(kept.sent).toEqual([]);
    await rests();
    expect(kept.sent.map(({ wardrobe, version }) => [wardrobe, version])).toEqual([
        [{ garments: [{ name: 'blue dress', flat: { waist: '44' } }] }, 1],
    ]);
    await rests();
    expect(kept.sent.length).toBe(1);
});

it('a name alone is kept too, and its row stays when the answer comes', async () => {
    const kept = server();
    const page = await opened();
    await typed(page, 'garment 1, its name', 'blue dress');
    await rests();
    expect(value(page, 'garment 1, its name')).toBe('blue dress');
    expect(page.find('[aria-label="garment 2, its name"]').exists()).toBe(true);
    expect(kept.kept().wardrobe.garments).toEqual([{ name: 'blue dress' }]);
});

it('what is typed while an answer is under way stays, and is kept after it', async () => {
    const kept = server();
    const page = await opened();
    kept.answerLate();
    await typed(page, 'garment 1, its name', 'blue dress');
    await rests();
    await typed(page, 'blue dress, flat across the hip', '52');
    await rests();
    expect(kept.sent.length).toBe(1);
    kept.late.shift()?.();
    await rests();
    expect(value(page, 'blue dress, flat across the hip')).toBe('52');
    kept.late.shift()?.();
    await rests();
    expect(kept.kept().wardrobe.garments).toEqual([{ name: 'blue dress', flat: { hip: '52' } }]);
});

it('what another tab has changed is put together with what is typed here', async () => {
    const kept = server();
    const page = await opened();
    kept.elsewhere({ notes: 'Left shoulder lower.' });
    await typed(page, 'garment 1, its name', 'blue dress');
    await rests();
    expect(kept.kept()).toMatchObject({
        notes: 'Left shoulder lower.',
        wardrobe: { garments: [{ name: 'blue dress' }] },
    });
    expect(value(page, 'garment 1, its name')).toBe('blue dress');
    expect(words(page)).toContain('Left shoulder lower.');
});

it('where both have typed a garment it is asked which counts, and hands may go on meanwhile', async () => {
    const kept = server();
    const page = await opened();
    kept.elsewhere({ wardrobe: { garments: [{ name: 'grey coat' }] } });
    await typed(page, 'garment 1, its name', 'blue dress');
    await rests();
    expect(kept.kept().wardrobe.garments).toEqual([{ name: 'grey coat' }]);
    expect(words(page)).toContain('Keep what is here');
    await typed(page, 'blue dress, flat across the bust', '50');
    await page
        .findAll('button')
        .find((one) => one.text() === 'Keep what is here')
        ?.trigger('click');
    await rests();
    expect(kept.kept().wardrobe.garments).toEqual([{ name: 'blue dress', flat: { bust: '50' } }]);
    expect(words(page)).not.toContain('Keep what is here');
});

it('what is refused stands at its cell, and stays as it was typed', async () => {
    const kept = server();
    const page = await opened();
    const fault = { 'wardrobe.garments[0].flat.waist': ['"wide" is not a figure.'] };
    vi.mocked(api.PATCH).mockRejectedValueOnce(new Refused(422, 'no', fault));
    await typed(page, 'garment 1, flat across the waist', 'wide');
    await rests();
    expect(words(page)).toContain('"wide" is not a figure.');
    expect(value(page, 'garment 1, flat across the waist')).toBe('wide');
    await typed(page, 'garment 1, flat across the waist', '44');
    await rests();
    expect(words(page)).not.toContain('is not a figure');
    expect(kept.kept().wardrobe.garments).toEqual([{ flat: { waist: '44' } }]);
});

it('a wearer without a card is told what is enough to begin, and is measured with one press', async () => {
    server();
    const page = await opened();
    expect(words(page)).toContain('No card yet. Bust, waist and hip are enough to begin.');
    vi.spyOn(api, 'POST').mockResolvedValue({
        data: { id: 12 },
        response: new Response(null, { status: 201 }),
    } as never);
    await page
        .findAll('button')
        .find((one) => one.text() === 'Measure')
        ?.trigger('click');
    await flushPromises();
    expect(push).toHaveBeenCalledWith({ name: 'card', params: { id: 12 } });
});
