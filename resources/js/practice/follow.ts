import type { Section } from './sections';

/** How a tape lies while hands are at it; millimetres. */
export interface Lying {
    height: number;
    /** How much higher it runs in front, and at the left side, than in the middle. */
    front: number;
    left: number;
}

type At = (z: number) => Section;
export type Place = readonly [x: number, y: number, z: number];

const STEP = 5;
const FARTHEST = 1000;

/** Where the tape meets the body in so many directions, from the left side over the front. */
export function follow(at: At, { height, front, left }: Lying, points: number): Place[] {
    const [w, f, , c] = at(height);
    const [forward, sideways] = [front / f, left / w];
    return Array.from({ length: points }, (_, i) => {
        const angle = (2 * Math.PI * i) / points;
        const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
        const place = (z: number): Place => {
            const [width, before, behind, middle] = at(z);
            return [width * cos, middle + (sin >= 0 ? before : behind) * sin, z];
        };
        const off = (z: number): number => {
            const [x, y] = place(z);
            return height + forward * (y - c) + sideways * x - z;
        };
        return place(front === 0 && left === 0 ? height : firstRoot(off, height));
    });
}

/** The first height at which it is 0, up or down from one; halved until it is near enough to be drawn. */
function firstRoot(off: (z: number) => number, from: number): number {
    const first = off(from);
    const step = first > 0 ? STEP : -STEP;
    let [a, b] = [from, from];
    for (let way = 0; way < FARTHEST; way += STEP) {
        b = a + step;
        if (off(b) > 0 !== first > 0) break;
        a = b;
    }
    for (let n = 0; n < 20; n++) {
        const middle = (a + b) / 2;
        if (off(middle) > 0 === first > 0) a = middle;
        else b = middle;
    }
    return (a + b) / 2;
}

/** Half the width of a board that is held against the front. */
export const BOARD_HALF = 60;

/** How far forward a body comes anywhere between two heights: there a board is held. */
export function foremostOf(at: At, from: number, to: number): number {
    const steps = Math.ceil((to - from) / STEP);
    const fronts = Array.from({ length: steps + 1 }, (_, i) => at(from + ((to - from) * i) / steps));
    return Math.max(...fronts.map(([, front, , middle]) => front + middle));
}

/**
 * How long it is drawn taut, by as few points as can be followed at every frame: half as many tell what is missing
 * (Richardson).
 *
 * @param board how far forward a board stands; null without one
 */
export function tautLength(at: At, lying: Lying, board: number | null = null, points = 96): number {
    const edges = board === null ? [] : boardEdges(at, lying, board);
    const length = (count: number): number => hullLength([...follow(at, lying, count), ...edges], at, lying);
    const [fine, coarse] = [length(points), length(points / 2)];
    return fine + (fine - coarse) / 3;
}

/** Where the edges of a board meet the tape's plane. */
function boardEdges(at: At, { height, front, left }: Lying, board: number): Place[] {
    const [w, f, , c] = at(height);
    return [-BOARD_HALF, BOARD_HALF].map((x) => [
        x,
        board,
        height + (front / f) * (board - c) + (left / w) * x,
    ]);
}

/** Lengths on the tape's plane are those in space. */
function hullLength(places: readonly Place[], at: At, { height, front, left }: Lying): number {
    const [w, f] = at(height);
    const [a, b] = [left / w, front / f];
    const long = Math.hypot(1, a);
    const square = Math.hypot(1, a, b);
    const flat = places.map(
        ([x, y, z]) =>
            [(x + a * z) / long, (-a * b * x + long * long * y + b * z) / (long * square)] as const,
    );
    const corners = hull(flat);
    return corners.reduce((sum, [x, y], i) => {
        const [px, py] = corners.at(i - 1) ?? [x, y];
        return sum + Math.hypot(x - px, y - py);
    }, 0);
}

type Flat = readonly [number, number];

function hull(points: readonly Flat[]): Flat[] {
    const sorted = [...points].sort(([x1, y1], [x2, y2]) => x1 - x2 || y1 - y2);
    const chain = (side: readonly Flat[]): Flat[] => {
        const kept: Flat[] = [];
        for (const point of side) {
            for (;;) {
                const [before, last] = kept.slice(-2);
                if (before === undefined || last === undefined || turn(before, last, point) > 0) break;
                kept.pop();
            }
            kept.push(point);
        }
        return kept.slice(0, -1);
    };
    return [...chain(sorted), ...chain([...sorted].reverse())];
}

const turn = ([ax, ay]: Flat, [bx, by]: Flat, [cx, cy]: Flat): number =>
    (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
