// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { Refused } from '../api/client';
import type { Cloth, ClothPage } from '../api/types';
import { useCloth } from './useCloth';

/** A server whose answers come when the test says so. */
function slowServer() {
    let now = { version: 1, document: { name: 'linen' } as Cloth } as ClothPage;
    const asked: { cloth: Cloth; version: number; answer: () => void; refuse: (refusal: Refused) => void }[] =
        [];
    const server = {
        load: () => Promise.resolve(now),
        keep: (cloth: Cloth, version: number) =>
            new Promise<ClothPage>((keep, fail) => {
                asked.push({
                    cloth,
                    version,
                    refuse: fail,
                    answer: () => {
                        now = { ...now, version: now.version + 1, document: cloth };
                        keep(now);
                    },
                });
            }),
    };
    const elsewhere = (cloth: Cloth): void => {
        now = { ...now, version: now.version + 1, document: { ...now.document, ...cloth } };
    };
    return { server, asked, elsewhere };
}

it('what is typed stands at once, and an answer in between is not shown in its place', async () => {
    const { server, asked } = slowServer();
    const cloth = useCloth(server);
    await cloth.load();
    void cloth.change({ name: 'wool' });
    await flushPromises();
    void cloth.change({ name: 'wool crepe' });
    await flushPromises();
    asked[0]?.answer();
    await flushPromises();
    expect([cloth.cloth.value.name, cloth.page.value?.document.name]).toEqual(['wool crepe', 'linen']);
    asked[1]?.answer();
    await flushPromises();
    expect([cloth.page.value?.document, cloth.page.value?.version]).toEqual([{ name: 'wool crepe' }, 3]);
});

it('what is refused waits in its field, and the rest is kept without it', async () => {
    const { server, asked } = slowServer();
    const cloth = useCloth(server);
    await cloth.load();
    void cloth.change({ width: 'much', name: 'wool' });
    await flushPromises();
    asked[0]?.refuse(new Refused(422, 'no', { 'cloth.width': ['No figure.'] }));
    await flushPromises();
    // One by one: the one at fault is told, the other kept.
    asked[1]?.refuse(new Refused(422, 'no', { 'cloth.width': ['No figure.'] }));
    await flushPromises();
    expect(asked[2]?.cloth).toEqual({ name: 'wool' });
    asked[2]?.answer();
    await flushPromises();
    expect([cloth.cloth.value, cloth.refused.value?.at('cloth.width')]).toEqual([
        { name: 'wool', width: 'much' },
        'No figure.',
    ]);
});

it('changed elsewhere meanwhile, it is put together with what is typed here', async () => {
    const { server, asked, elsewhere } = slowServer();
    const cloth = useCloth(server);
    await cloth.load();
    void cloth.change({ name: 'wool' });
    await flushPromises();
    elsewhere({ width: '150' });
    asked[0]?.refuse(new Refused(409, 'changed', {}));
    await flushPromises();
    expect(asked[1]).toMatchObject({ cloth: { name: 'wool', width: '150' }, version: 2 });
    asked[1]?.answer();
    await flushPromises();
    expect([cloth.page.value?.document, cloth.refused.value]).toEqual([{ name: 'wool', width: '150' }, null]);
});
