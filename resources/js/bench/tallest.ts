import type { Directive } from 'vue';

const observers = new WeakMap<HTMLElement, ResizeObserver>();

/**
 * Keeps a part, or a row of a table, as high as it has been while it is as wide: what stands below it comes no nearer when
 * it has less to say, and is where the hand has learned to find it.
 */
export const vTallest: Directive<HTMLElement> = {
    mounted(part) {
        const keep = (px: number): void => {
            part.style[part.tagName === 'TR' ? 'height' : 'minHeight'] = px === 0 ? '' : `${px}px`;
        };
        let width = 0;
        let most = 0;
        const observer = new ResizeObserver(() => {
            const box = part.getBoundingClientRect();
            // Put away it has no height, and says nothing of how high it was.
            if (box.width === 0) return;
            most = box.width === width ? Math.max(most, box.height) : 0;
            width = box.width;
            keep(most);
        });
        observer.observe(part);
        observers.set(part, observer);
    },
    unmounted(part) {
        observers.get(part)?.disconnect();
    },
};
