import { expect, it } from 'vitest';
import type { PatternDocument } from '../api/types';
import { partNamed, partsOf } from './parts';

const bare = {
    sizes: ['8'],
    body_chart: {},
    finished: {},
    fabric: {},
    levels: {},
    seam: {},
} as PatternDocument;
const stateOf = (document: PatternDocument, name: string, faults: string[] = []): string | undefined =>
    partsOf(document, faults).find((part) => part.name === name)?.state;

it('a door says what is behind it in a few words', () => {
    expect(partsOf(bare, []).map(({ state }) => state)).toEqual([
        'needs underarm to waist, waist to hip',
        'one, with all sizes',
        'none',
        'one of each',
        'not measured',
        'not listed yet',
        'no amounts',
        'its habits',
    ]);
    const ranges = [
        { name: 'small', sizes: ['8'] },
        { name: 'large', sizes: ['20'], owned: false },
    ];
    expect(stateOf({ ...bare, ranges }, 'envelopes')).toBe('2, 1 owned');
    const seam = { underarm_to_waist: '20.5', waist_to_hip: '20', hip_to_hem: '45' };
    expect(stateOf({ ...bare, seam }, 'levels')).toBe('20.5, 20, 45');
    expect(stateOf({ ...bare, seam: { ...seam, guessed: ['waist_to_hip'] } }, 'levels')).toBe(
        '20.5, 20, 45, not measured yet',
    );
    expect(stateOf({ ...bare, cups: { measure: 'high_bust_difference' } }, 'cups')).toBe('the usual rule');
});

it('what has something to mend says so at its door, and what is empty is not printed', () => {
    expect(stateOf(bare, 'cups', ['pattern.cups.by_range.small.table[0].to'])).toBe('to mend');
    const marked = (field: string): string[] =>
        partsOf(bare, [field]).flatMap(({ name, toMend }) => (toMend ? [name] : []));
    expect(marked('pattern.cups.body_chart.C[1]')).toEqual([]);
    expect(marked('pattern.fabric_needs[0].width')).toEqual(['cloth']);
    const printed = (document: PatternDocument): string[] =>
        partsOf(document, []).flatMap(({ name, isPrinted }) => (isPrinted ? [name] : []));
    expect(printed(bare)).toEqual(['levels']);
    expect(printed({ ...bare, notions: [{ name: 'zip', by_size: [] }] })).toEqual(['levels', 'cloth']);
});

it('an address names a part or none', () => {
    expect([partNamed('#cups'), partNamed(''), partNamed('#nothing')]).toEqual(['cups', null, null]);
});
