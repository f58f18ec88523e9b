// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import slender from '../../figures/slender.json';
import type { ReadTape as Read } from '../api/types';
import BodyViews from './BodyViews.vue';
import GuessForm from './GuessForm.vue';
import ReadTape from './ReadTape.vue';

const figure = {
    code: 'slender',
    name: slender.name,
    rings: slender.rings.map(({ z, w, f, r, c }) => [z, w, f, r, c]),
    waist_mm: 1062,
};
const views = (part: object = {}) =>
    show(BodyViews, {
        figure,
        tape: { height: 1000, front: 10, left: 0 },
        truth: null,
        fixed: false,
        ...part,
    });

it('before anything is guessed there is no tape, and before it is read nothing tells where it belongs', () => {
    expect(views({ tape: null }).findAll('.tape, .hold').length).toBe(0);
    expect(views().findAll('.tape').length).toBe(2);
    expect(views().findAll('.true').length).toBe(0);
    expect(views({ truth: 1062, fixed: true }).findAll('.true').length).toBe(2);
});

it('what the body hides of the tape is dashed, in both views', () => {
    expect(views().findAll('.tape .hidden').length).toBe(2);
});

it('a board is seen from both sides', () => {
    expect(views({ board: 120 }).findAll('.board rect').length).toBe(2);
    expect(views().findAll('.board').length).toBe(0);
});

it('keys move the whole tape, its front and its side: a millimetre, with Shift ten', async () => {
    const shown = views();
    const [whole, side, front] = shown.findAll('.hold');
    expect(shown.findAll('.hold').map((hold) => hold.attributes('aria-label'))).toEqual([
        'Move the whole tape',
        'Move its left side',
        'Move its front',
    ]);
    await whole?.trigger('keydown', { key: 'ArrowUp' });
    expect(told(shown, 'lay')).toEqual([{ height: 1001, front: 10, left: 0 }]);
    await side?.trigger('keydown', { key: 'ArrowDown', shiftKey: true });
    expect(told(shown, 'lay')).toEqual([{ height: 1000, front: 10, left: -10 }]);
    await front?.trigger('keydown', { key: 'ArrowRight' });
    expect(told(shown, 'lay')).toEqual([{ height: 1000, front: 11, left: 0 }]);
    await front?.trigger('keydown', { key: 'a' });
    expect(shown.emitted('lay')?.length).toBe(3);
});

it('a tape stays on the body, and no steeper than one is laid', async () => {
    const low = views({ tape: { height: 700, front: -60, left: 60 } });
    const [whole, side, front] = low.findAll('.hold');
    await whole?.trigger('keydown', { key: 'ArrowDown' });
    expect(told(low, 'lay')).toEqual([{ height: 700, front: -60, left: 60 }]);
    await side?.trigger('keydown', { key: 'ArrowUp' });
    await front?.trigger('keydown', { key: 'ArrowDown' });
    expect(told(low, 'lay')).toEqual([{ height: 700, front: -60, left: 60 }]);
});

it('a body bends to the side to show its crease, and stands straight again', async () => {
    const shown = views();
    await shown.get('button').trigger('click');
    expect(shown.get('.upper').classes()).toContain('bent');
    await shown.get('button').trigger('click');
    expect(shown.get('.upper').classes()).not.toContain('bent');
    expect(views({ fixed: true }).find('button').exists()).toBe(false);
});

it('the answer stands on the upright body, with its waist marked and its girths beside it', async () => {
    const shown = views();
    expect(shown.find('.girth-curve').exists()).toBe(false);
    expect(shown.text()).not.toContain('waist');
    await shown.get('button').trigger('click');
    await shown.setProps({ truth: 1062, fixed: true });
    expect(shown.get('.upper').classes()).not.toContain('bent');
    expect(shown.find('button').exists()).toBe(false);
    expect(shown.find('.girth-curve').exists()).toBe(true);
    expect(shown.text()).toContain('waist');
});

it('a body stands on a foot, but for one that sits', () => {
    const feet = (code: string): number =>
        show(BodyViews, { figure: { ...figure, code }, tape: null, truth: null, fixed: true }).findAll(
            '.foot[d^="M"]',
        ).length;
    expect([feet('slender'), feet('sitting')]).toEqual([2, 0]);
});

it('a guess says a way before how much', async () => {
    const shown = show(GuessForm, { unit: 'in' });
    expect(shown.get('[type="submit"]').attributes('disabled')).toBeDefined();
    await shown.get('input[value="less"]').setValue();
    await shown.get('.text-field').setValue('1,5');
    await shown.get('form').trigger('submit');
    expect(told(shown, 'guess')).toEqual([{ way: 'less', nm: 38_100_000 }]);
    await shown.get('input[value="same"]').setValue();
    expect(shown.find('.text-field').exists()).toBe(false);
});

const read = (part: Partial<Read> = {}): Read => ({
    true_nm: 686_000_000,
    reading_nm: 740_000_000,
    slips: [
        { slip: 'place', words: 'too high or too low', share_nm: 53_000_000, is_small: false },
        { slip: 'slant', words: 'not level', share_nm: 1_000_000, is_small: true },
    ],
    is_right: false,
    true_size: '10',
    read_size: '14',
    wider_nm: 80_000_000,
    true_height: 1062,
    avoid: '',
    mended: [],
    ...part,
});

it('both figures, each slip with its share, and the size it would have cut', () => {
    const shown = show(ReadTape, { read: read() });
    expect(words(shown.get('.both'))).toBe('true 68.6 cm read 74 cm');
    expect(shown.findAll('li').map(words)).toEqual([
        'too high or too low+5.3 cmtoo much',
        'not level+0.1 cmsmall enough',
    ]);
    expect(words(shown)).toContain('It would have cut size 14 instead of 10: the garment 8 cm looser.');
});

it('a size that stays, a chart that has none, and a tape that lies right are said so', () => {
    expect(words(show(ReadTape, { read: read({ read_size: '10' }) }))).toContain(
        'It would have cut size 10 all the same.',
    );
    expect(words(show(ReadTape, { read: read({ true_size: null, read_size: null }) }))).not.toContain('size');
    expect(words(show(ReadTape, { read: read({ slips: [] }) }))).toContain('Nothing slipped.');
    expect(
        words(show(ReadTape, { read: read({ true_size: '14', read_size: '12', wider_nm: -40_000_000 }) })),
    ).toContain('4 cm tighter');
});
