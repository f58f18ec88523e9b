// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { plans } from '../../../tests/Front/golden';
import { show, words } from '../../../tests/Front/show';
import type { Plan, SeamDrawing as Drawing } from '../api/types';
import { heights } from '../bench/heights';
import SeamDrawing from './SeamDrawing.vue';
import { stretches } from './stations';

const cm = 10_000_000;
/** Three printed lines a centimetre apart, from the bust to below the hip, and what is cut between them. */
const drawing: Drawing = {
    depths_nm: [0, 20 * cm, 40 * cm],
    lines: ['14', '16', '18'].map((size, i) => ({ size, out_nm: [i * cm, i * cm, i * cm] })),
    front_nm: [0, 2 * cm, 0],
    back_nm: null,
    blend_nm: null,
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
const ends = (path: string): number[] => [...path.matchAll(/(-?[\d.]+)[ ,]/g)].map(([, x]) => Number(x));

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
    const unlike = seam({ back_nm: [cm, cm, cm] });
    expect(unlike.findAll('.new-line')).toHaveLength(2);
    expect(unlike.findAll('.end').map(words)).toEqual(['front', 'back']);
});

it('front and back are named on the side on which they end', () => {
    const names = (back: number): number[] =>
        seam({ front_nm: [cm, cm, cm], back_nm: [back, back, back] })
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
        seam({ blend_nm: [0, cm, 0] })
            .find('.blend-line')
            .exists(),
    ).toBe(true);
});

it('a line that runs far out stays within its frame', () => {
    const shown = seam({ front_nm: [0, 30 * cm, 0] }, plans.blend, 200);
    const xs = ends(shown.get('.new-line').attributes('d') ?? '');
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
