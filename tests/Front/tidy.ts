import { afterAll, afterEach, vi } from 'vitest';

/* Test files share one page: each leaves it as it was found, and loads what it tests anew, as it may put others in its place. */
vi.resetModules();
afterEach(() => {
    vi.useRealTimers();
});
// What is registered last is done first: what is mounted goes before the page is emptied.
afterAll(() => {
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});
if (typeof document !== 'undefined') {
    afterAll(() => {
        document.body.replaceChildren();
        document.title = '';
        localStorage.clear();
        sessionStorage.clear();
    });
    const { disableAutoUnmount, enableAutoUnmount } = await import('@vue/test-utils');
    // It is asked for anew by each file, and takes one at a time.
    disableAutoUnmount();
    enableAutoUnmount(afterAll);
}

/** A page that is laid out nowhere never changes its size. */
class NoResizes implements ResizeObserver {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
}
globalThis.ResizeObserver ??= NoResizes;
