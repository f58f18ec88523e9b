import type { LevelPlan } from '../api/types';
import { notchAt, type Across } from './scale';

/** The ease of the garment as cut, from the body to it, in pixels across the tape. */
export interface Bridge {
    from: number;
    width: number;
    /** Less than can be worn; not where a knit is meant to be small. */
    short: boolean;
}

/** From the size as printed to the garment as cut, with its words, in pixels across the tape. */
export interface Arrow {
    from: number;
    to: number;
    way: 1 | -1;
    words: string;
    x: number;
    anchor: 'start' | 'end';
    /** About what the words take of the tape. */
    taken: { from: number; to: number };
}

const LETTER_PX = 7;
const APART_PX = 8;
const EASE_PX = 30;
/** Beside the bridge a figure has this much room. */
const BESIDE_PX = 34;

export function bridgeOf(level: LevelPlan, across: Across): Bridge | null {
    const { measure_nm, as_cut_nm, ease_as_cut_nm, least_ease_nm } = level;
    if (measure_nm === null || as_cut_nm === null || ease_as_cut_nm === null) return null;
    const [body, to] = [across(measure_nm), across(as_cut_nm)];
    const short = least_ease_nm !== null && ease_as_cut_nm < least_ease_nm;
    return { from: Math.min(body, to), width: Math.abs(to - body), short };
}

/** Null where the garment is cut as it is printed. */
export function arrowOf(level: LevelPlan, across: Across, words: string, width: number): Arrow | null {
    const printed = notchAt(level, level.size);
    if (printed === null || level.changed_nm === 0) return null;
    const [from, to] = [across(printed), across(printed + level.changed_nm)];
    // Beside the arrow, on one side of it or the other, lies the ease: the words stand clear of it.
    const bridge = bridgeOf(level, across) ?? { from, width: 0 };
    const right = Math.max(from, to, bridge.from + bridge.width) + APART_PX;
    const room = words.length * LETTER_PX;
    const fits = right + room <= width;
    // Where neither side has room they stand over the arrow, on the tape.
    const left = Math.max(Math.min(width, room), Math.min(from, to, bridge.from) - APART_PX);
    return {
        from,
        to,
        way: to > from ? 1 : -1,
        words,
        ...(fits
            ? { x: right, anchor: 'start', taken: { from: right, to: right + room } }
            : { x: left, anchor: 'end', taken: { from: left - room, to: left } }),
    };
}

/**
 * Where the figure of the ease stands: in what the arrow leaves of the bridge, else beside it; never under the arrow's words.
 * Null where there is no room for it: the table says it too.
 */
export function roomForEase(
    bridge: Bridge | null,
    arrow: Arrow | null,
    tape = Infinity,
): { from: number; width: number } | null {
    if (bridge === null) return null;
    const [from, to] = [bridge.from, bridge.from + bridge.width];
    const ends = arrow === null ? [to] : [arrow.from, arrow.to];
    const start = Math.max(from, ...ends);
    const inside = [
        { from, width: Math.min(to, ...ends) - from },
        { from: start, width: to - start },
    ]
        .filter(({ width }) => width > EASE_PX)
        .sort((one, other) => other.width - one.width);
    const beside = [Math.min(from, ...ends) - BESIDE_PX - APART_PX, Math.max(to, ...ends) + APART_PX].map(
        (at) => ({ from: Math.max(0, Math.min(tape - BESIDE_PX, at)), width: BESIDE_PX }),
    );
    const isFree = (room: { from: number; width: number }): boolean =>
        arrow === null || room.from + room.width <= arrow.taken.from || room.from >= arrow.taken.to;
    return [...inside, ...beside].find(isFree) ?? null;
}
