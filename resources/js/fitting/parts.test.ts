// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import type { Fitting } from '../api/types';
import FindingForm from './FindingForm.vue';
import OwnLines from './OwnLines.vue';
import TracingList from './TracingList.vue';
import TrialPart from './TrialPart.vue';
import VerdictPart from './VerdictPart.vue';

const page = (more: Partial<Fitting> = {}): Fitting => ({
    make_id: 1,
    version: 1,
    wearer: 'Tamsin',
    title: 'Gown',
    unit: 'cm',
    headline: '12 all the way.',
    document: {},
    findings: [],
    own_lines: [],
    verdict: {},
    changed_since: [],
    levels: [
        { level: 'bust', size: '12', ease: '8 cm', said_ease: null },
        { level: 'waist', size: '14', ease: null, said_ease: null },
    ],
    places: [
        { key: 'waist', words: 'waist' },
        { key: 'armhole', words: 'armhole' },
    ],
    deeds: [
        { key: 'take', words: 'take in' },
        { key: 'raise', words: 'raise' },
    ],
    all_pieces: ['front', 'back', 'sleeve', 'pocket'],
    pieces: [
        { place: 'waist', where: 'both', pieces: ['front', 'back'] },
        { place: 'armhole', where: 'both', pieces: ['sleeve'] },
    ],
    trials: [],
    ...more,
});

it('a finding is put together from words, with the pieces that join there', async () => {
    const form = show(FindingForm, { page: page(), tracing: 3, faultAt: () => null });
    expect(words(form)).toContain('Into tracing 3');
    await form.findAll('select')[0]?.setValue('armhole');
    await form.findAll('select')[1]?.setValue('raise');
    await form.find('input[type=text]').setValue(' 1/2 ');
    await form.trigger('submit');
    expect(told(form, 'record')).toEqual([
        {
            place: 'armhole',
            what: 'raise',
            amount: '1/2',
            where: 'both',
            pieces: ['sleeve'],
            note: '',
            done: [],
        },
    ]);
});

it('the place is pressed on the garment: what is usual there, its pieces, and both sides where both are pressed', async () => {
    const form = show(FindingForm, { page: page(), tracing: 3, faultAt: () => null });
    const press = (label: string): Promise<void> => form.get(`[aria-label="${label}"]`).trigger('click');
    await press('armhole, in front');
    expect(form.findAll('select').map((one) => (one.element as HTMLSelectElement).value)).toEqual([
        'armhole',
        'raise',
        'front',
    ]);
    await press('armhole, at the back');
    expect((form.findAll('select')[2]?.element as HTMLSelectElement).value).toBe('both');
    await form.find('input[type=text]').setValue('1');
    await form.findAll('details input').at(-1)?.setValue(true);
    await form.trigger('submit');
    expect(told(form, 'record')?.[0]).toMatchObject({
        place: 'armhole',
        what: 'raise',
        where: 'both',
        pieces: ['sleeve', 'pocket'],
    });
});

it('an amount that is refused is told at its field', () => {
    const form = show(FindingForm, {
        page: page(),
        tracing: 2,
        faultAt: (key: string) => (key === 'amount' ? 'Is no length.' : null),
    });
    expect(form.find('[role=alert]').text()).toBe('Is no length.');
});

it('every tracing says how it stands, and leads back or on', async () => {
    const document = {
        tracing: 2,
        tried: 1,
        findings: [{ place: 'waist', what: 'take', amount: '1', tracing: 2, pieces: ['front'], done: [] }],
    } as Fitting['document'];
    const findings = [{ words: 'Take in 1 cm', goes_into: 'line', stands: 'open' }] as Fitting['findings'];
    const list = show(TracingList, { page: page({ document, findings }) });
    expect(words(list)).toMatch(/Tracing 1 ?tried on ?Step back to 1/);
    expect(words(list)).toMatch(/Tracing 2 ?in hand ?Tried on/);
    expect(words(list)).toMatch(/Take in 1 cm ?in the line/);
    await list.find('input[type=checkbox]').trigger('change');
    expect(told(list, 'tick')).toEqual([0, 'front']);
    await list
        .findAll('button')
        .find((one) => one.text().startsWith('Step back'))
        ?.trigger('click');
    expect(told(list, 'take')).toEqual([1]);
    await list
        .findAll('button')
        .find((one) => one.text().startsWith('take back'))
        ?.trigger('click');
    expect(told(list, 'remove')).toEqual([0]);
});

it('an answer that is no leads to a finding', async () => {
    const trials: Fitting['trials'] = [
        {
            key: 'toile',
            words: 'Toile',
            how: 'Tack it.',
            questions: [{ key: 'pulls', words: 'Does it pull?', place: 'bust', what: 'add' }],
        },
    ];
    const asked = show(TrialPart, { trials, document: {} });
    expect(words(asked)).not.toContain('record what to do');
    await asked.findAll('input')[1]?.trigger('change');
    expect(told(asked, 'answer')).toEqual([{ toile: { pulls: false } }]);
    const answered = show(TrialPart, { trials, document: { trials: { toile: { pulls: false } } } });
    await answered.find('button').trigger('click');
    expect(told(answered, 'found')).toEqual([{ place: 'bust', what: 'add', note: '' }]);
});

it('a line of one’s own says what the paper lacks, and becomes a finding with one press', async () => {
    const own = page({
        document: { own_lines: [{ name: 'armhole', place: 'armhole', body: '40', paper: '38' }] },
        own_lines: [
            {
                name: 'armhole',
                words: 'The paper is 2 cm too small there.',
                amount: '2 cm',
                place: 'armhole',
                what: 'raise',
            },
        ],
    });
    const lines = show(OwnLines, { page: own, lines: own.document.own_lines, faultAt: () => null });
    expect(words(lines)).toContain('The paper is 2 cm too small there.');
    expect(words(lines)).not.toContain('+ armhole');
    await lines
        .findAll('button')
        .find((one) => one.text() === 'note it as a change')
        ?.trigger('click');
    expect(told(lines, 'found')).toEqual([
        {
            place: 'armhole',
            what: 'raise',
            amount: '2 cm',
            note: 'armhole: The paper is 2 cm too small there.',
        },
    ]);
    await lines.find('[aria-label="armhole, on you"]').setValue('41');
    expect(told(lines, 'change')).toEqual([[{ name: 'armhole', place: 'armhole', body: '41', paper: '38' }]]);
});

it('a verdict takes the sizes and the ease of today along', async () => {
    const verdict = show(VerdictPart, { page: page(), today: '2026-11-26', fault: null });
    expect(words(verdict)).toContain('cut in 12, 8 cm of room');
    await verdict.find('input[value=right]').setValue();
    await verdict.findAll('button').at(-1)?.trigger('click');
    expect(told(verdict, 'judge')).toEqual([
        {
            day: '2026-11-26',
            levels: { bust: 'right' },
            ease: { bust: '8 cm' },
            sizes: { bust: '12', waist: '14' },
            note: '',
            again: null,
        },
    ]);
});

it('a verdict of a garment that was cut otherwise stays with it, until it is judged as it is now', async () => {
    const said = {
        day: '2026-10-01',
        levels: { bust: 'right' as const },
        ease: { bust: '10 cm' },
        sizes: { bust: '14', waist: '14' },
    };
    const verdict = show(VerdictPart, {
        page: page({
            verdict: said,
            changed_since: ['bust 14, now 12'],
            levels: [
                { level: 'bust', size: '12', ease: '8 cm', said_ease: '10 cm' },
                { level: 'waist', size: '14', ease: null, said_ease: null },
            ],
        }),
        today: '2026-11-26',
        fault: null,
    });
    expect(words(verdict)).toContain('The make was changed since: bust 14, now 12.');
    expect(words(verdict)).toContain('cut in 14, 10 cm of room');
    await verdict.findAll('button').at(-1)?.trigger('click');
    expect(told(verdict, 'judge')).toEqual([{ ...said, note: '', again: null }]);

    await verdict.find('button.link').trigger('click');
    expect(words(verdict)).toContain('cut in 12, 8 cm of room');
    await verdict.findAll('button').at(-1)?.trigger('click');
    expect(told(verdict, 'judge')?.[0]).toMatchObject({
        day: '2026-11-26',
        ease: { bust: '8 cm' },
        sizes: { bust: '12', waist: '14' },
    });
});

it('a figure typed while inches are shown is one of inches, whatever the make is kept in', async () => {
    const form = show(FindingForm, { page: page(), tracing: 2, faultAt: () => null }, 'in');
    expect(words(form)).toContain('How much, in');
    await form.find('input[type=text]').setValue('2');
    await form.trigger('submit');
    expect(told(form, 'record')).toMatchObject([{ amount: '2 in' }]);
});
