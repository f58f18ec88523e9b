// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import NestFile from './NestFile.vue';
import NestPiece from './NestPiece.vue';
import NestSizes from './NestSizes.vue';
import NestSteps from './NestSteps.vue';

it('a drawing is brought, and the same one can be brought again', async () => {
    const shown = show(NestFile, { words: 'The front as SVG or PDF', isBusy: false });
    const input = shown.get<HTMLInputElement>('input');
    const file = new File(['<svg/>'], 'front.svg');
    Object.defineProperty(input.element, 'files', { value: [file], configurable: true });
    await input.trigger('change');
    expect(told(shown, 'bring')).toEqual([file]);
    expect(input.element.value).toBe('');
    Object.defineProperty(input.element, 'files', { value: [] });
    await input.trigger('change');
    expect(shown.emitted('bring')).toHaveLength(1);
    await shown.setProps({ isBusy: true });
    expect([words(shown), input.element.disabled]).toEqual(['Reading…', true]);
});

it('a piece shows its printed lines, the one that is worked on the strongest', () => {
    const lines = [
        { key: 'a', runs: [[0, 0, 10, 10]], kind: 'nobodys' },
        { key: 'b', runs: [[0, 0, 20, 20]], kind: 'named' },
        { key: 'c', runs: [[0, 0, 30, 30]], kind: 'at' },
    ];
    const shown = show(NestPiece, { width: 100, height: 200, label: 'the front', lines });
    const drawn = shown.findAll('path.line');
    expect(drawn.map((path) => path.classes().at(-1))).toEqual(['nobodys', 'named', 'at']);
    const widths = drawn.map((path) => Number(path.attributes('stroke-width')));
    expect(widths[0]).toBe(widths[1]);
    expect(widths[2]).toBeGreaterThan(2 * (widths[0] ?? 0));
    expect(shown.get('svg').attributes('aria-label')).toContain('the front');
});

it('sizes say which has no line yet, and one of them is worked on', async () => {
    const shown = show(NestSizes, {
        sizes: ['8', '10'],
        lines: { 8: 'line-8' },
        isHidden: false,
        modelValue: '8',
        proposed: false,
        unproposed: '',
    });
    expect(shown.findAll('li').map(words)).toEqual(['8', '10 ?']);
    expect(shown.findAll('li button').map((one) => one.attributes('aria-pressed'))).toEqual([
        'true',
        'false',
    ]);
    await shown.findAll('li button')[1]?.trigger('click');
    expect(told(shown, 'update:modelValue')).toEqual(['10']);
    const [mark, hide] = shown.findAll('.inline button');
    expect([mark, hide].map((one) => one && words(one))).toEqual(['Click the line of 10', 'Hide 10']);
    await mark?.trigger('click');
    await hide?.trigger('click');
    expect([shown.emitted('mark'), shown.emitted('toggle')].map((all) => all?.length)).toEqual([1, 1]);
    await shown.setProps({ isHidden: true });
    expect(words(shown)).toContain('Show 10');
});

const steps = [
    { tool: 'underarm', label: 'Underarm end of the side seam', done: true },
    { tool: 'hem', label: 'Hem end of the side seam', done: false },
    { tool: 'grain', label: 'Grain', done: false, optional: true },
];
const marking = (props: Record<string, unknown> = {}) =>
    show(NestSteps, {
        size: '8',
        steps,
        fold: undefined,
        missing: [],
        placeWords: (field: string) => field.replace('_', ' '),
        canUndo: true,
        canRedo: false,
        modelValue: null,
        ...props,
    });

it('each mark says whether it is there, and is taken up and put down by a press', async () => {
    const shown = marking();
    expect(shown.findAll('.steps li').map(words)).toEqual([
        '✓ Underarm end of the side seam',
        '○ Hem end of the side seam',
        '· Grain if need be',
    ]);
    await shown.findAll('.steps button')[1]?.trigger('click');
    expect(told(shown, 'update:modelValue')).toEqual(['hem']);
    await shown.setProps({ modelValue: 'hem' });
    expect(shown.findAll('.steps button')[1]?.attributes('aria-pressed')).toBe('true');
    await shown.findAll('.steps button')[1]?.trigger('click');
    expect(told(shown, 'update:modelValue')).toEqual([null]);
});

it('what is missing is said, three at most; the fold is told, and steps are taken back', async () => {
    const missing = ['hip_y', 'waist_y', 'hem', 'lines'].map((field) => ({ field, message: 'is missing' }));
    const shown = marking({ missing });
    expect(shown.findAll('.faults li').map(words)).toEqual([
        'hip y: is missing',
        'waist y: is missing',
        'hem: is missing',
    ]);
    const fold = shown.get<HTMLSelectElement>('select');
    expect([fold.element.value, fold.attributes('id')]).toEqual([
        'left',
        shown.get('label').attributes('for'),
    ]);
    await fold.findAll('option')[1]?.setValue();
    expect(told(shown, 'fold')).toEqual(['right']);
    const [undo, redo] = shown.findAll('.inline button');
    expect([undo, redo].map((one) => one?.attributes('disabled') !== undefined)).toEqual([false, true]);
    await undo?.trigger('click');
    expect(shown.emitted('undo')).toHaveLength(1);
});
