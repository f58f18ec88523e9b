// @vitest-environment jsdom
import { beforeEach, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { show, words } from '../../../tests/Front/show';
import type { CompanyHead, CompanyRow } from '../api/types';
import CompanyTable from './CompanyTable.vue';
import NeedText from './NeedText.vue';

const head = {
    pattern: 'Dress',
    views: [],
    fits: [],
    wearers: [],
    choices: {},
    exceptions: {},
} as unknown as CompanyHead;
const need = (part: object): CompanyRow['needs'][number] =>
    ({
        view: 'A',
        name: null,
        text: null,
        width_nm: 1_500_000_000,
        amount_nm: 2_300_000_000,
        ...part,
    }) as unknown as CompanyRow['needs'][number];
const row = {
    wearer_id: 3,
    wearer: 'Ana',
    card_id: 1,
    card_age_days: 9,
    make_id: 4,
    exception: {},
    headline: '12 all the way.',
    sizes: [{ level: 'waist', size: '12', place: 2 }],
    frame: '10',
    adjustment: 'full, 5 cm',
    steps: [2, 0],
    drawn_in: ['the waist taken in 2 cm'],
    worst: { stops: true, short: 'Envelope not yours', text: 'Size 16: in the other envelope.' },
    cautions: 2,
    sure: 'firm',
    envelopes: ['8-14'],
    to_get: ['16-22'],
    needs: [need({}), need({ width_nm: null, name: 'zip', text: '55 cm' })],
} as unknown as CompanyRow;
const table = () =>
    show(CompanyTable, { head, rows: [row], order: { column: 'wearer', down: false }, busy: false });
const heads = (shown: ReturnType<typeof table>): string[] => shown.findAll('thead .plain').map(words);
async function tick(shown: ReturnType<typeof table>, of: string, on: boolean): Promise<void> {
    const label = shown.findAll('.columns label').find((one) => words(one) === of);
    await label?.get('input').setValue(on);
    await nextTick();
}

beforeEach(() => {
    localStorage.clear();
});

it('columns are chosen, and stay chosen', async () => {
    const shown = table();
    expect(heads(shown).length).toBe(11);
    await tick(shown, 'steps', false);
    await tick(shown, 'sure', false);
    expect(heads(shown)).not.toContain('steps');
    // The wearer heads the row; the make has no name over it.
    expect(shown.findAll('tbody td').length).toBe(heads(shown).length);
    expect(heads(table()).length).toBe(9);
    await tick(shown, 'steps', true);
    expect(heads(shown)).toContain('steps');
});

it('on paper all of them stand, whatever is chosen', async () => {
    localStorage.setItem('underbolt.company.columns', '["bust"]');
    const shown = table();
    expect(heads(shown)).toEqual(['wearer ▴', 'bust']);
    window.dispatchEvent(new Event('beforeprint'));
    await nextTick();
    expect(heads(shown).length).toBe(11);
    window.dispatchEvent(new Event('afterprint'));
    await nextTick();
    expect(heads(shown).length).toBe(2);
});

it('what to watch and what to buy are told in short, the whole of it by a press', async () => {
    const shown = table();
    const [watch, buy] = shown.findAll('.in-short');
    expect(watch && words(watch)).toContain('Envelope not yours, 1 more');
    expect(buy && words(buy)).toContain('8-14, to get: 16-22, A: 230 cm of 150 cm');
    expect(words(shown)).not.toContain('in the other envelope.');
    await watch?.trigger('click');
    await buy?.trigger('click');
    expect(words(shown)).toContain('Size 16: in the other envelope.');
    expect(words(shown)).toContain('zip 55 cm');
});

it('cloth is told as it is bought, by its own words where it has some', () => {
    expect(words(show(NeedText, { need: need({ text: '2 1/2 yd' }) }))).toBe('A: 2 1/2 yd of 150 cm');
    expect(words(show(NeedText, { need: need({ view: null }) }))).toBe('230 cm of 150 cm');
});
