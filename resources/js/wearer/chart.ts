import type { PointHistory } from '../api/types';

/** One measure of a history on the paper, in its units. */
export interface Dot {
    x: number;
    y: number;
    day: string;
    nm: number;
}

/** What a change has to reach to fill the height: less is drawn as little as it is. */
const LEAST_SPAN_NM = 40_000_000;

/** Days to scale from left to right, lengths from below upwards; none of it is read back. */
export function dots(
    { days, length_nm: nm }: Pick<PointHistory, 'days' | 'length_nm'>,
    width: number,
    height: number,
): Dot[] {
    const times = days.map((day) => Date.parse(day));
    const [first, last] = [Math.min(...times), Math.max(...times)];
    const [least, most] = [Math.min(...nm), Math.max(...nm)];
    const span = Math.max(LEAST_SPAN_NM, most - least);
    return nm.map((length, i) => ({
        x:
            last === first
                ? (width * i) / Math.max(1, nm.length - 1)
                : (width * ((times[i] ?? first) - first)) / (last - first),
        y: height / 2 - (height * (length - (least + most) / 2)) / span,
        day: days[i] ?? '',
        nm: length,
    }));
}
