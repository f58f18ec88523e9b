import type { WearerPage } from '../api/types';

/** How one point went over the cards, oldest first. */
export interface PointHistory {
    code: string;
    name: string;
    days: string[];
    nm: number[];
}

/** What was worn underneath, each once, that of the newest card first. */
export function foundations(page: Pick<WearerPage, 'cards'>): string[] {
    return [...new Set(page.cards.map(({ foundation }) => foundation))];
}

/**
 * The points that were measured on two cards or more, in the order in which the tape travels. Only cards of
 * one foundation are compared: another bra is no change of the body.
 */
export function histories(page: Pick<WearerPage, 'cards' | 'points'>, foundation: string): PointHistory[] {
    const oldestFirst = page.cards.filter((card) => card.foundation === foundation).reverse();
    return page.points
        .map(({ code, name }) => {
            const taken = oldestFirst.flatMap(({ taken_on, measures }) => {
                const found = measures.find(({ point }) => point === code);
                return found ? [{ day: taken_on, nm: found.length_nm }] : [];
            });
            return { code, name, days: taken.map(({ day }) => day), nm: taken.map(({ nm }) => nm) };
        })
        .filter(({ nm }) => nm.length > 1);
}
