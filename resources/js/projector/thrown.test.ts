// @vitest-environment jsdom
import { afterEach, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import type { Nest } from '../api/types';
import { layersOf } from './layers';
import { drawingOf, ownDrawing } from './thrown';

afterEach(() => vi.restoreAllMocks());

const nest = (part: object = {}): Nest =>
    ({
        piece: 'front',
        width_mm: 400,
        height_mm: 900,
        has_size: true,
        scale: { seems: null, says: [] },
        marks: { lines: { '8': 'a b', '10': 'c' } },
        proposed: {},
        lines: ['a', 'b', 'c', 'd'].map((id) => ({ id, runs: [[0, 0, 10, 20]] })),
        ...part,
    }) as unknown as Nest;

it('each size of a pattern’s own drawing is a layer, and what is nobody’s is one more', () => {
    const drawing = drawingOf(nest(), 'front');
    expect(drawing.paths.map(({ group, d }) => [group, d])).toEqual([
        ['printed 8', 'M0 0L10 20'],
        ['printed 8', 'M0 0L10 20'],
        ['printed 10', 'M0 0L10 20'],
        ['other lines', 'M0 0L10 20'],
    ]);
    expect(layersOf(drawing).map(({ words }) => words)).toEqual(['line 8', 'line 10', 'other lines']);
});

it('what isn’t there, or isn’t settled in its size, is not thrown', async () => {
    const answers = (all: Nest[]) => vi.spyOn(api, 'GET').mockResolvedValue({ data: all } as never);
    answers([nest()]);
    expect((await ownDrawing(3, 'front').load()).paths).toHaveLength(4);
    await expect(ownDrawing(3, 'back').load()).rejects.toThrow('no such drawing');
    answers([nest({ scale: { seems: 0.5, says: [] } })]);
    await expect(ownDrawing(3, 'front').load()).rejects.toThrow('isn’t settled');
    answers([nest({ scale: { seems: 0.5, says: [] }, marks: { true_size: true } })]);
    expect((await ownDrawing(3, 'front').load()).paths.every(({ group }) => group === 'other lines')).toBe(
        true,
    );
});
