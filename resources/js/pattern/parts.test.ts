import { expect, it } from 'vitest';
import type { PatternDocument } from '../api/types';
import { lacksOf, partNamed, partsOf } from './parts';

const bare = {
    sizes: ['8'],
    body_chart: {},
    finished: {},
    fabric: {},
    levels: {},
    seam: {},
} as PatternDocument;
const open = (document: PatternDocument, faults: string[] = [], asked: string[] = []): string[] =>
    partsOf(document, faults, new Set(asked as never)).flatMap(({ value, quiet }) =>
        quiet === null ? [value] : [],
    );

it('what is not printed is one quiet line, what is stands open', () => {
    expect(open(bare)).toEqual(['charts', 'levels']);
    expect(partsOf(bare, [], new Set()).find(({ value }) => value === 'cups')?.quiet).toBe('none');
    expect(
        open({ ...bare, cups: { measure: 'high_bust_difference' }, notions: [{ name: 'zip', by_size: [] }] }),
    ).toEqual(['charts', 'cups', 'levels', 'cloth']);
});

it('a part that is asked for, or has something to mend, opens too', () => {
    expect(open(bare, [], ['house'])).toEqual(['charts', 'levels', 'house']);
    expect(open(bare, ['pattern.cups.by_range.small.table[0].to'])).toContain('cups');
    const marked = (field: string): string[] =>
        partsOf(bare, [field], new Set()).flatMap(({ value, atFault }) => (atFault ? [value] : []));
    expect(marked('pattern.cups.body_chart.C[1]')).toEqual([]);
    expect(marked('pattern.fabric_needs[0].width')).toEqual(['cloth']);
});

it('an address names a part or none, and what the blend lacks is told', () => {
    expect([partNamed('#cups'), partNamed(''), partNamed('#nothing')]).toEqual(['cups', null, null]);
    expect(lacksOf(bare)).toEqual(['underarm to waist', 'waist to hip']);
    expect(lacksOf({ ...bare, garment: 'skirt' })).toEqual(['waist to hip']);
    expect(lacksOf({ ...bare, seam: { underarm_to_waist: '20', waist_to_hip: '' } })).toEqual([
        'waist to hip',
    ]);
});
