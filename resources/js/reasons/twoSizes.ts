import type { LevelPlan } from '../api/types';

type Notch = LevelPlan['notches'][number];

/** Two sizes to weigh: those picked; else the two that the body lies between; else the one that is cut and the next. */
export function twoSizes(level: LevelPlan, picked?: readonly [string, string]): Notch[] {
    const { notches, chart } = level;
    const at = (size: string | null | undefined): Notch | undefined =>
        notches.find((notch) => notch.size === size);
    const cut = notches.findIndex(({ size }) => size === level.size);
    const next = notches[cut + 1] ?? notches[cut - 1];
    const between = chart?.standing === 'between' ? [at(chart.lower), at(chart.upper)] : [notches[cut], next];
    const pair = picked === undefined ? between : [at(picked[0]), at(picked[1])];
    return pair
        .filter((notch): notch is Notch => notch !== undefined)
        .sort((a, b) => (picked === undefined ? notches.indexOf(a) - notches.indexOf(b) : 0));
}
