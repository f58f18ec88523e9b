// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import type { Nest, NestPages } from '../api/types';
import NestScale from './NestScale.vue';
import NestTiles from './NestTiles.vue';

const pages = (part: Partial<NestPages> = {}): NestPages =>
    ({
        columns: 2,
        cells: [0, 1, 2, null],
        across_mm: 180,
        down_mm: 260,
        window: [10, 10, 200, 280],
        moved: null,
        met: 5,
        ends: 6,
        pages: [{ lines: [] }, { lines: [] }, { lines: [] }],
        ...part,
    }) as unknown as NestPages;
const tiles = (part: Partial<NestPages> = {}) => show(NestTiles, { pages: pages(part), isBusy: false });

it('pages lie side by side, and how many of their lines go on is said', () => {
    const shown = tiles();
    expect(shown.findAll('.page').map((page) => page.attributes('transform'))).toEqual([
        'translate(0 0)',
        'translate(180 0)',
        'translate(0 260)',
    ]);
    expect(words(shown.get('.ask'))).toBe(
        '3 pages. 5 of 6 lines go on from page to page. Where one doesn’t, drag its page to its place.',
    );
    expect(words(tiles({ met: 6 }).get('.ask'))).toContain('Every join meets.');
});

it('a page is moved by the arrows: it changes places with the one that lies there, and never over the edge of a row', async () => {
    const shown = tiles();
    const [first, second, third] = shown.findAll('.page');
    await first?.trigger('keydown', { key: 'ArrowRight' });
    expect(told(shown, 'lay')).toEqual([{ columns: 2, cells: [1, 0, 2, null] }]);
    await third?.trigger('keydown', { key: 'ArrowUp' });
    expect(told(shown, 'lay')).toEqual([{ columns: 2, cells: [2, 1, 0, null] }]);
    await second?.trigger('keydown', { key: 'ArrowRight' });
    await first?.trigger('keydown', { key: 'ArrowUp' });
    expect(shown.emitted('lay')?.length).toBe(2);
});

it('so many in a row are proposed anew, and how far apart pages lie can be typed', async () => {
    const shown = tiles();
    const press = async (label: string): Promise<void> =>
        shown
            .findAll('button')
            .find((button) => words(button) === label)
            ?.trigger('click');
    await press('Fewer');
    expect(told(shown, 'lay')).toEqual([{ columns: 1, cells: [0, 1, 2] }]);
    await press('More');
    expect(told(shown, 'lay')).toEqual([{ columns: 3, cells: [0, 1, 2] }]);
});

it('a page is left out by Delete or its button, told, and put back; where nothing goes on nothing is said to meet', async () => {
    const shown = tiles();
    await shown.findAll('.page')[1]?.trigger('keydown', { key: 'Delete' });
    expect(told(shown, 'lay')).toEqual([{ columns: 2, cells: [0, null, 2, null] }]);
    const leave = shown.findAll('button').find((one) => words(one) === 'Leave out page 2');
    await leave?.trigger('click');
    expect(shown.emitted('lay')?.length).toBe(2);

    const less = tiles({ cells: [1, 2] });
    expect(words(less.get('.out'))).toBe('Page 1 is no part of the piece. Put it back, page 1');
    await less.get('.out button').trigger('click');
    expect(told(less, 'lay')).toEqual([{ columns: 2, cells: [1, 2, 0] }]);
    expect(words(tiles({ met: 0, ends: 0 }).get('.ask'))).toBe('3 pages. No line goes on from page to page.');
});

it('pages that each show the whole lie on one another, and one is laid by a corner of its own and where that belongs', async () => {
    const run = (x: number) => ({
        lines: [[x, 10, x, 90, x + 40, 90]],
        corners: [x, 10, x, 90, x + 40, 90],
    });
    const part = { cells: [0, 1], columns: 1, moved: [[0, 0], [2, 0]], met: 0, ends: 0, pages: [run(20), run(30)] }; // prettier-ignore
    const shown = tiles(part as Partial<NestPages>);
    expect(words(shown.get('.ask'))).toContain('each shows the whole piece');
    const [, second] = shown.findAll('.one button');
    await second?.trigger('click');
    Object.assign(globalThis, {
        DOMPoint: class {
            constructor(
                readonly x: number,
                readonly y: number,
            ) {}
            matrixTransform(): this {
                return this;
            }
        },
    });
    const picture = shown.get('.stack svg');
    Object.assign(picture.element, { getScreenCTM: () => ({ inverse: () => undefined }) });
    await picture.trigger('keydown', { key: 'ArrowLeft' });
    expect(told(shown, 'lay')).toEqual([{ columns: 1, cells: [0, 1], moved: [[0, 0], [1, 0]] }]); // prettier-ignore
    // Its lower corner, which is moved to 32, goes where the other page's is.
    await picture.trigger('click', { clientX: 33, clientY: 88 });
    await picture.trigger('click', { clientX: 19, clientY: 91 });
    expect(told(shown, 'lay')).toEqual([{ columns: 1, cells: [0, 1], moved: [[0, 0], [-10, 0]] }]); // prettier-ignore
    const side = shown.findAll('button').find((one) => words(one) === 'Lay them side by side');
    await side?.trigger('click');
    expect(told(shown, 'lay')).toEqual([{ columns: 1, cells: [0, 1] }]);
});

const scale = (part: object, more: object = {}) =>
    show(NestScale, {
        hasSize: true,
        isSaidTrue: false,
        scale: part as Nest['scale'],
        modelValue: '',
        ...more,
    });

it('a drawing at half size is asked about before anything is drawn on it, and made true by a press', async () => {
    const shown = scale({ seems: 0.5, says: ['underarm to waist is 10 cm, the pattern says 20'] });
    expect(words(shown.get('[role="alert"]'))).toContain('50 % of true size');
    expect(words(shown)).toContain('underarm to waist is 10 cm, the pattern says 20');
    const [make, leave] = shown.findAll('[role="alert"] button');
    await make?.trigger('click');
    expect(told(shown, 'make')).toEqual([2]);
    await leave?.trigger('click');
    expect(told(shown, 'leave')).toEqual([]);
});

it('what is said to be true is asked about no more, what differs all the same is told', () => {
    const differing = { seems: null, says: ['8 to 22 at the hip is 7 cm, by the chart 8'] };
    expect(words(scale(differing))).toContain('Of true size, except:8 to 22 at the hip');
    expect(scale({ seems: 0.5, says: [] }, { isSaidTrue: true }).find('[role="alert"]').exists()).toBe(false);
    expect(words(scale({ seems: null, says: [] }, { hasSize: false }))).toContain(
        'doesn’t say how large it is',
    );
});
