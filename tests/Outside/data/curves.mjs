// Writes curves.json: lengths and points of curves as two geometry libraries from the npm registry see them.
// Run from the project's root: node tests/Outside/data/curves.mjs
import { writeFileSync } from 'node:fs';
import { Bezier } from 'bezier-js';
import { svgPathProperties } from 'svg-path-properties';

// x = 3s² − 2s³ over y = s is the Bézier curve whose handles stand straight up: (0,0) (0,1/3) (1,2/3) (1,1).
const crossings = [
    [40, 200],
    [-25, 175],
    [12.5, 300],
    [90, 120],
    [0, 250],
    [150, 150],
].map(([across, down]) => {
    const curve = new Bezier(0, 0, 0, down / 3, across, (2 * down) / 3, across, down);
    const path = `M 0 0 C 0 ${down / 3}, ${across} ${(2 * down) / 3}, ${across} ${down}`;
    return {
        acrossMm: across,
        downMm: down,
        lengthMm: curve.length(),
        pathLengthMm: new svgPathProperties(path).getTotalLength(),
        pointsMm: [0.1, 0.25, 0.5, 0.75, 0.9].map((s) => ({ downMm: curve.get(s).y, acrossMm: curve.get(s).x })),
        steepest: Math.max(
            ...Array.from({ length: 201 }, (_, i) => {
                const { x, y } = curve.derivative(i / 200);
                return Math.abs(x / y);
            }),
        ),
    };
});

writeFileSync(new URL('curves.json', import.meta.url), `${JSON.stringify(crossings, null, 2)}\n`);
