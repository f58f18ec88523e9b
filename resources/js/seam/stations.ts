import type { Station, Unit } from '../api/types';
import { figure } from '../ui/figure';

/** One line of the stations table; a stretch that needs no new mark is one line. */
export interface StationRow {
    station: Station;
    /** The same height at the back, where that is cut unlike the front. */
    back: Station | null;
    /** Where the stretch ends; the station itself where it is a single mark. */
    until: Station;
}

/** Moves that were read off a drawing are the same where no pencil tells them apart: 0.3 mm. */
const PENCIL_NM = 300_000;

/** Draws together neighbouring stations at which the pencil does the same: stays on one line, or as far from it. */
export function stretches(stations: Station[], backs: Station[] | null = null): StationRow[] {
    const rows: StationRow[] = [];
    stations.forEach((station, i) => {
        const back = backs?.[i] ?? null;
        const row = rows.at(-1);
        if (row !== undefined && isSame(row.station, station) && isSameBack(row.back, back))
            row.until = station;
        else rows.push({ station, back, until: station });
    });
    return rows;
}

function isSameBack(above: Station | null, below: Station | null): boolean {
    return above === null || below === null ? above === below : isSame(above, below);
}

function isSame(above: Station, below: Station): boolean {
    const staysOnLine = above.from === above.to && below.from === below.to;
    return (
        above.from === below.from &&
        above.to === below.to &&
        isSameMove(above, below) &&
        (staysOnLine || above.share === below.share)
    );
}

function isSameMove(above: Station, below: Station): boolean {
    if (above.move_nm === null || below.move_nm === null || above.share !== null)
        return above.move_nm === below.move_nm;
    return below.level === null && Math.abs(above.move_nm - below.move_nm) <= PENCIL_NM;
}

const WAYS = { '': 'stay', '+': 'out', '−': 'in' } as const;

/** Which way the pencil leaves the printed line, if it moves further than a tape shows; the word carries the direction. */
export function wayOf(move: number, unit: Unit): 'out' | 'in' | 'stay' {
    return WAYS[figure(move, unit, { signed: true }).sign];
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
