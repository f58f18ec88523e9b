// @vitest-environment jsdom
import { afterEach, expect, it, vi } from 'vitest';
import { forgetHere, keepHere } from './kept';

let isOffline = false;
afterEach(() => {
    vi.unstubAllGlobals();
    isOffline = false;
});

function device(worker: object = { register: vi.fn(() => Promise.resolve()) }) {
    const laid: string[][] = [];
    const deleted: string[] = [];
    vi.stubGlobal('isSecureContext', true);
    vi.stubGlobal('navigator', { serviceWorker: worker });
    vi.stubGlobal('performance', {
        getEntriesByType: () =>
            ['/build/assets/a.js', '/build/assets/a.js', '/api/workroom'].map((path) => ({
                name: location.origin + path,
            })),
    });
    vi.stubGlobal('caches', {
        delete: (name: string) => Promise.resolve(deleted.push(name)),
        open: () =>
            Promise.resolve({
                addAll: (all: string[]) =>
                    isOffline ? Promise.reject(new Error('gone')) : Promise.resolve(void laid.push(all)),
                match: () => Promise.resolve(laid.length > 0 ? {} : undefined),
                keys: () =>
                    Promise.resolve([
                        { url: location.href },
                        { url: `${location.origin}/makes/2/projector` },
                    ]),
                delete: ({ url }: { url: string }) => Promise.resolve(deleted.push(url)),
            }),
    });
    return { laid, deleted };
}

it('the page, what it is made of and its drawing are laid by, and none of the figures of other pages', async () => {
    const { laid, deleted } = device();
    expect(await keepHere('/api/makes/3/strip')).toBe('kept');
    expect(laid).toEqual([
        [location.href, `${location.origin}/build/assets/a.js`, '/api/me', '/api/makes/3/strip'],
    ]);
    // Of what another page of its kind has laid by nothing stays.
    expect(deleted).toEqual([`${location.origin}/makes/2/projector`]);
    isOffline = true;
    expect(await keepHere('/api/makes/3/strip')).toBe('kept');
});

it('where it is not safe nothing is laid by; where the browser won’t, that is said', async () => {
    const { laid } = device({ register: () => Promise.reject(new Error('no')) });
    expect(await keepHere('/api/makes/3/strip')).toBe('not kept');
    vi.stubGlobal('isSecureContext', false);
    expect(await keepHere('/api/makes/3/strip')).toBe('insecure');
    expect(laid).toEqual([]);
});

it('who signs out leaves nothing', async () => {
    const { deleted } = device();
    await forgetHere();
    expect(deleted).toEqual(['projector']);
    vi.unstubAllGlobals();
    await forgetHere();
});
