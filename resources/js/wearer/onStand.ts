import type { Point, PointHistory, PointMeasure } from '../api/types';

/** A girth on the stand: its tape, and where its figure is written beside it. */
export interface OnStand {
    code: string;
    name: string;
    nm: number;
    tape: string;
    hidden: string | null;
    /** Where the tape lies. */
    y: number;
    /** Where its words stand: as near as the others leave room. */
    words: number;
    history: PointHistory | null;
}

/** No two lines of words are nearer to one another. */
const APART = 34;

/** Where a tape begins, as its path says. */
const heightOf = (tape: string): number => Number(/^M[\d.]+ ([\d.]+)/.exec(tape)?.[1] ?? 0);

/** The girths of a card that lie round the stand as it is seen from the front, from the top down; and all others. */
export function onStand(
    guide: readonly Point[],
    measures: readonly Pick<PointMeasure, 'point' | 'length_nm'>[],
    histories: readonly PointHistory[],
): { girths: OnStand[]; others: { code: string; name: string; nm: number }[] } {
    const measured = guide.flatMap((point) => {
        const nm = measures.find((one) => one.point === point.code)?.length_nm ?? null;
        return nm === null ? [] : [{ point, nm }];
    });
    const isGirth = ({ view, stand }: Point): boolean => view === 'front' && stand.hidden !== null;
    const girths = measured
        .filter(({ point }) => isGirth(point))
        .map(({ point: { code, name, stand }, nm }) => ({
            code,
            name,
            nm,
            tape: stand.tape,
            hidden: stand.hidden,
            y: heightOf(stand.tape),
            words: heightOf(stand.tape),
            history: histories.find((one) => one.point === code) ?? null,
        }))
        .sort((a, b) => a.y - b.y);
    girths.forEach((girth, at) => {
        girth.words = Math.max(girth.y, (girths[at - 1]?.words ?? -APART) + APART);
    });
    return {
        girths,
        others: measured
            .filter(({ point }) => !isGirth(point))
            .map(({ point: { code, name }, nm }) => ({ code, name, nm })),
    };
}
