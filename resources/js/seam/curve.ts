import type { CurvePart } from '../api/types';

/** How a place of the drawing stands on the screen. */
export interface Placed {
    across: (outNm: number) => number;
    down: (depthNm: number) => number;
}

const point = (x: number, y: number): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

/** An SVG path along a line's cubics; where the line is open the pen is lifted. */
export function curvePath(parts: readonly CurvePart[], { across, down }: Placed): string {
    let pen: number | null = null;
    return parts
        .map((part) => {
            const third = (part.end_nm - part.top_nm) / 3;
            const start = `M${point(across(part.out_at_top_nm), down(part.top_nm))}`;
            const lead = pen === part.top_nm ? '' : start;
            pen = part.end_nm;
            const handles = [
                point(across(part.out_at_top_nm + third * part.slope_at_top), down(part.top_nm + third)),
                point(across(part.out_at_end_nm - third * part.slope_at_end), down(part.end_nm - third)),
                point(across(part.out_at_end_nm), down(part.end_nm)),
            ];
            return `${lead}C${handles.join(' ')}`;
        })
        .join('');
}

/** How far out a line runs at a depth; null where it is open. */
export function outAt(parts: readonly CurvePart[], depth: number): number | null {
    const part = parts.find(({ top_nm, end_nm }) => depth >= top_nm && depth <= end_nm);
    if (part === undefined) return null;
    const long = part.end_nm - part.top_nm;
    const way = (depth - part.top_nm) / long;
    const back = 1 - way;
    return (
        back * back * ((1 + 2 * way) * part.out_at_top_nm + way * long * part.slope_at_top) +
        way * way * ((1 + 2 * back) * part.out_at_end_nm - back * long * part.slope_at_end)
    );
}

/** Where a line begins and where it ends; null where none of it is drawn. */
export function endsOf(parts: readonly CurvePart[]): { first: CurvePart; last: CurvePart } | null {
    const [first, last] = [parts[0], parts.at(-1)];
    return first === undefined || last === undefined ? null : { first, last };
}
