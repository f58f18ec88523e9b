// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Refused } from '../api/client';
import type { Pattern, PatternGuide } from '../api/types';
import { usePattern, type PatternServer } from './usePattern';

const shirt = {
    id: 7,
    version: 1,
    name: 'Shirt',
    house: 'Gull',
    unit: 'in',
    document: { sizes: ['8'], body_chart: {} },
    faults: [{ field: 'pattern.ranges[0].sizes', message: 'Is missing.' }],
} as unknown as Pattern;

function open(id: number | null, parts: Partial<PatternServer> = {}) {
    const calls: string[] = [];
    const server: PatternServer = {
        guide: () => Promise.resolve({ houses: [{ name: 'Gull' }, { name: 'Tern' }] } as PatternGuide),
        load: () => Promise.resolve(shirt),
        start: (typed) => {
            calls.push(`start ${typed.name}`);
            return Promise.resolve({ ...shirt, ...typed, id: 8 });
        },
        keep: (pattern, typed) => {
            calls.push(`keep ${pattern} ${typed.name}`);
            return Promise.resolve({ ...shirt, ...typed });
        },
        ...parts,
    };
    return { calls, page: usePattern(server, id, 'cm') };
}

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());
const rest = async (): Promise<void> => {
    await vi.advanceTimersByTimeAsync(600);
    await flushPromises();
};

it('what was opened is not kept again until something changes', async () => {
    const { calls, page } = open(7);
    await page.load();
    await rest();
    expect([page.name.value, page.unit.value, page.loaded.value, calls]).toEqual(['Shirt', 'in', true, []]);
    // A file may have come without the parts that the page writes into.
    expect(page.document.value).toMatchObject({ sizes: ['8'], finished: {}, levels: {}, seam: {} });
    page.name.value = 'Long shirt';
    await flushPromises();
    expect(page.unsaved.value).toBe(true);
    await rest();
    expect([page.unsaved.value, calls]).toEqual([false, ['keep 7 Long shirt']]);
});

it('a new pattern is kept as a draft before it has a name, and under its own from then on', async () => {
    const { calls, page } = open(null);
    await page.load();
    page.document.value = { ...page.document.value, sizes: ['8'] };
    await rest();
    expect([page.unsaved.value, calls]).toEqual([false, ['start Pattern without a name']]);
    page.name.value = 'Coat';
    await rest();
    page.house.value = 'Tern';
    await rest();
    expect(calls).toEqual(['start Pattern without a name', 'keep 8 Coat', 'keep 7 Coat']);
});

it('a refusal leaves all as it is typed, to be kept with the next change', async () => {
    const { page } = open(7, {
        keep: () => Promise.reject(new Refused(422, 'No.', { name: ['Too long.'] })),
    });
    await page.load();
    page.name.value = 'x';
    await rest();
    expect([page.unsaved.value, page.refused.value?.at('name'), page.name.value]).toEqual([
        true,
        'Too long.',
        'x',
    ]);
});

it('the habits of a house that were kept replace those before, and the pattern is kept anew', async () => {
    const { calls, page } = open(7);
    await page.load();
    page.keepHouse({ name: 'Gull', unit: 'cm' } as PatternGuide['houses'][number]);
    await rest();
    expect(page.guide.value?.houses.map(({ name, unit }) => [name, unit])).toEqual([
        ['Tern', undefined],
        ['Gull', 'cm'],
    ]);
    expect(calls).toEqual(['keep 7 Shirt']);
});

const conflict = (meanwhile: Partial<Pattern>): Refused =>
    new Refused(409, 'Changed elsewhere.', {}, { pattern: { ...shirt, version: 2, ...meanwhile } });

it('what was changed elsewhere is put together with what is typed here, and both are kept', async () => {
    const kept: unknown[] = [];
    const { page } = open(7, {
        keep: (_pattern, typed) => {
            kept.push([typed.version, typed.name, typed.document.body_chart]);
            return typed.version === 1
                ? Promise.reject(
                      conflict({
                          document: {
                              ...shirt.document,
                              body_chart: { waist: ['66'] },
                          } as Pattern['document'],
                      }),
                  )
                : Promise.resolve({ ...shirt, ...typed, version: 3 } as Pattern);
        },
    });
    await page.load();
    page.name.value = 'Long shirt';
    await rest();
    expect(kept).toEqual([
        [1, 'Long shirt', {}],
        [2, 'Long shirt', { waist: ['66'] }],
    ]);
    expect([page.clashes.value, page.unsaved.value, page.kept.value?.version]).toEqual([[], false, 3]);
});

it('where both changed the same it is asked, nothing is lost, and what is said counts', async () => {
    const names: string[] = [];
    const { page } = open(7, {
        keep: (_pattern, typed) => {
            names.push(typed.name);
            return typed.version === 1
                ? Promise.reject(conflict({ name: 'Their shirt' }))
                : Promise.resolve({ ...shirt, ...typed, version: 3 } as Pattern);
        },
    });
    await page.load();
    page.name.value = 'My shirt';
    await rest();
    expect(page.clashes.value).toEqual([{ path: ['name'], here: 'My shirt', meanwhile: 'Their shirt' }]);
    page.house.value = 'Tern';
    await rest();
    expect([names, page.name.value]).toEqual([['My shirt'], 'My shirt']);
    await page.settle('meanwhile');
    await rest();
    expect([names, page.name.value, page.house.value]).toEqual([
        ['My shirt', 'Their shirt'],
        'Their shirt',
        'Tern',
    ]);
});
