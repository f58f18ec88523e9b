import { tinykeys } from 'tinykeys';
import { onBeforeUnmount, onMounted, shallowReactive } from 'vue';

export interface Shortcut {
    /** A key as tinykeys names it, such as `u` or `Shift+?`. */
    key: string;
    /** The key as it is printed. */
    shown: string;
    does: string;
    run: () => void;
}

/** Every shortcut that works at the moment, so that the list can show itself. */
export const shortcuts = shallowReactive(new Set<Shortcut>());

/** Makes shortcuts work while a component is on the screen; they rest while someone types. */
export function useShortcuts(mine: Shortcut[]): void {
    let stop = (): void => undefined;
    onMounted(() => {
        mine.forEach((shortcut) => shortcuts.add(shortcut));
        stop = tinykeys(
            window,
            Object.fromEntries(
                mine.map(({ key, run }) => [
                    key,
                    (event: KeyboardEvent) => {
                        if (isTyping(event.target)) return;
                        event.preventDefault();
                        run();
                    },
                ]),
            ),
        );
    });
    onBeforeUnmount(() => {
        stop();
        mine.forEach((shortcut) => shortcuts.delete(shortcut));
    });
}

function isTyping(target: EventTarget | null): boolean {
    return (
        target instanceof HTMLElement && target.closest('input, textarea, select, [role="dialog"]') !== null
    );
}
