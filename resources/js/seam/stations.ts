import type { Station, Unit } from '../api/types';
import { textWidth } from '../ui/textWidth';

/** One line of the stations table; a stretch that needs no new mark is one line. */
export interface StationRow {
    station: Station;
    /** The same height at the back, where that is cut unlike the front. */
    back: Station | null;
    /** Where the stretch ends; the station itself where it is a single mark. */
    until: Station;
}

/** The printed line that the move of a station is told from; where blend and change are told apart, the upper size's. */
export const lineOf = (station: Station | null, apart: boolean): string | null | undefined =>
    (apart ? null : station?.told?.line) ?? station?.from;

/** A column of the table that is its share of it holds a name so long. */
export const SHORT_NAME_PX = 50;
const NAME_PX = 14;

/** Pixels of the longest name of a line in the table, in its type. */
export function widestName(
    rows: readonly StationRow[],
    apart: boolean,
    nameOf: (size: string) => string,
): number {
    const lines = rows.flatMap(({ station, back }) => [station, back].map((one) => lineOf(one, apart) ?? ''));
    return Math.max(0, ...[...new Set(lines)].map((line) => textWidth(nameOf(line), NAME_PX, 700)));
}

/** Moves that no pencil tells apart: 0.3 mm. */
const PENCIL_NM = 300_000;

/**
 * Draws together neighbouring stations at which the pencil does the same: stays on one line, or as far from it.
 * A level begins a row of its own.
 *
 * @param apart whether blend and change are told as they were reckoned, from the upper size's line
 */
export function stretches(stations: Station[], backs: Station[] | null = null, apart = false): StationRow[] {
    const rows: StationRow[] = [];
    stations.forEach((station, i) => {
        const back = backs?.[i] ?? null;
        const row = rows.at(-1);
        const goesOn =
            row !== undefined &&
            station.level === null &&
            isSame(row.station, station, apart) &&
            (row.back === null || back === null ? row.back === back : isSame(row.back, back, apart));
        if (goesOn) row.until = station;
        else rows.push({ station, back, until: station });
    });
    return rows;
}

function isSame(above: Station, below: Station, apart: boolean): boolean {
    if (apart) return above.from === below.from && above.to === below.to && above.move_nm === below.move_nm;
    const [one, other] = [above.told, below.told];
    if (one === null || other === null) return one === other && above.from === below.from;
    const isBeside = Math.abs(one.move_nm - other.move_nm) <= PENCIL_NM;
    return one.line === other.line && one.is_on === other.is_on && (one.is_on || isBeside);
}

/** Less nobody draws or sews: 1 mm, 1/32 in. */
const DONE_FROM_NM = { cm: 1_000_000, in: 793_750 } as const;

/** Which way the pencil leaves the printed line, if it moves by what a hand can draw; the word carries the direction. */
export function wayOf(move: number, unit: Unit): 'out' | 'in' | 'stay' {
    if (Math.abs(move) < DONE_FROM_NM[unit]) return 'stay';
    return move > 0 ? 'out' : 'in';
}

/**
 * Where the rows of the table stand: level with their stations on the seam, moved apart where they would
 * lie on each other, and up where they would run off the end. In pixels.
 */
export function rowPlaces(wished: number[], rowHeight: number, bottom: number): number[] {
    const places: number[] = [];
    for (const wish of wished) places.push(Math.max(wish, (places.at(-1) ?? -Infinity) + rowHeight));
    let limit = bottom;
    for (let i = places.length - 1; i >= 0; i -= 1) {
        places[i] = Math.min(places[i] ?? 0, limit);
        limit = (places[i] ?? 0) - rowHeight;
    }
    return places;
}
