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
