import type { Choices, LevelPlan, Plan } from '../api/types';

/** A level whose clip was just moved: what it comes to is not answered yet. */
export type ShownLevel = LevelPlan & { isAwaited?: true };

/** A plan with its clips where they were just put. What they come to is told by the answer, and nothing else before it. */
export function withClips(plan: Plan, sizes: Choices['sizes']): Plan {
    const levels = plan.levels.map((level) => clippedTo(level, sizes?.[level.level] ?? null));
    return levels.every((level, i) => level === plan.levels[i]) ? plan : { ...plan, levels };
}

function clippedTo(level: LevelPlan, size: string | null): ShownLevel {
    const notch = level.notches.find((one) => one.size === size);
    if (notch === undefined || notch.size === level.size) return level;
    return {
        ...level,
        isAwaited: true,
        size: notch.size,
        front: notch.size,
        back: notch.size,
        clipped: true,
        why: null,
        take: null,
        take_why: null,
        left_over_nm: null,
        per_edge_nm: null,
        changed_nm: 0,
        adjusted_nm: 0,
        centre_back_nm: 0,
        by_hand_nm: 0,
        by_hand_front_nm: 0,
        by_hand_back_nm: 0,
        as_cut_nm: null,
        ease_as_cut_nm: null,
        drafted_ease_nm: null,
    };
}
