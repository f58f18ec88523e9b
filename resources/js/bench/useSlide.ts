import type { Ref } from 'vue';

/** How far a press may wander and still be a press, in pixels. */
const STILL_PX = 3;

/**
 * Sliding the clip along a tape: a drag moves it from notch to notch, a press anywhere brings it there.
 *
 * `start` is told once, before the first change, so that a whole drag is undone in one step.
 */
export function useSlide(
    tape: Ref<HTMLElement | null>,
    sizeAt: (x: number) => string | null,
    current: () => string,
    start: () => void,
    choose: (size: string) => void,
) {
    let from: number | null = null;
    let sliding = false;
    let last = '';
    let moved = false;

    function to(event: PointerEvent): void {
        if (tape.value === null) return;
        const size = sizeAt(event.clientX - tape.value.getBoundingClientRect().left);
        if (size === null || size === last) return;
        if (!moved) start();
        moved = true;
        last = size;
        choose(size);
    }

    function press(event: PointerEvent): void {
        if (event.button !== 0) return;
        tape.value?.setPointerCapture(event.pointerId);
        tape.value?.querySelector<HTMLElement>('[role="slider"]')?.focus({ preventScroll: true });
        from = event.clientX;
        sliding = false;
        moved = false;
        last = current();
    }

    function slide(event: PointerEvent): void {
        if (from === null) return;
        sliding ||= Math.abs(event.clientX - from) > STILL_PX;
        if (sliding) to(event);
    }

    function release(event: PointerEvent): void {
        const onClip = event.target instanceof Element && event.target.closest('[role="slider"]') !== null;
        if (from !== null && !sliding && !onClip) to(event);
        from = null;
    }

    function cancel(): void {
        from = null;
    }

    return { press, slide, release, cancel };
}
