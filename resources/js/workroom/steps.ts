import type { Workroom } from '../api/types';

type Make = Workroom['makes'][number];

/** What makes wait for, in the order of the work. */
const steps = [
    { next: 'measure', words: 'To measure' },
    { next: 'decide', words: 'To decide' },
    { next: 'trace', words: 'To trace' },
    { next: 'table', words: 'On the table' },
    { next: 'fit', words: 'To fit' },
] as const satisfies readonly { next: Make['next']; words: string }[];

/** Makes under way by what is next, the steps that hold one alone. */
export function bySteps(makes: readonly Make[]): { next: Make['next']; words: string; makes: Make[] }[] {
    return steps
        .map(({ next, words }) => ({ next, words, makes: makes.filter((make) => make.next === next) }))
        .filter((step) => step.makes.length > 0);
}

const several = (count: number, what: string): string => (count === 0 ? '' : `${count} ${what}`);

/** How a make stands, in a few words; empty where its step says it all. */
export function standing({ stage, to_settle, cautions }: Make): string {
    const mind = cautions - to_settle;
    return [stage ?? '', several(to_settle, 'before you cut'), several(mind, 'to know')]
        .filter((words) => words !== '')
        .join(', ');
}
