import { useMutationObserver } from '@vueuse/core';
import { watch, type Ref } from 'vue';

/** As it is read out: what is only drawn for the eye says the same once more. */
function read(heading: Element): string {
    const said = heading.cloneNode(true) as Element;
    said.querySelectorAll('[aria-hidden="true"]').forEach((drawn) => drawn.remove());
    return said.textContent.trim();
}

/**
 * Every page has one heading: it names the window, and when another page has come it takes the focus, unless the page
 * put that somewhere itself.
 *
 * @param crumbs where the page says what it belongs to
 */
export function usePageHead(
    main: Ref<HTMLElement | null>,
    crumbs: Ref<HTMLElement | null>,
    path: Readonly<Ref<string>>,
): void {
    let isNew = false;
    /** The page that is loaded is read from its top: nothing has to be found again on it. */
    let isFirst = true;

    function follow(): void {
        const heading = main.value?.querySelector('h1');
        if (!heading) return;
        const place = [...(crumbs.value?.children ?? [])].map((one) => one.textContent.trim());
        document.title = [read(heading), ...place, 'Underbolt'].filter(Boolean).join(' · ');
        const isOpened = isNew && !isFirst;
        isNew = isFirst = false;
        if (!isOpened) return;
        if (main.value?.contains(document.activeElement)) return;
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
    }

    watch(path, () => (isNew = true), { flush: 'sync' });
    useMutationObserver([main, crumbs], follow, { childList: true, subtree: true, characterData: true });
}
