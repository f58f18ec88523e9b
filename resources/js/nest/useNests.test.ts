// @vitest-environment jsdom
import { beforeEach, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { Refused } from '../api/client';
import type { BinEntry, Nest, NestMarks } from '../api/types';
import { useNests, type NestServer } from './useNests';

const nest = (piece: Nest['piece'], more: Partial<Nest> = {}): Nest => ({
    piece,
    version: 1,
    name: `${piece}.svg`,
    width_mm: 100,
    height_mm: 200,
    has_size: true,
    notes: [],
    lines: [],
    proposed: { '8': 'a', '10': 'b' },
    marks: {},
    filled: {},
    missing: [],
    scale: null,
    ...more,
});

const kept: { piece: string; marks: NestMarks; version: number; scale: number | null }[] = [];
let meanwhile: Nest | null = null;
const server: NestServer = {
    load: () =>
        Promise.resolve([nest('front'), nest('back', { marks: { waist_y: 3, lines: { '8': 'own' } } })]),
    bring: (piece, file, page, version) => {
        if (file.name === 'bad') return Promise.reject(new Refused(422, 'No.', { file: ['This is none.'] }));
        return file.name === 'late'
            ? Promise.reject(new Refused(409, 'Changed.', {}, { nest: nest(piece, { name: 'theirs.svg' }) }))
            : Promise.resolve(
                  nest(piece, {
                      name: `${file.name} ${typeof page === 'number' ? String(page) : ''}`,
                      version: version + 1,
                  }),
              );
    },
    pages: (_piece, file, layout) =>
        file.name === 'bad'
            ? Promise.reject(new Refused(422, 'No.', { file: ['This is none.'] }))
            : Promise.resolve({
                  pages: [
                      { lines: [], corners: [] },
                      { lines: [], corners: [] },
                  ],
                  window: [0, 0, 190, 277],
                  columns: layout?.columns ?? 2,
                  cells: layout?.cells ?? [0, 1],
                  across_mm: 190,
                  down_mm: 277,
                  moved: layout?.moved ?? null,
                  met: 3,
                  ends: 4,
              }),
    mark: (piece, marks, version, scale) => {
        const now = meanwhile;
        meanwhile = null;
        if (now !== null) return Promise.reject(new Refused(409, 'Changed.', {}, { nest: now }));
        kept.push({ piece, marks, version, scale });
        return Promise.resolve(nest(piece, { marks, version: version + 1 }));
    },
    takeAway: (piece, version) => Promise.resolve({ name: `${piece} ${String(version)}` } as BinEntry),
};

beforeEach(() => {
    vi.useFakeTimers();
    kept.length = 0;
    meanwhile = null;
});

const rest = async (): Promise<void> => {
    await vi.advanceTimersByTimeAsync(500);
};

it('opens with the proposals where nothing is named, and with what is named where it is', async () => {
    const page = useNests(server);
    await page.load();
    expect([page.piece.value, page.marks.value.lines, page.marks.value.fold]).toEqual([
        'front',
        { '8': 'a', '10': 'b' },
        'left',
    ]);
    page.piece.value = 'back';
    await rest();
    expect(kept).toEqual([]);
    expect([page.marks.value.lines, page.marks.value.waist_y]).toEqual([{ '8': 'own' }, 3]);
});

it('keeps marks soon after they rest, on the version that was seen, and undoes them', async () => {
    const page = useNests(server);
    await page.load();
    await rest();
    kept.length = 0;
    page.change({ waist_y: 40 });
    page.change({ hip_y: 60 });
    await rest();
    expect(kept.map(({ marks }) => [marks.waist_y, marks.hip_y])).toEqual([[40, 60]]);
    page.history.undo();
    await rest();
    expect(kept.at(-1)?.marks).not.toHaveProperty('hip_y');
    expect(kept.at(-1)?.version).toBeGreaterThan(kept[0]?.version ?? 0);
});

it('what was marked just before the other piece is opened, or the page is left, is kept', async () => {
    const scope = effectScope();
    const page = scope.run(() => useNests(server)) ?? useNests(server);
    await page.load();
    await rest();
    kept.length = 0;
    page.change({ waist_y: 41 });
    page.piece.value = 'back';
    await rest();
    expect(kept.map(({ piece, marks }) => [piece, marks.waist_y])).toEqual([['front', 41]]);
    page.change({ hip_y: 77 });
    scope.stop();
    await rest();
    expect(kept.slice(1).map(({ piece, marks }) => [piece, marks.hip_y])).toEqual([['back', 77]]);
});

it('what was marked elsewhere meanwhile stays beside what is marked here', async () => {
    const page = useNests(server);
    await page.load();
    await rest();
    meanwhile = nest('front', { version: 7, marks: { hip_y: 66, waist_y: 1 } });
    page.change({ waist_y: 40 });
    await rest();
    expect([kept.at(-1)?.marks.hip_y, kept.at(-1)?.marks.waist_y, kept.at(-1)?.version]).toEqual([66, 40, 7]);
    expect(page.refused.value).toBeNull();
});

it('a drawing that is refused leaves the one before, and says why', async () => {
    const page = useNests(server);
    await page.load();
    await page.bring(new File([''], 'bad'));
    expect([page.refused.value?.at('file'), page.nest.value?.name, page.isBusy.value]).toEqual([
        'This is none.',
        'front.svg',
        false,
    ]);
    await page.bring(new File([''], 'good'), 3);
    expect([page.refused.value, page.nest.value?.name]).toEqual([null, 'good 3']);
    await page.bring(new File([''], 'late'));
    expect([page.refused.value?.message, page.nest.value?.name]).toEqual(['Changed.', 'theirs.svg']);
    await page.look(new File([''], 'pages'));
    expect(page.spread.value?.cells).toEqual([0, 1]);
    await page.look(new File([''], 'pages'), { columns: 1, cells: [1, 0] });
    expect([page.spread.value?.columns, page.spread.value?.cells]).toEqual([1, [1, 0]]);
    await page.look(new File([''], 'bad'));
    expect(page.refused.value?.at('file')).toBe('This is none.');
    await page.bring(new File([''], 'together'), { columns: 1, cells: [1, 0] });
    expect(page.spread.value).toBeNull();
    expect((await page.takeAway()).name).toBe('front 2');
    expect(page.nest.value).toBeNull();
});
