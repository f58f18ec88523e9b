// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { levelOf, plans } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { LevelPlan, Plan, Unit } from '../api/types';
import GirthTape from './GirthTape.vue';
import { heights } from '../seam/heights';
import LengthTape from './LengthTape.vue';
import { tapeScales } from './scale';
import SizeClip from './SizeClip.vue';

const WIDTH = 500;

function tape(plan: Plan, name: LevelPlan['level'], unit: Unit = 'cm') {
    const place = plan.levels.findIndex(({ level }) => level === name);
    const across = tapeScales(plan.levels, WIDTH).across[place];
    return show(GirthTape, { level: levelOf(plan, name), across, width: WIDTH }, unit);
}
const at = (shown: ReturnType<typeof tape>, css: string, side: string): number =>
    Number(shown.get(css).attributes(side));

it('the clip stands at the garment as printed, and the arrow goes to the garment as cut', () => {
    const shown = tape(plans.blend, 'waist');
    expect(words(shown.get('.as-cut'))).toBe('taken in 2.5 cm');
    expect(at(shown, '.as-cut .to', 'x1')).toBeLessThan(at(shown, '.cut-line', 'x1'));
    expect(words(shown.get('.clip'))).toBe('18');
    expect(shown.get('.clip').attributes('aria-valuetext')).toBe(
        'size 18, body 84.5 cm, chart 18, taken in 2.5 cm, cut to 89.5 cm, ease +5 cm',
    );
});

it('the bridge spans from the body to the garment as cut, and says the room in it', () => {
    const shown = tape(plans.blend, 'waist');
    const [from, width] = [at(shown, '.bridge rect', 'x'), at(shown, '.bridge rect', 'width')];
    expect(from).toBeCloseTo(at(shown, '.body line', 'x1'));
    expect(from + width).toBeCloseTo(at(shown, '.as-cut .to', 'x1'));
    expect(words(shown.get('.ease-figure'))).toBe('+5');
});

it('words that would run off the tape stand on its other side, clear of the bridge', () => {
    const hip = levelOf(plans.blend, 'hip');
    const wide = { ...hip, changed_nm: 20_000_000, as_cut_nm: 1_120_000_000 };
    const across = (nm: number): number => WIDTH - 20 - (1_130_000_000 - nm) / 1_000_000;
    const shown = show(GirthTape, { level: wide, across, width: WIDTH });
    const text = shown.get('.as-cut text');
    expect(text.attributes('text-anchor')).toBe('end');
    expect(Number(text.attributes('x'))).toBeLessThan(Number(shown.get('.bridge rect').attributes('x')));
});

it('a bust adjustment is added for the bust, in inches too, without a finished figure', () => {
    const shown = tape(plans.frame, 'bust', 'in');
    expect(words(shown.get('.as-cut'))).toBe('3 1/4 in added for the bust');
    expect(shown.find('.bridge').exists()).toBe(false);
});

it('the size that the chart says stays named, however close its neighbours are', () => {
    const shown = tape(plans.blend, 'bust');
    expect(shown.findAll('.chart text.said').map(words)).toEqual(['14']);
});

it.each([
    ['ArrowRight', '20'],
    ['ArrowLeft', '16'],
    ['Home', '8'],
    ['End', '22'],
])('%s moves the clip, as one step to undo', async (key, size) => {
    const shown = show(SizeClip, { level: levelOf(plans.blend, 'waist'), at: 100, describes: 'size 18' });
    await shown.get('.clip').trigger('keydown', { key });
    expect(told(shown, 'choose')).toEqual([size]);
    expect(shown.emitted('start')).toHaveLength(1);
});

it('a key that leads nowhere is no change', async () => {
    const last = { ...levelOf(plans.blend, 'waist'), size: '22' };
    const shown = show(SizeClip, { level: last, at: 100, describes: 'size 22' });
    await shown.get('.clip').trigger('keydown', { key: 'ArrowRight' });
    await shown.get('.clip').trigger('keydown', { key: 'a' });
    expect([shown.emitted('choose'), shown.emitted('start')]).toEqual([undefined, undefined]);
});

it.each([
    [-10_000_000, 'shorten the paper by 1 cm'],
    [25_400_000, 'lengthen the paper by 2.55 cm'],
])('a change of length stands on the length tape between its levels', (nm, says) => {
    const plan = { ...plans.blend, above_waist_nm: nm, below_waist_nm: 0 };
    const page = heights(plan, 40, 380);
    const shown = show(LengthTape, { plan, page, height: 400 });
    expect(shown.findAll('.change title').map(words)).toEqual([`above the waist: ${says}`]);
    const y = Number(shown.get('.change rect').attributes('y')) + 30;
    expect(y).toBeGreaterThan(page.level('bust'));
    expect(y).toBeLessThan(page.level('waist'));
});
