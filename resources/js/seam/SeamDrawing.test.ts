// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { plans } from '../../../tests/Front/golden';
import { show, words } from '../../../tests/Front/show';
import type { Plan, SeamDrawing as Drawing } from '../api/types';
import { heights } from './heights';
import SeamDrawing from './SeamDrawing.vue';
import { stretches } from './stations';

const cm = 10_000_000;
/** Three printed lines a centimetre apart, from the bust to below the hip, and what is cut between them. */
const through = (top: number, waist: number, end: number): Drawing['front'] => [
    part(0, 20 * cm, top, waist),
    part(20 * cm, 40 * cm, waist, end),
];
const part = (top_nm: number, end_nm: number, out_at_top_nm: number, out_at_end_nm: number) => ({
    top_nm,
    end_nm,
    out_at_top_nm,
    out_at_end_nm,
    slope_at_top: 0,
    slope_at_end: 0,
});
const drawing: Drawing = {
    lines: ['14', '16', '18'].map((size, i) => ({ size, parts: through(i * cm, i * cm, i * cm) })),
    front: through(0, 2 * cm, 0),
    back: null,
    blend: null,
};

function seam(parts: Partial<Drawing> = {}, plan: Plan = plans.blend, width = 320) {
    const page = heights(plan, 60, 360);
    const rows = stretches(plan.stations);
    const places = rows.map((_, i) => 60 + i * 16);
    return show(SeamDrawing, {
        plan,
        drawing: { ...drawing, ...parts },
        page,
        rows,
        width,
        height: 420,
        places,
    });
}
const xsOf = (path: string): number[] =>
    [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x]) => Number(x));

it('the lines that are left and joined are told from those that are not', () => {
    const shown = seam();
    expect(shown.findAll('.line-label').map((label) => [words(label), label.classes('used')])).toEqual([
        ['14', true],
        ['16', false],
        ['18', true],
    ]);
    expect(shown.findAll('.printed.used')).toHaveLength(2);
});

it('the new line is one, unless front and back are cut unlike', () => {
    expect(seam().findAll('.new-line')).toHaveLength(1);
    expect(seam().findAll('.end').map(words)).toEqual(['the line to cut']);
    const unlike = seam({ back: through(cm, cm, cm) });
    expect(unlike.findAll('.new-line')).toHaveLength(2);
    expect(unlike.findAll('.end').map(words)).toEqual(['front', 'back']);
});

it('front and back are named on the side on which they end', () => {
    const names = (back: number): number[] =>
        seam({ front: through(cm, cm, cm), back: through(back, back, back) })
            .findAll('.end')
            .map((end) => Number(end.attributes('x')));
    const [front, back] = names(0);
    expect(front).toBeGreaterThan(back ?? 0);
    const [inner, outer] = names(2 * cm);
    expect(inner).toBeLessThan(outer ?? 0);
});

it('the blend alone is drawn only when it is asked for', () => {
    expect(seam().find('.blend-line').exists()).toBe(false);
    expect(
        seam({ blend: through(0, cm, 0) })
            .find('.blend-line')
            .exists(),
    ).toBe(true);
});

it('a line that runs far out stays within its frame', () => {
    const shown = seam({ front: through(0, 30 * cm, 0) }, plans.blend, 200);
    const xs = xsOf(shown.get('.new-line').attributes('d') ?? '');
    expect(Math.max(...xs)).toBeLessThanOrEqual(200);
});

it('how much wider it is drawn, and on which paper, is said', () => {
    expect(words(seam().get('.note'))).toMatch(/^[\d.]+× sideways$/);
    expect(words(seam({}, { ...plans.blend, paper: 'lengthened' }).get('.note'))).toMatch(
        /, its length changed$/,
    );
});

it('each station is led from the line to its row', () => {
    const shown = seam();
    const within = stretches(plans.blend.stations).filter(({ station }) => station.depth_nm <= 40 * cm);
    expect(shown.findAll('.leaders path')).toHaveLength(within.length);
    expect(shown.findAll('.leaders .named').length).toBeGreaterThan(1);
});
