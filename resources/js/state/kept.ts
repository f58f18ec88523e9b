/** Whether the page opens again without the network on this device; `insecure` where a browser gives that to https and localhost alone. */
export type Kept = 'kept' | 'insecure' | 'not kept';

const NAME = 'projector';
const WORKER = '/projector-worker.js';

/** What the page is made of: itself, its scripts, styles and letters, who is signed in, and the drawing. */
function parts(drawing: string): string[] {
    const built = performance
        .getEntriesByType('resource')
        .map(({ name }) => name)
        .filter((name) => new URL(name).origin === location.origin && name.includes('/build/'));
    return [...new Set([location.href, ...built, '/api/me', drawing])];
}

/** Lays by what this page needs, in the place of what another of its kind has laid by. */
export async function keepHere(drawing: string): Promise<Kept> {
    if (!isSecureContext || !('serviceWorker' in navigator)) return 'insecure';
    try {
        // Of pages alone that have a projector below them.
        await navigator.serviceWorker.register(WORKER, {
            scope: `/${location.pathname.split('/')[1] ?? ''}/`,
        });
        return await layBy(parts(drawing));
    } catch {
        return 'not kept';
    }
}

async function layBy(wanted: string[]): Promise<Kept> {
    const cache = await caches.open(NAME);
    try {
        await cache.addAll(wanted);
    } catch {
        // Without the network what was laid by before still stands.
        return (await cache.match(location.href)) === undefined ? 'not kept' : 'kept';
    }
    const now = new Set(wanted.map((one) => new URL(one, location.href).href));
    const old = (await cache.keys()).filter(({ url }) => !now.has(url));
    await Promise.all(old.map((one) => cache.delete(one)));
    return 'kept';
}

/** Figures are private: whoever signs out leaves none of them on the device. */
export async function forgetHere(): Promise<void> {
    if (!('caches' in globalThis)) return;
    await caches.delete(NAME).catch(() => undefined);
}
