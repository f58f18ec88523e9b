/** A level section: half width, front depth, rear depth, middle; millimetres. */
export type Section = readonly [w: number, f: number, r: number, c: number];

/** Tangents of a curve through points that never swings past them (docs/practice.md). */
export function tangents(x: readonly number[], y: readonly number[]): number[] {
    const secants = x.slice(1).map((to, i) => ((y[i + 1] ?? 0) - (y[i] ?? 0)) / (to - (x[i] ?? 0)));
    const steps = x.slice(1).map((to, i) => to - (x[i] ?? 0));
    return x.map((_, i) => {
        const [below, above] = [secants[i - 1], secants[i]];
        if (below === undefined || above === undefined) return below ?? above ?? 0;
        if (below * above <= 0) return 0;
        const [h1, h2] = [steps[i - 1] ?? 1, steps[i] ?? 1];
        const [w1, w2] = [2 * h2 + h1, h2 + 2 * h1];
        return (w1 + w2) / (w1 / below + w2 / above);
    });
}

/** The section of a body at every height, from its rings; outside of them that of the end. */
export function sectionsOf(rings: readonly (readonly number[])[]): (z: number) => Section {
    const heights = rings.map(([z = 0]) => z);
    const rows = [1, 2, 3, 4].map((which) => rings.map((ring) => ring[which] ?? 0));
    const slopes = rows.map((row) => tangents(heights, row));
    return (z) => {
        const last = heights.length - 2;
        let i = heights.findIndex((height, at) => at > 0 && z < height) - 1;
        if (i < 0) i = z < (heights[0] ?? 0) ? 0 : last;
        const [from, to] = [heights[i] ?? 0, heights[i + 1] ?? 1];
        const h = to - from;
        const t = Math.min(1, Math.max(0, (z - from) / h));
        const at = (which: number): number => {
            const [y0, y1] = [rows[which]?.[i] ?? 0, rows[which]?.[i + 1] ?? 0];
            const [d0, d1] = [slopes[which]?.[i] ?? 0, slopes[which]?.[i + 1] ?? 0];
            return (
                y0 * (1 + 2 * t) * (1 - t) ** 2 +
                h * d0 * t * (1 - t) ** 2 +
                y1 * t * t * (3 - 2 * t) +
                h * d1 * t * t * (t - 1)
            );
        };
        return [at(0), at(1), at(2), at(3)];
    };
}
