import type { Plan, SeamDrawing } from '../api/types';
import type { Heights } from './heights';
import { spared } from '../ui/spared';
import { textWidth } from '../ui/textWidth';
import { curvePath, endsOf, outAt, type Placed } from './curve';
import type { StationRow } from './stations';

export const EDGE_PX = 14;
/** Sizes of the type that names the lines, as the drawing sets it. */
const LABEL_PX = 12;
const USED_PX = 14;
const USED_WEIGHT = 750;
/** Type of the names below the lines. */
const END_PX = 12.5;
const END_WEIGHT = 700;
const LABELS_APART_PX = 4;
const LABEL_ROW_PX = 13;
/** How far apart the names of front and back stand where the lines end close together. */
const APART_PX = 18;

export interface PrintedLine {
    size: string;
    /** As it stands beside the line. */
    name: string;
    x: number;
    path: string;
    used: boolean;
}

export interface Frame extends Placed {
    /** How many times wider than true the seam is drawn, a whole or half number. */
    times: number;
}

/** Sideways the seam is drawn wider than true, so that the lines can be told apart, and just fits its room. */
export function frameOf(drawing: SeamDrawing, page: Heights, room: number): Frame {
    const curves = [...drawing.lines.map(({ parts }) => parts), drawing.front, drawing.back ?? []];
    const all = curves.flat().flatMap(({ out_at_top_nm, out_at_end_nm }) => [out_at_top_nm, out_at_end_nm]);
    const innermost = Math.min(...all);
    const trueWidth = Math.max(1, Math.max(...all) - innermost) * page.pxPerNm;
    const times = Math.max(0.5, Math.floor((room / trueWidth) * 2) / 2);
    return {
        times,
        across: (nm) => EDGE_PX + (nm - innermost) * page.pxPerNm * times,
        down: page.depth,
    };
}

/** The printed lines; those that the line to cut leaves and joins are `used`. */
export function printedLines(
    drawing: SeamDrawing,
    plan: Plan,
    frame: Frame,
    nameOf: (size: string) => string,
): PrintedLine[] {
    const used = new Set(plan.levels.flatMap(({ front, back }) => [front, back]));
    return drawing.lines.map(({ size, parts }) => ({
        size,
        name: nameOf(size),
        x: frame.across(endsOf(parts)?.first.out_at_top_nm ?? 0),
        path: curvePath(parts, frame),
        used: used.has(size),
    }));
}

/** The lines that matter keep their names: where those would run into each other they stand one above the other. */
export function lineNames(
    lines: readonly PrintedLine[],
    room: number,
): (PrintedLine & { at: number; up: number })[] {
    const width = ({ name, used }: PrintedLine): number =>
        used ? textWidth(name, USED_PX, USED_WEIGHT) : textWidth(name, LABEL_PX);
    const shown = spared(lines, (line) => ({ x: line.x, width: width(line), rank: line.used ? 0 : 1 }), room);
    const ends: number[] = [];
    return [...shown]
        .sort((one, other) => one.at - other.at)
        .map((line) => {
            const half = width(line) / 2;
            const free = ends.findIndex((end) => line.at - half >= end);
            const row = free < 0 ? ends.length : free;
            ends[row] = line.at + half + LABELS_APART_PX;
            return { ...line, up: row * LABEL_ROW_PX };
        });
}

export interface Leader {
    from: [number, number];
    to: number;
    named: boolean;
}

/** From each station on the line to its row of the table, `places` pixels from the top. */
export function leadersOf(
    drawing: SeamDrawing,
    rows: readonly StationRow[],
    places: readonly number[],
    frame: Frame,
): Leader[] {
    return rows.flatMap(({ station }, i) => {
        const out = outAt(drawing.front, station.depth_nm);
        if (out === null) return [];
        const from: [number, number] = [frame.across(out), frame.down(station.depth_nm)];
        return [{ from, to: places[i] ?? from[1], named: station.level !== null }];
    });
}

const CUT_NAME = 'the line to cut';

/** Under each line its name, inside the drawing's width; the two stand apart where the lines end close together. */
export function endNames(drawing: SeamDrawing, frame: Frame, room: number): { words: string; x: number }[] {
    const end = (parts: SeamDrawing['front'] | null): number | null => {
        const last = endsOf(parts ?? [])?.last;
        return last === undefined ? null : frame.across(last.out_at_end_nm);
    };
    const [front, back] = [end(drawing.front), end(drawing.back)];
    if (front === null) return [];
    if (back === null) {
        const half = textWidth(CUT_NAME, END_PX, END_WEIGHT) / 2 + 1;
        return [{ words: CUT_NAME, x: Math.max(half, Math.min(front, room - half)) }];
    }
    const apart = front >= back ? 1 : -1;
    return [
        { words: 'front', x: front + apart * APART_PX },
        { words: 'back', x: back - apart * APART_PX },
    ];
}
