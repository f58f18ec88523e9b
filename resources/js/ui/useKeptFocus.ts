import { useEventListener, useMutationObserver } from '@vueuse/core';
import type { Ref } from 'vue';

/**
 * What is pressed may be gone with the press (a clip taken off, a way that is cut now): the hand then stays at the nearest
 * thing around it that is still there, and does not fall out of the page.
 */
export function useKeptFocus(within: Ref<HTMLElement | null>): void {
    /** From what has the focus, or had it last, outwards. */
    let around: HTMLElement[] = [];

    useEventListener(within, 'focusin', (event: FocusEvent) => {
        around = [];
        for (let at = event.target as HTMLElement | null; at && at !== within.value; at = at.parentElement)
            around.push(at);
    });

    function keep(): void {
        const [held] = around;
        if (held === undefined || held.isConnected || document.activeElement !== document.body) return;
        const near = around.find((one) => one.isConnected);
        around = [];
        if (near === undefined) return;
        const next = near.querySelector<HTMLElement>('button, a[href], input, select, [tabindex="0"]');
        if (next === null) near.tabIndex = -1;
        (next ?? near).focus({ preventScroll: true });
    }

    useMutationObserver(within, keep, { childList: true, subtree: true });
}
