// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import type { ClothPage as ClothAnswer, History, Offers } from '../api/types';
import ClothPage from './ClothPage.vue';
import EaseOffers from './EaseOffers.vue';
import type { Ask } from './useOffers';
import HistoryTable from '../wearer/HistoryTable.vue';

const asked: [method: string, path: string, body: unknown][] = [];
const answers: Record<string, unknown> = {};

// What leads elsewhere needs the whole application around it.
vi.mock('../paper/MakeLinks.vue', () => ({ default: { render: () => null } }));
vi.mock('../ui/Crumbs.vue', () => ({ default: { render: () => null } }));
vi.mock('../api/client', async (original) => {
    const call = (method: string) => (path: string, options?: { body?: unknown }) => {
        asked.push([method, path, options?.body]);
        return Promise.resolve({ data: answers[path] });
    };
    return { ...(await original<object>()), api: { GET: call('GET'), PUT: call('PUT') } };
});

/** What the bench does with what is kept: on the version that it has. */
const benches: unknown[] = [];
const ask: Ask = async (work) => {
    benches.push(await work(benches.length === 0 ? 4 : 5));
    return null;
};

beforeEach(() => {
    asked.length = 0;
    benches.length = 0;
});

const cloth: ClothAnswer = {
    make_id: 1,
    version: 4,
    wearer: 'Tamsin',
    title: 'Gown',
    unit: 'in',
    document: { name: 'linen', have: ['zip'] },
    recommended: 'lawn',
    words: ['lawn: fine and firm'],
    drafted_for: 'woven',
    stretch_percent: null,
    cautions: [],
    widths_nm: [1_400_000_000],
    envelopes: [
        { name: 'small', owned: true },
        { name: 'large', owned: false },
    ],
    files: [{ name: 'b.pdf', cup: 'B', range: null, sheet: 'A0' }],
    needs: [
        {
            key: 'main cloth',
            name: '',
            view: null,
            width_nm: 1_400_000_000,
            amount_nm: 2_000_000_000,
            text: null,
        },
        { key: 'zip A', name: 'zip', view: 'A', width_nm: null, amount_nm: null, text: '50 cm' },
        { key: 'zip', name: 'zip', view: null, width_nm: null, amount_nm: null, text: '20 cm' },
    ],
    to_buy: 3,
};

it('what is to buy is counted, ticked as at hand and kept on the version that was seen', async () => {
    answers['/api/makes/{make}/cloth'] = cloth;
    const page = show(ClothPage, { id: 1 }, 'in');
    await flushPromises();
    // Cloth, the zip of view A and an envelope; the other zip is at hand.
    expect(page.find('h1').text()).toBe('To buy: 3 things.');
    expect(words(page)).toContain('Print b.pdf');
    expect(words(page)).toContain('cup B, on A0');
    await page.find('.buy input').trigger('change');
    await flushPromises();
    expect(asked.at(-1)).toEqual([
        'PUT',
        '/api/makes/{make}/cloth',
        { cloth: { name: 'linen', have: ['zip', 'main cloth'] }, version: 4 },
    ]);
    const field = page.find('[aria-label="stretches to, in"]');
    await field.setValue('5');
    await field.trigger('blur');
    await flushPromises();
    // Of four inches, as is usual where figures are typed in inches.
    expect(asked.at(-1)?.[2]).toMatchObject({
        cloth: { name: 'linen', stretch_from: '4', stretch_to: '5', stretch_percent: null },
    });
});

it('an ease that earlier makes teach is taken with a press, as liked or as least', async () => {
    answers['/api/makes/{make}/offers'] = {
        eases: [
            {
                level: 'bust',
                words: 'In two dresses of woven cloth 6.5 cm was right.',
                liked_ease: '6.5 cm',
                least_ease: null,
                is_taken: false,
            },
            {
                level: 'waist',
                words: 'In one dress of woven cloth 3 cm was too tight: leave more.',
                liked_ease: null,
                least_ease: '3.6 cm',
                is_taken: true,
            },
        ],
        findings: [],
        last: null,
    } satisfies Offers;
    const learned = {
        bench: { make: { id: 1 }, plan: null, refused: null },
        took_back: ['what was found on an earlier make at the bust'],
        cut_in: '20',
        fitting_before: { tracing: 2 },
    };
    answers['/api/makes/{make}/offers/{level}'] = learned;
    answers['/api/makes/{make}/bench'] = { make: { id: 1, version: 6 } };
    const offers = show(EaseOffers, { make: 1, version: 4, ask });
    await flushPromises();
    expect(words(offers)).toContain('too tight: leave more. taken');
    await offers.findAll('button')[0]?.trigger('click');
    await flushPromises();
    expect(asked.at(-1)).toEqual(['PUT', '/api/makes/{make}/offers/{level}', { version: 4 }]);
    expect(benches).toEqual([learned.bench]);
    expect(words(offers)).toContain('Cut in 20 there, as it was right in it.');
    expect(words(offers)).toContain('Taken back, as it is in this ease already');
    await offers.get('.notice button').trigger('click');
    await flushPromises();
    expect(asked).toContainEqual([
        'PUT',
        '/api/makes/{make}/fitting',
        { fitting: { tracing: 2 }, version: 5 },
    ]);
});

it('a history shows what was cut and how it wore, planned sizes where nothing was said yet', async () => {
    const history = {
        id: 3,
        name: 'Tamsin',
        makes: [
            {
                id: 9,
                title: 'Ferry dress',
                pattern: 'Causeway',
                garment: 'dress',
                cloth: 'linen',
                begun_on: '2026-09-01',
                stage: 'worn',
                stage_on: '2026-10-01',
                sizes: { bust: '12', waist: '14' },
                verdict: {
                    levels: { bust: 'right', waist: 'tight' },
                    ease: { bust: '6.5 cm' },
                    note: 'Sat well.',
                    again: false,
                },
                changes: ['Raise the armhole by 1 cm, front and back'],
            },
        ],
    } satisfies History;
    const page = show(HistoryTable, { history });
    const said = words(page);
    for (const part of ['Causeway, linen', '✓ right, 6.5 cm', '▸ tight', 'Sat well.', 'Raise the armhole'])
        expect(said).toContain(part);
    expect(page.findAll('td').at(-1)?.text()).toBe('no');
    expect(page.findAll('.size').map((one) => one.text())).toEqual(['12', '14', '–']);
});

it('a cloth of a make in inches is typed in centimetres where these are shown', async () => {
    answers['/api/makes/{make}/cloth'] = { ...cloth, document: { ...cloth.document, width: '45' } };
    const page = show(ClothPage, { id: 1 }, 'cm');
    await flushPromises();
    const width = page.find('[aria-label="width of the cloth, cm"]');
    expect((width.element as HTMLInputElement).value).toBe('45 in');
    await width.setValue('150');
    await width.trigger('blur');
    await flushPromises();
    expect(asked.at(-1)?.[2]).toMatchObject({ cloth: { width: '150 cm' } });
});

it('what the last make of the pattern was changed by is taken one by one, or all that is not here yet', async () => {
    answers['/api/makes/{make}/offers'] = {
        eases: [],
        findings: [],
        last: {
            make_id: 7,
            title: 'Gown',
            worn: 'right at the bust',
            note: 'Sit down in it.',
            changes: [
                { key: 'lengths.hem', words: 'shortened by 2 cm at the hem', is_taken: true, here: null },
                {
                    key: 'centre_back.waist',
                    words: 'the waist taken in 1 cm at the centre back',
                    is_taken: false,
                    here: 'the waist taken in 0.4 cm at the centre back',
                },
                {
                    key: 'findings.0',
                    words: 'the neck was raised by 1 cm, in front',
                    is_taken: false,
                    here: null,
                },
            ],
        },
    } satisfies Offers;
    answers['/api/makes/{make}/offers/last'] = { make: { id: 1 } };
    const offers = show(EaseOffers, { make: 1, version: 4, ask });
    await flushPromises();
    expect(words(offers)).toContain('worn, right at the bust. Sit down in it.');
    expect(words(offers)).toContain('shortened by 2 cm at the hem here as well');
    expect(words(offers)).toContain('here the waist taken in 0.4 cm at the centre back');
    await offers.findAll('button.link')[0]?.trigger('click');
    await flushPromises();
    expect(asked.at(-1)?.[2]).toEqual({ keys: ['centre_back.waist'], version: 4 });
    expect(benches).toEqual([{ make: { id: 1 } }]);
    await offers.findAll('button').at(-1)?.trigger('click');
    await flushPromises();
    expect(asked.at(-1)?.[2]).toEqual({ keys: ['centre_back.waist', 'findings.0'], version: 5 });
});
