// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show } from '../../../tests/Front/show';
import type { Pattern, PatternDocument } from '../api/types';
import PiecesPart from './PiecesPart.vue';

const understood = (
    name: string,
    more: Partial<Pattern['pieces'][number]> = {},
): Pattern['pieces'][number] => ({
    name,
    line: `${name}, told`,
    follows: 'all_levels',
    layer: 'outer',
    side: 'front',
    seams: ['side', 'waist'],
    joins: 'plain',
    from: 'shoulder',
    to: 'waist',
    reach: [0, 2],
    on_fold: false,
    ...more,
});
const guide = {
    follows: [{ value: 'all_levels', label: 'every level' }],
    seams: [
        { value: 'side', label: 'side' },
        { value: 'hem', label: 'hem' },
    ],
};
const kept = {
    pieces: [understood('bodice front')],
    usual_pieces: [understood('front'), understood('back')],
};

function page(
    pieces: PatternDocument['pieces'],
    from: unknown = kept,
    faults: Map<string, string> = new Map(),
) {
    const document = { garment: 'dress', sizes: [], pieces } as unknown as PatternDocument;
    return show(PiecesPart, { guide, faults, unit: 'cm', kept: from, modelValue: document });
}
const sent = (shown: ReturnType<typeof page>): PatternDocument['pieces'] =>
    (shown.emitted('update:modelValue')?.at(-1)?.[0] as PatternDocument).pieces;

it('each piece is told and pictured as it is understood, once it is called so', () => {
    const shown = page([{ name: 'bodice front' }, { name: 'skirt' }]);
    const rows = shown.findAll('.piece-row');
    expect(rows[0]?.get('.line').text()).toBe('bodice front, told');
    expect(rows[0]?.get('svg').attributes('aria-label')).toBe('bodice front, told');
    expect(rows[1]?.find('svg').exists()).toBe(false);
});

it('what is put right is said in full, and wins over what the name proposes', async () => {
    const shown = page([{ name: 'bodice front' }]);
    await shown.get('.piece-row .link').trigger('click');
    const hem = shown.findAll('fieldset input')[1];
    await hem?.setValue(true);
    expect(sent(shown)?.[0]?.seams).toEqual([{ kind: 'side' }, { kind: 'waist' }, { kind: 'hem' }]);
    await shown.get('[aria-label="bodice front, sewn on"]').setValue('gathered');
    expect(sent(shown)?.[0]?.seams?.[1]).toEqual({ kind: 'waist', joins: 'gathered' });
    await shown.get('[aria-label="bodice front, to"]').setValue('hem');
    expect(sent(shown)?.[0]?.reaches).toEqual(['shoulder', 'hem']);
});

it('usual pieces are offered where none are listed, and go in by their names alone', async () => {
    const shown = page([]);
    const start = shown.findAll('button').find((button) => button.text().startsWith('Start with'));
    expect(start?.text()).toBe('Start with: front, back');
    await start?.trigger('click');
    expect(sent(shown)).toEqual([{ name: 'front' }, { name: 'back' }]);
});

it('what is wrong with a piece stands in its row, open or not, and beside its field where there is one', async () => {
    const faults = new Map([
        ['pattern.pieces[0].reaches', 'must run down the body'],
        ['pattern.pieces[0].times_lining', 'must be a whole number'],
        ['pattern.pieces[1].times', 'must be a whole number'],
    ]);
    const shown = page([{ name: 'bodice front' }, { name: 'skirt' }], kept, faults);
    const said = (row: number): string[] =>
        shown.findAll(`.piece-row:nth-child(${row + 1}) .fault`).map((one) => one.text());
    expect(said(0)).toEqual(['reaches: must run down the body', 'times lining: must be a whole number']);
    expect(said(1)).toEqual(['must be a whole number']);
    await shown.get('.piece-row .link').trigger('click');
    expect(said(0)).toEqual(['reaches: must run down the body', 'must be a whole number']);
});
