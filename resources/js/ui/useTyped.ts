import { ref, watch, type Ref } from 'vue';

/** The text of a cell, and the two things that hands do to it. */
export interface Typed {
    text: Ref<string>;
    type: (text: string) => void;
    leave: () => void;
}

/**
 * What stands in a cell that is saved. While it is being typed nothing that comes from elsewhere (an answer, an undo,
 * another tab) is put over it; once it is left it is kept, and from then on shows what it is given.
 *
 * @param value what the cell is given
 * @param keep told what was typed, once it is left and has become another
 */
export function useTyped(value: () => string, keep: (text: string) => void): Typed {
    const text = ref(value());
    /** As it was when typing began; null while nothing is being typed. */
    let before: string | null = null;
    /** Whether it was given something else meanwhile. */
    let missed = false;

    watch(value, (now) => {
        if (before === null) text.value = now;
        else missed = true;
    });

    function type(now: string): void {
        before ??= text.value;
        text.value = now;
    }

    function leave(): void {
        if (before === null) return;
        const isChanged = text.value !== before;
        before = null;
        if (isChanged) keep(text.value);
        else if (missed) text.value = value();
        missed = false;
    }

    return { text, type, leave };
}
