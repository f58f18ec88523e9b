// @vitest-environment jsdom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, expect, it, vi } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import { api, Refused } from '../api/client';
import BinPage from './BinPage.vue';

vi.mock('../ui/Crumbs.vue', () => ({ default: { render: () => null } }));
afterEach(() => {
    vi.restoreAllMocks();
});

const coat = { id: 3, kind: 'make', name: 'Quay coat', with: '', deleted_on: '2026-11-20', days_left: 20 };
const ana = { id: 4, kind: 'wearer', name: 'Ana', with: '2 cards', deleted_on: '2026-11-01', days_left: 1 };
const ok = (data: unknown) => ({ data, response: new Response(null, { status: 200 }) }) as never;

/** A bin that really loses what is brought back or let go. */
async function opened(...entries: object[]): Promise<VueWrapper> {
    let kept = entries as (typeof coat)[];
    vi.spyOn(api, 'GET').mockImplementation((() => Promise.resolve(ok([...kept]))) as never);
    const gone = ((_: string, { params }: { params: { path: { entry: number } } }) => {
        kept = kept.filter(({ id }) => id !== params.path.entry);
        return Promise.resolve(ok(null));
    }) as never;
    vi.spyOn(api, 'POST').mockImplementation(gone);
    vi.spyOn(api, 'DELETE').mockImplementation(gone);
    const page = show(BinPage, {});
    await flushPromises();
    return page;
}
async function press(page: VueWrapper, label: string): Promise<void> {
    await page.get(`[aria-label="${label}"]`).trigger('click');
    await flushPromises();
}

it('what is in it says what it is, what went along and how long it waits', async () => {
    const page = await opened(coat, ana);
    expect(page.findAll('li p').map(words)).toEqual([
        'Quay coatmake deleted 20 Nov 2026, 20 days left',
        'Anawearer, with 2 cards deleted 1 Nov 2026, 1 day left',
    ]);
    expect(words(await opened())).toContain('The bin is empty.');
});

it('what is brought back is told, and gone from the bin; pressed twice it comes back once', async () => {
    const page = await opened(coat, ana);
    const button = page.get('[aria-label="Bring back Quay coat"]');
    void button.trigger('click');
    void button.trigger('click');
    await flushPromises();
    expect(api.POST).toHaveBeenCalledTimes(1);
    expect(words(page)).toContain('Quay coat is back.');
    expect(page.findAll('li').length).toBe(1);
});

it('what can’t come back says why, and stays', async () => {
    const page = await opened(coat);
    vi.mocked(api.POST).mockRejectedValueOnce(
        new Refused(409, 'Its pattern is in the bin: bring that back first.', {}),
    );
    await press(page, 'Bring back Quay coat');
    expect(words(page.get('[role=alert]'))).toBe('Its pattern is in the bin: bring that back first.');
    expect(words(page)).not.toContain('is back');
    expect(page.findAll('li').length).toBe(1);
});

it('nothing goes for good without being asked', async () => {
    const page = await opened(coat, ana);
    const asked = vi.spyOn(window, 'confirm').mockReturnValueOnce(false).mockReturnValueOnce(true);
    await press(page, 'Delete for good: Ana');
    expect(api.DELETE).not.toHaveBeenCalled();
    expect(asked).toHaveBeenCalledWith('Let Ana go for good? It can’t be brought back then.');
    await press(page, 'Delete for good: Ana');
    expect(words(page)).toContain('Ana is gone for good.');
    expect(page.findAll('li').length).toBe(1);
});

it('a server that can’t be reached is told', async () => {
    vi.spyOn(api, 'GET').mockRejectedValue(new Refused(0, 'The server can’t be reached.', {}));
    const page = show(BinPage, {});
    await flushPromises();
    expect(words(page.get('[role=alert]'))).toBe('The server can’t be reached.');
});
