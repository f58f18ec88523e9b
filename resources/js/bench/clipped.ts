import type { Choices, LevelPlan, Plan } from '../api/types';

/**
 * A plan with its clips where they were just put, drawn from what is known: the printed garment of that size. What
 * is changed on it, and everything else, comes with the answer.
 */
export function withClips(plan: Plan, sizes: Choices['sizes']): Plan {
    const levels = plan.levels.map((level) => clippedTo(level, sizes?.[level.level] ?? null));
    return levels.every((level, i) => level === plan.levels[i]) ? plan : { ...plan, levels };
}

function clippedTo(level: LevelPlan, size: string | null): LevelPlan {
    const notch = level.notches.find((one) => one.size === size);
    if (notch === undefined || notch.size === level.size) return level;
    const printed = notch.finished_nm;
    return {
        ...level,
        size: notch.size,
        clipped: true,
        changed_nm: 0,
        as_cut_nm: printed,
        ease_as_cut_nm: printed === null || level.measure_nm === null ? null : printed - level.measure_nm,
    };
}
