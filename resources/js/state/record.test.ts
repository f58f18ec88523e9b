// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { Refused } from '../api/client';
import { useRecord } from './record';

type Row = Record<string, string[] | string>;
interface Page {
    document: Row;
    version: number;
}

/** A server whose answers come when the test says so, and that refuses an empty text. */
function slowServer(start: Row) {
    let now: Page = { version: 1, document: start };
    const waiting: (() => void)[] = [];
    const asked: Row[] = [];
    const server = {
        load: () => Promise.resolve(now),
        keep: (document: Row, version: number) =>
            new Promise<Page>((keep, fail) => {
                asked.push(document);
                waiting.push(() => {
                    if (version !== now.version) fail(new Refused(409, 'Changed elsewhere.', {}));
                    else if (Object.values(document).includes(''))
                        fail(new Refused(422, 'No.', { name: ['Is empty.'] }));
                    else keep((now = { version: version + 1, document }));
                });
            }),
    };
    const answer = async (): Promise<void> => {
        await flushPromises();
        waiting.shift()?.();
        await flushPromises();
    };
    const elsewhere = (part: Row): void => {
        now = { version: now.version + 1, document: { ...now.document, ...part } };
    };
    return { server, asked, answer, elsewhere };
}

const ticks = (now: Row): string[] => now.ticks as string[];
const untick = (what: string) => (now: Row) => ({ ...now, ticks: ticks(now).filter((one) => one !== what) });
const tick = (what: string) => (now: Row) => ({ ...now, ticks: [...ticks(now), what] });

it('a second tick is not undone by the answer to the first', async () => {
    const { server, asked, answer } = slowServer({ ticks: ['side'] });
    const record = useRecord<Page, Row>(server);
    await record.load();
    void record.change(untick('side'));
    await flushPromises();
    void record.change(tick('princess'));
    expect(record.document.value).toEqual({ ticks: ['princess'] });
    await answer();
    expect([record.document.value, record.answered.value?.document]).toEqual([
        { ticks: ['princess'] },
        { ticks: ['side'] },
    ]);
    await answer();
    expect([asked, record.answered.value?.document]).toEqual([
        [{ ticks: [] }, { ticks: ['princess'] }],
        { ticks: ['princess'] },
    ]);
});

it('a change that is refused takes none of the others with it', async () => {
    const { server, answer } = slowServer({ ticks: [] });
    const record = useRecord<Page, Row>(server);
    await record.load();
    const wrong = record.change((now) => ({ ...now, name: '' }));
    const right = record.change(tick('side'));
    for (let each = 0; each < 3; each += 1) await answer();
    expect([await wrong, await right]).toEqual([null, { ticks: [] }]);
    expect([record.document.value, record.refused.value?.at('name')]).toEqual([
        { ticks: ['side'] },
        'Is empty.',
    ]);
});

it('one that names its field waits there until it is mended', async () => {
    const { server, answer } = slowServer({ name: 'wool' });
    const record = useRecord<Page, Row>(server);
    await record.load();
    void record.change((now) => ({ ...now, name: '' }), 'name');
    await answer();
    expect([record.document.value, record.answered.value?.document]).toEqual([
        { name: '' },
        { name: 'wool' },
    ]);
    void record.change((now) => ({ ...now, name: 'linen' }), 'name');
    await answer();
    expect([record.answered.value?.document, record.refused.value]).toEqual([{ name: 'linen' }, null]);
});

it('changed elsewhere: a field is put together with it, what names none is told and not done', async () => {
    const { server, answer, elsewhere } = slowServer({ ticks: ['side'] });
    const record = useRecord<Page, Row>(server);
    await record.load();
    elsewhere({ width: '150' });
    void record.change((now) => ({ ...now, name: 'linen' }), 'name');
    await answer();
    await answer();
    expect(record.known.value?.document).toEqual({ ticks: ['side'], width: '150', name: 'linen' });
    elsewhere({ ticks: [] });
    const removed = record.change(untick('side'));
    await answer();
    expect([await removed, record.document.value?.ticks, record.refused.value?.status]).toEqual([
        null,
        [],
        409,
    ]);
});
