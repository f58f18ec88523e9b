import type { LevelName, Plan } from '../api/types';

/** Where each level lies down the page, and every depth of the side seam with it. */
export interface Heights {
    /** Pixels from the top of the bench. */
    level: (name: LevelName) => number;
    depth: (nm: number) => number;
    pxPerNm: number;
    /** False where the paper is not measured: then the levels stand evenly. */
    trueToScale: boolean;
}

/** Far enough apart for two tapes not to touch, in pixels. */
const CLOSEST = 120;

/**
 * Lays the levels out in their true spacing between a top and a bottom, in pixels.
 *
 * @param names those that have a tape, from the top down: a level that isn't measured keeps its place
 */
export function heights(
    plan: Plan,
    top: number,
    bottom: number,
    names: LevelName[] = plan.levels.map(({ level }) => level),
): Heights {
    const depths = new Map(
        plan.stations.flatMap((s) => (s.level === null ? [] : [[s.level, s.depth_nm] as const])),
    );
    const first = depths.get(names[0] ?? 'bust');
    const last = depths.get(names.at(-1) ?? 'hip');
    if (
        first === undefined ||
        last === undefined ||
        last <= first ||
        names.some((name) => !depths.has(name))
    ) {
        return evenly(names, top, bottom);
    }
    const pxPerNm = (bottom - top) / (last - first);
    const depth = (nm: number): number => top + (nm - first) * pxPerNm;
    const level = (name: LevelName): number => depth(depths.get(name) ?? first);
    const crowded = names.some((name, i) => i > 0 && level(name) - level(names[i - 1] ?? name) < CLOSEST);
    return crowded ? evenly(names, top, bottom) : { level, depth, pxPerNm, trueToScale: true };
}

function evenly(names: LevelName[], top: number, bottom: number): Heights {
    const step = names.length > 1 ? (bottom - top) / (names.length - 1) : 0;
    const level = (name: LevelName): number => top + Math.max(0, names.indexOf(name)) * step;
    return { level, depth: () => top, pxPerNm: 0, trueToScale: false };
}
