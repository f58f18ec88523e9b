// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { describe, expect, it, vi } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import type { Bench, CompanyHead, CompanyLine, CompanyRow, CompanySums, Plan } from '../api/types';
import CompanyTable from './CompanyTable.vue';
import CompareLines from './CompareLines.vue';
import OwnChoices from './OwnChoices.vue';
import SumsPart from './SumsPart.vue';
import WearerPicker from './WearerPicker.vue';
import { commonLevel, compared, printedRows, standing } from './compare';
import { shown, type Column } from './order';
import { readLines } from '../api/readLines';
import { Refused } from '../api/client';
import { useCompany, type CompanyServer, type KeptCompany } from './useCompany';

const row = (wearer: string, part: Partial<CompanyRow> = {}): CompanyRow =>
    ({
        wearer_id: wearer.length,
        wearer,
        card_id: 1,
        card_age_days: 9,
        is_card_old: false,
        make_id: null,
        exception: {},
        refused: null,
        headline: '12 all the way.',
        sizes: [{ level: 'waist', size: '12', place: 2 }],
        frame: null,
        adjustment: null,
        steps: [0],
        drawn_in: [],
        worst: null,
        cautions: 0,
        sure: 'firm',
        sure_of: 'waist',
        is_outside: false,
        envelopes: ['small'],
        to_get: [],
        needs: [],
        receipt: [],
        cost: 0,
        ...part,
    }) as CompanyRow;

const rows = [
    row('Cai', { sizes: [{ level: 'waist', size: '8', place: 0 }], adjustment: 'full, 5 cm', steps: [3] }),
    row('Ana', { sizes: [{ level: 'waist', size: '16', place: 4 }], is_outside: true, cautions: 1 }),
    row('Beatrice', {
        headline: null,
        sizes: [],
        sure: null,
        refused: 'Not measured yet.',
        is_card_old: true,
    }),
];
const names = (
    filter: 'all' | 'adjusted' | 'outside' | 'old' | 'unplanned',
    column: Column = 'wearer',
    down = false,
) => shown(rows, filter, '', { column, down }).map(({ wearer }) => wearer);

describe('the order of a company sheet', () => {
    it('sorts by any column, both ways, those without the figure last', () => {
        expect(names('all')).toEqual(['Ana', 'Beatrice', 'Cai']);
        expect(names('all', 'wearer', true)).toEqual(['Cai', 'Beatrice', 'Ana']);
        expect(names('all', 'waist')).toEqual(['Cai', 'Ana', 'Beatrice']);
        expect(names('all', 'waist', true)).toEqual(['Ana', 'Cai', 'Beatrice']);
        expect(names('all', 'steps', true)).toEqual(['Cai', 'Ana', 'Beatrice']);
        expect(names('all', 'worst', true)).toEqual(['Ana', 'Cai', 'Beatrice']);
    });

    it('shows those who are asked for, and those of a name', () => {
        expect(names('adjusted')).toEqual(['Cai']);
        expect(names('outside')).toEqual(['Ana']);
        expect(names('old')).toEqual(['Beatrice']);
        expect(names('unplanned')).toEqual(['Beatrice']);
        expect(
            shown(rows, 'all', ' AN', { column: 'wearer', down: false }).map(({ wearer }) => wearer),
        ).toEqual(['Ana']);
    });
});

describe('an answer line by line', () => {
    const stream = (...chunks: string[]): ReadableStream<Uint8Array> =>
        new ReadableStream({
            start(controller) {
                for (const chunk of chunks) controller.enqueue(new TextEncoder().encode(chunk));
                controller.close();
            },
        });

    it('is parsed as its lines are whole, wherever it was cut', async () => {
        const found: unknown[] = [];
        for await (const line of readLines(stream('{"a":1}\n{"b', '":"ü', '"}\n', '{"c":3}')))
            found.push(line);
        expect(found).toEqual([{ a: 1 }, { b: 'ü' }, { c: 3 }]);
    });
});

const head = {
    pattern: 'Dress',
    views: ['A'],
    fits: [],
    wearers: [{ id: 3, name: 'Ana' }],
    picked: null,
    choices: {},
    exceptions: {},
    unit: 'cm',
    version: 1,
} as unknown as CompanyHead;
const sums = {
    planned: 2,
    sizes: [{ size: '8', bust: 0, waist: 1, hip: 2 }],
    envelopes: [{ name: 'large', wearers: 1, to_get: true }],
    cloth: [{ name: 'linen', view: null, width_nm: 1_500_000_000, amount: '3.2 m', wearers: 2, unknown: 1 }],
    notions: [],
} as CompanySums;

const kept = (before: CompanyHead, now: KeptCompany, version: number): CompanyHead => ({
    ...before,
    picked: now.wearers,
    choices: now.choices,
    exceptions: now.exceptions,
    version,
});

function open(part: Partial<CompanyServer> = {}) {
    const server = {
        lines: vi.fn(async () =>
            (async function* () {
                await Promise.resolve();
                yield { head, row: null, sums: null } as CompanyLine;
                for (const one of rows) yield { head: null, row: one, sums: null } as CompanyLine;
                yield { head: null, row: null, sums } as CompanyLine;
            })(),
        ),
        keep: vi.fn((now: KeptCompany, version: number) => Promise.resolve(kept(head, now, version + 1))),
        begin: vi.fn((wearer: number) => Promise.resolve(wearer + 100)),
        putAway: vi.fn(() => Promise.resolve()),
        ...part,
    };
    return { server, sheet: useCompany(server) };
}

describe('a company sheet', () => {
    it('shows its rows as they arrive, and the sums with the last', async () => {
        const { sheet } = open();
        const loading = sheet.load();
        expect(sheet.reading.value).toBe(true);
        await loading;
        expect([sheet.rows.value.length, sheet.sums.value?.planned, sheet.reading.value]).toEqual([
            3,
            2,
            false,
        ]);
    });

    it('keeps a choice for all, one’s own and who is on it, each with what stands, and plans anew', async () => {
        const { server, sheet } = open();
        await sheet.load();
        await sheet.keep({ choices: { ease: 'chart' } });
        expect(server.keep).toHaveBeenLastCalledWith(
            { wearers: null, choices: { ease: 'chart' }, exceptions: {} },
            1,
        );
        await sheet.except(3, { pick: 'level' });
        expect(server.keep).toHaveBeenLastCalledWith(
            { wearers: null, choices: {}, exceptions: { 3: { pick: 'level' } } },
            1,
        );
        await sheet.keep({ wearers: [3] });
        expect(server.lines).toHaveBeenCalledTimes(4);
    });

    it('leaves a choice that could not be kept where it was made, and says why', async () => {
        const { sheet } = open({ keep: () => Promise.reject(new Error('No.')) });
        await sheet.load();
        await sheet.keep({ choices: { ease: 'chart' } });
        expect([sheet.head.value?.choices, sheet.refused.value?.message]).toEqual([{ ease: 'chart' }, 'No.']);
    });

    it('puts a choice together with one made elsewhere meanwhile; where both clash it is asked', async () => {
        const sent: [KeptCompany, number][] = [];
        let stands = { ...head, version: 5, choices: { pick: 'level' } } as CompanyHead;
        const keep = (now: KeptCompany, version: number): Promise<CompanyHead> => {
            sent.push([now, version]);
            if (version !== stands.version)
                return Promise.reject(new Refused(409, 'Changed.', {}, { head: stands }));
            stands = kept(stands, now, version + 1);
            return Promise.resolve(stands);
        };
        const { sheet } = open({ keep });
        await sheet.load();
        await sheet.keep({ choices: { ease: 'chart' } });
        expect(sent.at(-1)).toEqual([
            { wearers: null, choices: { pick: 'level', ease: 'chart' }, exceptions: {} },
            5,
        ]);
        await sheet.keep({ choices: { ease: 'liked' } });
        expect(sheet.clashes.value.map(({ path }) => path.join('.'))).toEqual(['choices.ease']);
        await sheet.settle('meanwhile');
        expect(sent.at(-1)?.[0].choices).toEqual({ pick: 'level', ease: 'chart' });
    });

    it('begins the makes still missing, and puts them away again', async () => {
        const { server, sheet } = open();
        await sheet.load();
        expect(sheet.waiting.value.map(({ wearer }) => wearer)).toEqual(['Cai', 'Ana']);
        await sheet.makeAll();
        expect([sheet.begun.value, sheet.progress.value]).toEqual([[103, 103], null]);
        await sheet.undo();
        expect(server.putAway).toHaveBeenCalledTimes(2);
        expect(sheet.begun.value).toEqual([]);
    });
});

it('a row says what waits, what stops a cut, and what is to get; the head of its column sorts', async () => {
    const stops = row('Dee', {
        worst: {
            code: 'x',
            level: null,
            text: 'Too large.',
            short: 'Waist: above range',
            stops: true,
            mended_by: null,
        },
        cautions: 3,
        to_get: ['large'],
        make_id: 7,
    });
    const table = show(CompanyTable, {
        head,
        rows: [...rows, stops],
        order: { column: 'waist', down: false },
        busy: false,
    });
    const lines = table.findAll('tbody tr').map(words);
    expect(lines[2]).toContain('Waits: Not measured yet.');
    expect(lines[3]).toContain('Before you cut: ! Waist: above range, 2 more');
    expect(lines[3]).toContain('to get: large');
    expect(table.findAll('[aria-sort=ascending] button').map(words)).toEqual(['waist ▴']);
    await table.findAll('thead button')[2]?.trigger('click');
    expect(table.emitted('sort')?.[0]).toEqual([{ column: 'waist', down: true }]);
    await flushPromises();
});

it('the sums say how many of each, and what is not printed', () => {
    const part = show(SumsPart, { sums });
    expect(part.findAll('tbody tr > *').map(words)).toEqual(['8', '–', '1', '2']);
    expect(words(part)).toContain('large: 1 to get');
    expect(words(part)).toContain('3.2 m for 2, 1 of them not printed');
});

const plan = (size: string, asCut: number, depth = 200): Plan =>
    ({
        sizes: [size],
        short_sizes: [size],
        levels: [
            {
                level: 'waist',
                size,
                chart: { size: '12' },
                as_cut_nm: asCut,
                ease_as_cut_nm: 50_000_000,
                notches: [
                    {
                        size: '12',
                        chart_nm: 740_000_000,
                        chart_from_nm: null,
                        chart_to_nm: null,
                        finished_nm: null,
                    },
                    {
                        size: '14',
                        chart_nm: 790_000_000,
                        chart_from_nm: 780_000_000,
                        chart_to_nm: 800_000_000,
                        finished_nm: 850_000_000,
                    },
                ],
            },
        ],
        stations: [{ level: 'waist', depth_nm: depth }],
        bust_waist: null,
        waist_hip: { sizes: 2 },
        bust_adjustment: null,
        above_waist_nm: -10_000_000,
        below_waist_nm: null,
        cautions: [],
        drawing: {
            front: [
                {
                    top_nm: 0,
                    end_nm: 400,
                    out_at_top_nm: 10,
                    out_at_end_nm: 10,
                    slope_at_top: 0,
                    slope_at_end: 0,
                },
            ],
        },
    }) as unknown as Plan;
const bench = (wearer: string, of: Plan | null): Bench =>
    ({
        make: { wearer, pattern: 'Dress', card_taken_on: '2026-11-17', card_foundation: '', choices: {} },
        plan: of,
        refused: of === null ? { message: '', errors: { body: ['Measure the waist.'] } } : null,
    }) as unknown as Bench;

describe('makes side by side', () => {
    it('say in each row what they say, and where they differ', () => {
        const found = compared(
            [bench('Ana', plan('12', 900_000_000)), bench('Bea', plan('14', 900_000_000))],
            'cm',
        );
        const at = (what: string) => found.find((one) => one.what === what);
        expect(at('wearer')).toEqual({ what: 'wearer', says: ['Ana', 'Bea'], differs: true });
        expect(at('waist, cut along')?.says).toEqual(['12', '14']);
        expect(at('waist, finished as cut')).toEqual({
            what: 'waist, finished as cut',
            says: ['90 cm', '90 cm'],
            differs: false,
        });
        expect(at('above the waist')?.says[0]).toBe('shorten 1 cm');
        // What neither has is no row.
        expect(at('hip, cut along')).toBeUndefined();
        expect(
            compared([bench('Ana', null), bench('Bea', plan('14', 1))], 'cm').find(
                (one) => one.what === 'no plan',
            )?.says,
        ).toEqual(['Measure the waist.', '–']);
    });

    it('show their charts row by row, with the body chart and what is cut', () => {
        const rows = printedRows([plan('14', 1), null], 'cm');
        expect(rows.map(({ what }) => what)).toEqual(['waist, body chart', 'waist, finished']);
        expect(rows[0]?.of).toEqual([
            {
                cells: [
                    { size: '12', says: '74', isChart: true, isCut: false },
                    { size: '14', says: '78–80', isChart: false, isCut: true },
                ],
            },
            null,
        ]);
        expect(rows[1]?.of[0]?.cells.map(({ says }) => says)).toEqual(['85']);
    });

    it('tell what each edge gets, and nothing of what is left as it is', () => {
        const at = (take: string): Bench => {
            const one = plan('12', 900_000_000);
            const levels = one.levels.map((level) => ({ ...level, take, per_edge_nm: 5_000_000 }));
            return bench('Ana', { ...one, levels } as Plan);
        };
        const found = compared([at('in_line'), at('leave')], 'cm');
        expect(found.find(({ what }) => what === 'waist, at each side edge')?.says).toEqual([
            '0.5 cm in',
            '–',
        ]);
    });

    it('show a chart that is printed twice alike once', () => {
        const rows = printedRows([plan('14', 1), plan('14', 1)], 'cm');
        expect(rows.map(({ of }) => of[1])).toEqual([
            { cells: [], like: 0 },
            { cells: [], like: 0 },
        ]);
    });

    it('tell their cautions as a list', () => {
        const warned = { ...plan('12', 1), cautions: [{ text: 'One.' }, { text: 'Two.' }] } as Plan;
        const found = compared([bench('Ana', warned), bench('Bea', plan('12', 1))], 'cm');
        expect(found.find(({ what }) => what === 'cautions')?.says).toEqual([['One.', 'Two.'], 'none']);
    });

    it('are laid over one another where all of them have a line and a finished girth', () => {
        expect(standing(plan('12', 80), 'waist')).toEqual({ depth: 200, out: 80 / 4 - 10 });
        expect(commonLevel([plan('12', 80), plan('14', 90)])).toBe('waist');
        expect(commonLevel([plan('12', 80), plan('14', 90, 900)])).toBeNull();
    });
});

describe('who is on the sheet, and who chooses otherwise', () => {
    const company = { ...head, wearers: [...head.wearers, { id: 4, name: 'Bea' }] } as CompanyHead;

    it('is picked one by one, all or nobody; all together are all', async () => {
        const picker = show(WearerPicker, { head: company });
        await picker.get('.who').trigger('click');
        const boxes = picker.findAll('input');
        expect(boxes.map((box) => (box.element as HTMLInputElement).checked)).toEqual([true, true]);
        await boxes[1]?.trigger('change');
        expect(told(picker, 'pick')).toEqual([[3]]);
        await picker.setProps({ head: { ...company, picked: [3] } });
        expect(words(picker.get('.who'))).toBe('1 of 2');
        await picker.findAll('input')[1]?.trigger('change');
        expect(told(picker, 'pick')).toEqual([null]);
        await picker.findAll('.picker .link')[1]?.trigger('click');
        expect(told(picker, 'pick')).toEqual([[]]);
    });

    it('is told in words, changed one by one, and taken back whole', async () => {
        const own = show(OwnChoices, { head: company, wearer: 'Ana', own: { pick: 'level' } });
        expect([words(own.get('small')), words(own.get('.link'))]).toEqual(['level by level', 'change']);
        await own.get('.link').trigger('click');
        await flushPromises();
        const [view, ease, pick] = own.findAll('select');
        await view?.setValue('A');
        expect(told(own, 'change')).toEqual([{ pick: 'level', view: 'A' }]);
        await ease?.setValue('chart');
        expect(told(own, 'change')).toEqual([{ pick: 'level', ease: 'chart' }]);
        // What is again as for all is no exception.
        await pick?.setValue('');
        expect(told(own, 'change')).toEqual([null]);
    });
});

it('lines are drawn each by its letter, or it is said why they can’t be', () => {
    const drawn = show(CompareLines, { plans: [plan('12', 80), plan('14', 90)], names: ['Ana', 'Bea'] });
    expect(drawn.findAll('text').map(words)).toEqual(['A', 'B']);
    expect(drawn.get('svg').attributes('aria-label')).toBe(
        'The lines to cut of Ana, Bea, laid over one another at the waist',
    );
    const apart = show(CompareLines, { plans: [plan('12', 80), plan('14', 90, 900)], names: ['Ana', 'Bea'] });
    expect(words(apart)).toContain('can’t be laid over one another');
});
