import { tinykeys } from 'tinykeys';
import { onBeforeUnmount, onMounted, shallowReactive } from 'vue';

export interface Shortcut {
    /** A key as tinykeys names it, such as `u` or `Shift+?`. */
    key: string;
    /** The key as it is printed. */
    shown: string;
    does: string;
    run: () => void;
    /** In fields too: where the focus is always in one, a single letter would be typed. */
    whileTyping?: true;
}

/** A key that works where the focus is on something, such as a clip: the list tells it. */
export type KnownKey = Pick<Shortcut, 'shown' | 'does'>;

/** Every key that works at the moment, so that the list can show itself. */
export const shortcuts = shallowReactive(new Set<KnownKey>());

/** Tells keys that a part of the page answers by itself, while it is on the screen. */
export function useKnownKeys(mine: KnownKey[]): void {
    onMounted(() => mine.forEach((key) => shortcuts.add(key)));
    onBeforeUnmount(() => mine.forEach((key) => shortcuts.delete(key)));
}

/** Makes shortcuts work while a component is on the screen; they rest in fields, lists and dialogs. */
export function useShortcuts(mine: Shortcut[]): void {
    let stop = (): void => undefined;
    onMounted(() => {
        mine.forEach((shortcut) => shortcuts.add(shortcut));
        stop = tinykeys(
            window,
            Object.fromEntries(
                mine.map(({ key, run, whileTyping }) => [
                    key,
                    (event: KeyboardEvent) => {
                        if (!whileTyping && isTyping(event.target, key.startsWith('$mod'))) return;
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

const FIELDS =
    'input:not([type="checkbox"], [type="radio"], [type="range"]), textarea, [contenteditable="true"]';
/** Letters find an entry there; with Ctrl held a key is no letter. */
const LISTS = 'select, [role="listbox"], [role="menu"]';

function isTyping(target: EventTarget | null, withCtrl: boolean): boolean {
    const own = withCtrl ? `${FIELDS}, [role="dialog"]` : `${FIELDS}, ${LISTS}, [role="dialog"]`;
    return target instanceof HTMLElement && target.closest(own) !== null;
}
