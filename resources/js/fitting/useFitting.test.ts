// @vitest-environment jsdom
import { beforeEach, expect, it } from 'vitest';
import { Refused } from '../api/client';
import type { Fitting, FittingDocument, Offers } from '../api/types';
import { useFitting, type FittingServer } from './useFitting';

const page = (document: FittingDocument, version: number): Fitting =>
    ({ document, version, findings: [], verdict: {} }) as unknown as Fitting;

const kept: [FittingDocument, number][] = [];
let refusal: Refused | null = null;
let stands: FittingDocument = {};
const server: FittingServer = {
    load: () => Promise.resolve(page(stands, 7)),
    offers: () => Promise.resolve({ eases: [], findings: [], last: null } as Offers),
    keep: (document, version) => {
        if (refusal !== null) return Promise.reject(refusal);
        kept.push([document, version]);
        return Promise.resolve(page(document, version + 1));
    },
    judge: (verdict, version) =>
        Promise.resolve({ ...page(stands, version + 1), verdict } as unknown as Fitting),
};

beforeEach(() => {
    kept.length = 0;
    refusal = null;
    stands = { tracing: 1 };
});

it('keeps every change on the version that was seen, and undoes them one by one', async () => {
    const fitting = useFitting(server);
    await fitting.load();
    expect(fitting.offers.value).not.toBeNull();
    await fitting.change((now) => ({ ...now, tracing: 2 }));
    await fitting.change((now) => ({ ...now, tried: 2 }));
    expect(kept).toEqual([
        [{ tracing: 2 }, 7],
        [{ tracing: 2, tried: 2 }, 8],
    ]);
    await fitting.undo();
    await fitting.undo();
    expect([fitting.document.value, fitting.canUndo.value]).toEqual([{ tracing: 1 }, false]);
    await fitting.undo();
    expect(kept).toHaveLength(4);
});

it('a change made before the one before it was answered goes on from that', async () => {
    const fitting = useFitting(server);
    await fitting.load();
    const first = fitting.change((now) => ({ ...now, tracing: 2 }));
    const second = fitting.change((now) => ({ ...now, tried: 1 }));
    expect(fitting.document.value).toEqual({ tracing: 2, tried: 1 });
    await Promise.all([first, second]);
    expect(kept).toEqual([[{ tracing: 2, tried: 1 }, 7]]);
    expect(fitting.canUndo.value).toBe(true);
    await fitting.undo();
    expect(fitting.document.value).toEqual({ tracing: 2 });
    await fitting.undo();
    expect(fitting.document.value).toEqual({ tracing: 1 });
});

it('a change that is refused changes nothing, and is told', async () => {
    const fitting = useFitting(server);
    await fitting.load();
    refusal = new Refused(422, 'No.', { 'fitting.findings[0].amount': ['Is no length.'] });
    expect(await fitting.change((now) => ({ ...now, tracing: 9 }))).toBe(false);
    expect([fitting.document.value, fitting.canUndo.value]).toEqual([{ tracing: 1 }, false]);
    expect(fitting.refused.value?.at('fitting.findings[0].amount')).toBe('Is no length.');
});

it('what was changed elsewhere meanwhile is shown as it stands, and told', async () => {
    const fitting = useFitting(server);
    await fitting.load();
    stands = { tracing: 4 };
    refusal = new Refused(409, 'Changed elsewhere.', {}, { bench: {} });
    await fitting.change((now) => ({ ...now, tracing: 2 }));
    expect([fitting.document.value, fitting.refused.value?.message]).toEqual([
        { tracing: 4 },
        'Changed elsewhere.',
    ]);
});

it('a verdict is kept on the same version', async () => {
    const fitting = useFitting(server);
    await fitting.load();
    await fitting.judge({ levels: { bust: 'right' } });
    expect([fitting.page.value?.verdict, fitting.page.value?.version]).toEqual([
        { levels: { bust: 'right' } },
        8,
    ]);
});
