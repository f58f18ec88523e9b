import type { NestLine } from '../api/types';

export type Place = [number, number];

/** Clicks snap to a corner this near, in millimetres of the drawing. */
const CORNER_MM = 5;

/** A point of the drawing so near a corner is that corner, both being rounded. */
const CORNER_SAME_MM = 0.03;

/** Places given as x and y in turn. */
export function placesOf(numbers: number[]): Place[] {
    return Array.from({ length: Math.floor(numbers.length / 2) }, (_, i): Place => [
        numbers[2 * i] ?? 0,
        numbers[2 * i + 1] ?? 0,
    ]);
}

/** Runs of places as the `d` of a path. */
export const pathOf = (runs: number[][]): string =>
    runs
        .map(
            (run) =>
                `M${placesOf(run)
                    .map(([x, y]) => `${x} ${y}`)
                    .join('L')}`,
        )
        .join('');

const apart = ([x, y]: Place, [otherX, otherY]: Place): number => Math.hypot(x - otherX, y - otherY);

/** The one of some places that is nearest to another; null where there are none. */
export function nearestOf(places: Place[], place: Place): Place | null {
    return places.reduce<Place | null>(
        (best, one) => (best === null || apart(one, place) < apart(best, place) ? one : best),
        null,
    );
}

function nearestOnPiece([x, y]: Place, [fromX, fromY]: Place, [toX, toY]: Place): Place {
    const [dx, dy] = [toX - fromX, toY - fromY];
    const long = dx * dx + dy * dy;
    const share = long === 0 ? 0 : Math.min(1, Math.max(0, ((x - fromX) * dx + (y - fromY) * dy) / long));
    return [fromX + share * dx, fromY + share * dy];
}

/** The place on some lines that is nearest to another; null where there are no lines. */
export function nearestOn(
    lines: NestLine[],
    place: Place,
): { line: NestLine; place: Place; away: number } | null {
    let best: { line: NestLine; place: Place; away: number } | null = null;
    for (const line of lines) {
        for (const run of line.runs) {
            const places = placesOf(run);
            for (const [i, to] of places.entries()) {
                const from = places[i - 1] ?? to;
                const on = nearestOnPiece(place, from, to);
                const away = apart(on, place);
                if (best === null || away < best.away) best = { line, place: on, away };
            }
        }
    }
    return best;
}

/** How long the stretch of a line is between the corners about a place on it. */
export function stretchLength(line: NestLine, place: Place): number {
    let best = { away: Infinity, long: 0 };
    for (const run of line.runs) {
        const places = placesOf(run);
        let way = 0;
        let at = 0;
        let away = Infinity;
        const corners = [0];
        for (const [i, to] of places.entries()) {
            const from = places[i - 1] ?? to;
            const on = nearestOnPiece(place, from, to);
            if (apart(on, place) < away) [away, at] = [apart(on, place), way + apart(from, on)];
            way += apart(from, to);
            if (placesOf(line.corners).some((corner) => apart(corner, to) < CORNER_SAME_MM))
                corners.push(way);
        }
        const before = Math.max(...corners.filter((one) => one <= at));
        const after = Math.min(way, ...corners.filter((one) => one > at));
        if (away < best.away) best = { away, long: after - before };
    }
    return best.long;
}

/** Where a click on a size's lines is meant to be: at a corner near by, else on the line. */
export function snapped(lines: NestLine[], place: Place): Place {
    const corner = nearestOf(
        lines.flatMap((line) => placesOf(line.corners)),
        place,
    );
    if (corner !== null && apart(corner, place) <= CORNER_MM) return corner;
    const on = nearestOn(lines, place)?.place ?? place;
    return [Math.round(on[0] * 100) / 100, Math.round(on[1] * 100) / 100];
}

/** A line and those that look like it, where by their look one size can be told from another. */
export function alike(lines: NestLine[], line: NestLine): NestLine[] {
    const same = lines.filter(({ look }) => look === line.look);
    return same.length <= lines.length / 2 ? same : [line];
}

/** Where two stretches cross, as a share of the first; null where they don't. */
function crossedAt([ax, ay]: Place, [bx, by]: Place, [cx, cy]: Place, [dx, dy]: Place): number | null {
    const across = (bx - ax) * (dy - cy) - (by - ay) * (dx - cx);
    if (across === 0) return null;
    const share = ((cx - ax) * (dy - cy) - (cy - ay) * (dx - cx)) / across;
    const other = ((cx - ax) * (by - ay) - (cy - ay) * (bx - ax)) / across;
    return share >= 0 && share <= 1 && other >= 0 && other <= 1 ? share : null;
}

/**
 * The lines between two of them, both among them, in the order in which they lie from one place to the other; what looks
 * like one line is one. With each, where it is crossed on the way.
 */
export function linesBetween(
    lines: NestLine[],
    from: { line: NestLine; place: Place },
    to: { line: NestLine; place: Place },
): { lines: NestLine[]; at: Place }[] {
    const found: { ids: Set<string>; of: NestLine[]; share: number }[] = [];
    for (const line of lines) {
        const of = alike(lines, line);
        if ([from.line, to.line].some(({ id }) => of.some((one) => one.id === id))) continue;
        const shares = line.runs.flatMap((run) => {
            const places = placesOf(run);
            return places
                .slice(1)
                .flatMap((place, i) => crossedAt(from.place, to.place, places[i] ?? place, place) ?? []);
        });
        const share = Math.min(...shares);
        if (shares.length > 0 && !found.some(({ ids }) => ids.has(line.id)))
            found.push({ ids: new Set(of.map(({ id }) => id)), of, share });
    }
    const [[fromX, fromY], [toX, toY]] = [from.place, to.place];
    const between = found
        .sort((one, other) => one.share - other.share)
        .map(({ of, share }) => ({
            lines: of,
            at: [fromX + share * (toX - fromX), fromY + share * (toY - fromY)] as Place,
        }));
    return [
        { lines: alike(lines, from.line), at: from.place },
        ...between,
        { lines: alike(lines, to.line), at: to.place },
    ];
}

/** How far a drawing has to be turned, in degrees, for its grain to run down; up or down is one grain. */
export function turnOf(grain: number[][] | null | undefined): number {
    const [from, to] = grain ?? [];
    if (from === undefined || to === undefined) return 0;
    const [x, y] = [(to[0] ?? 0) - (from[0] ?? 0), (to[1] ?? 0) - (from[1] ?? 0)];
    return 90 - (Math.atan2(y < 0 ? -y : y, y < 0 ? -x : x) * 180) / Math.PI;
}

/** A place once all is turned by some degrees about the corner of the drawing. */
export function turnedBy([x, y]: Place, degrees: number): Place {
    const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    return [x * cos - y * sin, x * sin + y * cos];
}

/** Where a sheet of a size lies once it is turned. */
export function turnedBox(
    width: number,
    height: number,
    degrees: number,
): { x: number; y: number; width: number; height: number } {
    const corners = (
        [
            [0, 0],
            [width, 0],
            [0, height],
            [width, height],
        ] as Place[]
    ).map((corner) => turnedBy(corner, degrees));
    const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
    const [left, top] = [Math.min(...xs), Math.min(...ys)];
    return { x: left, y: top, width: Math.max(...xs) - left, height: Math.max(...ys) - top };
}
