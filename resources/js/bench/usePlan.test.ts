// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { Refused } from '../api/client';
import type { Bench, Choices, Make, Plan } from '../api/types';
import { usePlan } from './usePlan';

const first = {
    make: { id: 1, version: 1, choices: {} } as Make,
    plan: { headline: 'first', levels: [] as Plan['levels'] } as Plan,
    refused: null,
    known: [],
} satisfies Bench;

/** A server whose answers are given by hand, in the order in which they were asked for. */
function slowServer() {
    const cards: number[] = [];
    const asked: { choices: Choices; answer: (plan: Plan) => void; fail: (error: Error) => void }[] = [];
    const server = {
        load: () => Promise.resolve(first),
        changeCard: (card: number) => {
            cards.push(card);
            return Promise.resolve({ ...first, make: { ...first.make, card_id: card } });
        },
        choose: (choices: Choices) =>
            new Promise<Plan>((answer, fail) => {
                asked.push({ choices, answer, fail });
            }),
    };
    return { asked, cards, server };
}

const clip = (size: string): Choices => ({ sizes: { bust: size } });
const saying = (headline: string): Plan => ({ headline, levels: [] as Plan['levels'] }) as Plan;

it('has one request in flight, sends only the newest choice after it, and drops the late answer', async () => {
    const { asked, server } = slowServer();
    const bench = usePlan(server);
    await bench.load();

    void bench.choose(clip('12'));
    await flushPromises();
    void bench.choose(clip('14'));
    void bench.choose(clip('16'));
    await flushPromises();
    expect(asked.map(({ choices }) => choices)).toEqual([clip('12')]);

    asked[0]?.answer(saying('twelve'));
    await flushPromises();
    expect(bench.plan.value?.headline).toBe('first');
    expect(asked.map(({ choices }) => choices)).toEqual([clip('12'), clip('16')]);

    asked[1]?.answer(saying('sixteen'));
    await flushPromises();
    expect(bench.plan.value?.headline).toBe('sixteen');
});

it('goes on after a refusal and keeps the plan that was there', async () => {
    const { asked, server } = slowServer();
    const bench = usePlan(server);
    await bench.load();

    void bench.choose(clip('12'));
    await flushPromises();
    asked[0]?.fail(new Refused(422, 'no such size', {}));
    await flushPromises();
    expect(bench.refused.value?.message).toBe('no such size');
    expect(bench.plan.value?.headline).toBe('first');

    void bench.choose(clip('14'));
    await flushPromises();
    asked[1]?.answer(saying('fourteen'));
    await flushPromises();
    expect([bench.refused.value, bench.plan.value?.headline]).toEqual([null, 'fourteen']);
});

it('a clip moves at once; where the server is out of reach it is put back, told, and sent again once the line is there', async () => {
    const { asked, server } = slowServer();
    const notches = [
        { size: '12', chart_nm: 1, finished_nm: 2 },
        { size: '14', chart_nm: 3, finished_nm: 4 },
    ];
    const bust = { level: 'bust', size: '12', notches, measure_nm: 1 } as unknown as Plan['levels'][number];
    const bench = usePlan({
        ...server,
        load: () => Promise.resolve({ ...first, plan: { ...first.plan, levels: [bust] } }),
    });
    await bench.load();
    void bench.choose(clip('14'));
    await flushPromises();
    expect(bench.plan.value?.levels[0]?.size).toBe('14');

    asked[0]?.fail(new Refused(0, 'gone', {}));
    await flushPromises();
    expect([bench.plan.value?.levels[0]?.size, bench.refused.value?.message]).toEqual([
        '12',
        expect.stringContaining('sent as soon as it is back'),
    ]);
    window.dispatchEvent(new Event('online'));
    await flushPromises();
    expect(asked[1]?.choices).toEqual(clip('14'));
    asked[1]?.answer({ ...saying('fourteen'), levels: [{ ...bust, size: '14' }] });
    await flushPromises();
    expect([bench.plan.value?.levels[0]?.size, bench.refused.value]).toEqual(['14', null]);
    window.dispatchEvent(new Event('online'));
    expect(asked).toHaveLength(2);
});

it('undoes all that was chosen since it was told to remember', async () => {
    const { asked, server } = slowServer();
    const bench = usePlan(server);
    await bench.load();

    bench.remember();
    void bench.choose(clip('12'));
    await flushPromises();
    void bench.choose(clip('14'));
    asked[0]?.answer(saying('twelve'));
    await flushPromises();
    asked[1]?.answer(saying('fourteen'));
    await flushPromises();

    void bench.undo();
    await flushPromises();
    expect(asked.at(-1)?.choices).toEqual({});
    expect(bench.canUndo.value).toBe(false);
});

it('planned from another card, the make is the one that comes back', async () => {
    const { cards, server } = slowServer();
    const bench = usePlan(server);
    await bench.load();
    await bench.changeCard(7);
    expect([cards, bench.make.value?.card_id]).toEqual([[7], 7]);
});

it('a make of which nothing can be planned is shown all the same, with the reason', async () => {
    const { server } = slowServer();
    const why = { message: 'Measure the full bust.', errors: { body: ['Measure the full bust.'] } };
    const bench = usePlan({ ...server, load: () => Promise.resolve({ ...first, plan: null, refused: why }) });
    await bench.load();
    expect([bench.make.value?.id, bench.plan.value]).toEqual([1, null]);
    expect([bench.refused.value?.message, bench.refused.value?.at('body')]).toEqual([
        'Measure the full bust.',
        'Measure the full bust.',
    ]);
});

it('a make that is not there is told', async () => {
    const { server } = slowServer();
    const gone = new Refused(404, 'No such make.', {});
    const bench = usePlan({ ...server, load: () => Promise.reject(gone) });
    await bench.load();
    expect([bench.make.value, bench.plan.value, bench.refused.value]).toEqual([null, null, gone]);
});

it('what another part of the bench keeps waits for its turn, and neither undoes the other', async () => {
    const { asked, server } = slowServer();
    const bench = usePlan(server);
    await bench.load();
    void bench.choose(clip('12'));
    await flushPromises();
    const versions: number[] = [];
    const kept = bench.ask((version) => {
        versions.push(version);
        void bench.choose({ ...clip('12'), lead: 'high_bust' });
        return Promise.resolve({
            ...first,
            make: { ...first.make, version: 9, choices: { ...clip('12'), liked_ease: { waist: '4' } } },
        });
    });
    expect(versions).toEqual([]);
    asked[0]?.answer(saying('twelve'));
    expect(await kept).toBeNull();
    await flushPromises();
    expect(versions).toEqual([2]);
    expect(asked[1]?.choices).toEqual({ ...clip('12'), lead: 'high_bust', liked_ease: { waist: '4' } });
});

it('chosen elsewhere meanwhile, both are put together; the same chosen twice is as it stands there, and told', async () => {
    const { asked, server } = slowServer();
    const bench = usePlan(server);
    await bench.load();
    const elsewhere = (choices: Choices): Refused =>
        new Refused(
            409,
            'Changed elsewhere.',
            {},
            {
                bench: { ...first, make: { ...first.make, version: 5, choices } },
            },
        );
    void bench.choose({ lead: 'high_bust' });
    await flushPromises();
    asked[0]?.fail(elsewhere(clip('18')));
    await flushPromises();
    expect([asked[1]?.choices, bench.refused.value]).toEqual([{ ...clip('18'), lead: 'high_bust' }, null]);
    asked[1]?.answer(saying('both'));
    await flushPromises();
    void bench.choose(clip('12'));
    await flushPromises();
    asked[2]?.fail(elsewhere(clip('20')));
    await flushPromises();
    expect([bench.make.value?.choices.sizes, bench.refused.value?.message]).toEqual([
        { bust: '20' },
        'Changed elsewhere.',
    ]);
});
