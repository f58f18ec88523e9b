import { expect, it } from 'vitest';
import { computed, nextTick, ref, shallowRef } from 'vue';
import type { Nest, NestLine, NestMarks } from '../api/types';
import { useMarking } from './useMarking';

const line = (id: string, x: number): NestLine => ({
    id,
    look: id,
    names: [],
    runs: [[x, 0, x, 100]],
    corners: [x, 0, x, 100],
});

function marking(
    lines: NestLine[] = [line('a', 0), line('b', 20), line('c', 40)],
    sizes: string[] = ['8', '10'],
    piece: Nest['piece'] = 'front',
) {
    const marks = shallowRef<NestMarks>({ lines: {} });
    const scales: number[] = [];
    const nest = computed(() => ({ lines, filled: {}, piece }) as unknown as Nest);
    const page = useMarking({
        nest,
        marks,
        sizes: ref(sizes),
        change: (part) => (marks.value = { ...marks.value, ...part }),
        scaled: (by) => Promise.resolve(void scales.push(by)),
        knownMm: () => 200,
    });
    const click = (x: number, y: number): void => page.pick([x, y], [x, y]);
    return { ...page, marks, scales, click };
}

it('one size after the other is named by a click, then the first mark is asked for', async () => {
    const { tool, size, click, marks, sizeOf } = marking();
    size.value = '8';
    tool.value = 'line';
    click(1, 50);
    // As on the page, where all that watches comes to its turn between two clicks.
    await nextTick();
    expect([marks.value.lines, size.value, tool.value]).toEqual([{ '8': 'a' }, '10', 'line']);
    click(22, 50);
    expect([marks.value.lines, tool.value]).toEqual([{ '8': 'a', '10': 'b' }, 'underarm']);
    expect([...sizeOf.value]).toEqual([
        ['a', '8'],
        ['b', '10'],
    ]);
});

it('four clicks mark a size: ends snap to its corners, levels are heights, and each leads on', () => {
    const { tool, size, click, marks, ask, steps } = marking();
    marks.value = { lines: { '8': 'a', '10': 'b' } };
    size.value = '10';
    tool.value = 'underarm';
    click(18, 3);
    expect([marks.value.underarm, tool.value]).toEqual([{ '10': [20, 0] }, 'hem']);
    click(25, 98);
    expect([marks.value.hem, ask.value]).toEqual([
        { '10': [20, 98] },
        'Click anywhere at the height of the waist.',
    ]);
    click(70, 30.004);
    click(70, 60);
    expect([marks.value.waist_y, marks.value.hip_y, tool.value]).toEqual([30, 60, null]);
    expect(steps.value.filter(({ done, optional }) => !done && optional !== true)).toEqual([]);
});

it('another grain makes the heights others, and a known length gives the size', () => {
    const { tool, click, marks, scales } = marking();
    marks.value = { lines: {}, waist_y: 30, hip_y: 60 };
    tool.value = 'grain';
    click(0, 0);
    click(90, 0);
    expect(marks.value).toEqual({
        lines: {},
        grain: [
            [0, 0],
            [90, 0],
        ],
    });
    tool.value = 'length';
    click(1, 1);
    expect([scales, tool.value]).toEqual([[2], null]);
});

it('one of several pieces is framed by two corners, and all are there again', () => {
    const { tool, click, marks, unframe, steps } = marking();
    tool.value = 'frame';
    click(5, 5);
    expect([marks.value.frame, tool.value]).toEqual([undefined, 'frame']);
    click(60.004, 90);
    expect(marks.value.frame).toEqual([
        [5, 5],
        [60, 90],
    ]);
    expect(steps.value.find((step) => step.tool === 'frame')?.done).toBe(true);
    unframe();
    expect(marks.value).toEqual({ lines: {} });
});

it('a skirt begins at its waist, and a bodice ends there: neither is asked for more', () => {
    const asked = ({ steps }: ReturnType<typeof marking>): string[] =>
        steps.value.filter(({ optional }) => optional !== true).map(({ tool }) => tool);
    expect(asked(marking())).toEqual(['underarm', 'hem', 'waist_y', 'hip_y']);
    const skirt = marking(undefined, undefined, 'skirt_front');
    expect(asked(skirt)).toEqual(['underarm', 'hem', 'hip_y']);
    skirt.tool.value = 'underarm';
    expect(skirt.ask.value).toBe('Click where the side seam meets the waist.');
    const bodice = marking();
    bodice.marks.value = { ends_at: 'waist' };
    expect(asked(bodice)).toEqual(['underarm', 'hem']);
});

it('what is missing is called as the list calls it', () => {
    const { placeWords } = marking();
    expect(['waist_y', 'underarm.8', 'lines.10'].map(placeWords)).toEqual([
        'Height of the waist',
        'Underarm end of the side seam, size 8',
        'Line, size 10',
    ]);
});

it('lines to lengthen at are heights as well, each by itself', () => {
    const { tool, click, marks, steps } = marking();
    marks.value = { lines: { '8': 'a' }, underarm: {}, hem: {}, waist_y: 40, hip_y: 60 };
    tool.value = 'below_waist';
    click(3, 52);
    tool.value = 'above_waist';
    click(3, 30);
    expect(marks.value.lengthen_y).toEqual({ below_waist: 52, above_waist: 30 });
    expect(steps.value.filter(({ tool: one, done }) => one.endsWith('_waist') && done)).toHaveLength(2);
    // Turned otherwise they are heights no more.
    tool.value = 'grain';
    click(0, 0);
    expect(marks.value.lengthen_y).toBeUndefined();
});

it('the innermost and the outermost line name all between them in their order, once that is accepted', () => {
    const { tool, click, marks, proposal, accept, size } = marking(
        [line('c', 40), line('a', 0), line('b', 20), line('far', 400)],
        ['8', '10', '12'],
    );
    tool.value = 'innermost';
    click(1, 50);
    expect(tool.value).toBe('outermost');
    click(41, 52);
    expect(proposal.value?.map(({ size: one, lines }) => [one, lines.map(({ id }) => id)])).toEqual([
        ['8', ['a']],
        ['10', ['b']],
        ['12', ['c']],
    ]);
    // Nothing is named before.
    expect(marks.value.lines).toEqual({});
    accept();
    expect([marks.value.lines, proposal.value, size.value, tool.value]).toEqual([
        { '8': 'a', '10': 'b', '12': 'c' },
        null,
        '8',
        'underarm',
    ]);
});

it('where there are more or fewer lines than sizes nothing is proposed, and it is said', () => {
    const { tool, click, proposal, unproposed } = marking(undefined, ['8', '10', '12', '14']);
    tool.value = 'innermost';
    click(1, 50);
    click(41, 52);
    expect([proposal.value, tool.value]).toEqual([null, null]);
    expect(unproposed.value).toContain('3 lines, and there are 4 sizes');
});
