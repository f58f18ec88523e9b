/** Runs tasks one after the other, in the order in which they came; one that fails holds up none. */
export function inTurn(): <T>(task: () => Promise<T>) => Promise<T> {
    let line: Promise<unknown> = Promise.resolve();
    return <T>(task: () => Promise<T>): Promise<T> => {
        const done = line.then(task);
        line = done.catch(() => undefined);
        return done;
    };
}

/**
 * Sends one value at a time: of those that come while an answer is awaited only the newest is sent, and
 * `isNewest` says whether an answer is still wanted.
 */
export function newestOnly<T>(
    send: (value: T, isNewest: () => boolean) => Promise<void>,
): (value: T) => Promise<void> {
    let next: { value: T } | null = null;
    let sending = false;
    return async (value) => {
        next = { value };
        if (sending) return;
        sending = true;
        while (next !== null) {
            const asked: { value: T } = next;
            next = null;
            await send(asked.value, () => next === null);
        }
        sending = false;
    };
}
