// Writes paths.json: 500 random paths as three libraries from the npm registry see them (lengths and places along
// them by svg-path-properties, single curves by bezier-js, transforms by svgpath).
// Run from the project's root: node tests/Outside/data/paths.mjs
import { writeFileSync } from 'node:fs';
import { Bezier } from 'bezier-js';
import { svgPathProperties } from 'svg-path-properties';
import svgpath from 'svgpath';

let seed = 20261126;
const random = (least, most) => {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return Math.round((least + ((most - least) * seed) / 2147483648) * 100) / 100;
};
const places = (many) => Array.from({ length: many }, () => random(-150, 150)).join(' ');
// Curves as seams have them: the libraries' sums of a length are not good to 0.02 where a curve nearly turns back.
const end = () => [random(-60, 60), random(60, 150)];
const handle = ([x, y], share) => [share * x + random(-25, 25), share * y + random(-10, 10)];
const cubic = () => {
    const to = end();
    return [...handle(to, 1 / 3), ...handle(to, 2 / 3), ...to].map((n) => Math.round(n * 100) / 100).join(' ');
};
const quadratic = () => {
    const to = end();
    return [...handle(to, 1 / 2), ...to].map((n) => Math.round(n * 100) / 100).join(' ');
};
const arc = (to) => `${random(150, 400)} ${random(150, 400)} ${random(-90, 90)} 0 ${random(0, 1) > 0.5 ? 1 : 0} ${to.join(' ')}`;
const steps = {
    L: () => `L${places(2)}`,
    l: () => `l${places(2)}`,
    H: () => `H${places(1)}`,
    v: () => `v${places(1)}`,
    c: () => `c${cubic()}`,
    s: () => `c${cubic()}s${cubic().split(' ').slice(2).join(' ')}`,
    q: () => `q${quadratic()}`,
    t: () => `q${quadratic()}t${end().join(' ')}`,
    a: () => `a${arc(end())}`,
    large: () => `a${random(80, 120)} ${random(80, 120)} ${random(-90, 90)} 1 0 ${end().join(' ')}`,
};
const names = Object.keys(steps);
const round = (number) => Math.round(number * 1e5) / 1e5;
const paths = Array.from({ length: 500 }, (_, i) => {
    const isSingle = i % 5 === 0;
    const d = isSingle
        ? `M0 0C${cubic()}`
        : `M${places(2)}` + Array.from({ length: 1 + (i % 4) }, () => steps[names[Math.floor(random(0, names.length - 0.01))]]()).join('');
    if (isSingle) {
        const curve = new Bezier(d.slice(1).split(/[C ]/).map(Number));
        return { d, length: round(curve.length()), curve: [0.1, 0.35, 0.8].map((t) => [curve.get(t).x, curve.get(t).y, curve.split(0, t).length()].map(round)) };
    }
    const path = new svgPathProperties(d);
    const length = path.getTotalLength();
    const transform = `translate(${places(2)}) rotate(${random(-180, 180)}) scale(${random(0.5, 2)} ${random(0.5, 2)}) skewX(${random(-30, 30)})`;
    return {
        d,
        length: round(length),
        // On the line; how far along is only roughly what was asked for.
        on: [0.2, 0.5, 0.9].map((share) => {
            const { x, y } = path.getPointAtLength(share * length);
            return [x, y].map(round);
        }),
        ...(i % 2 === 0 ? { transform, changed: svgpath(d).transform(transform).abs().round(6).toString() } : {}),
    };
});
writeFileSync(new URL('paths.json', import.meta.url), `${JSON.stringify(paths)}\n`);
