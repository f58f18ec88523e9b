import type { Spot } from './calibration';

type Three = [number, number, number, number, number, number, number, number, number];

const times = (a: Three, b: Three): Three =>
    Array.from({ length: 9 }, (_, i) => {
        const [row, column] = [Math.floor(i / 3), i % 3];
        return [0, 1, 2].reduce((sum, k) => sum + (a[3 * row + k] ?? 0) * (b[3 * k + column] ?? 0), 0);
    }) as Three;

const adjugate = ([a, b, c, d, e, f, g, h, i]: Three): Three => [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
];

/** The projection that takes the corners of the unit triangle and its middle to four places. */
function onto(spots: readonly Spot[]): Three {
    const [[x1, y1], [x2, y2], [x3, y3], [x4, y4]] = spots as [Spot, Spot, Spot, Spot];
    const three: Three = [x1, x2, x3, y1, y2, y3, 1, 1, 1];
    const [a, b, c, d, e, f, g, h, i] = adjugate(three);
    const [p, q, r] = [a * x4 + b * y4 + c, d * x4 + e * y4 + f, g * x4 + h * y4 + i];
    return times(three, [p, 0, 0, 0, q, 0, 0, 0, r]);
}

/** The projection that takes four places to four others (Heckbert, 1989), as the nine figures of its matrix; the last is 1. */
export function projection(from: readonly Spot[], to: readonly Spot[]): Three {
    const found = times(onto(to), adjugate(onto(from)));
    return found.map((figure) => figure / found[8]) as Three;
}

/** Where a place comes to lie. */
export function projected([a, b, c, d, e, f, g, h, i]: Three, [x, y]: Spot): Spot {
    const w = g * x + h * y + i;
    return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
}

/** The same for a style sheet. */
export function matrix3d([a, b, c, d, e, f, g, h, i]: Three): string {
    return `matrix3d(${[a, d, 0, g, b, e, 0, h, 0, 0, 1, 0, c, f, 0, i].join(', ')})`;
}
