import { expect, it } from 'vitest';
import { begun, readingsOf, wanted } from './begin';

const points = (part: object): string[] => wanted({ ...begun().document, ...part }).map(({ code }) => code);

it('the chart says which points are asked for', () => {
    expect(points({})).toEqual(['full_bust', 'waist', 'hip']);
    expect(points({ sizes: ['8'], body_chart: { waist: ['66'], hip: ['91'], bicep: [null] } })).toEqual([
        'waist',
        'hip',
    ]);
    const cups = { body_chart: { B: ['84'] } };
    expect(points({ sizes: ['8'], body_chart: { waist: ['66'] }, cups })).toEqual([
        'full_bust',
        'waist',
        'high_bust',
    ]);
});

it('what is left empty is no reading', () => {
    expect(readingsOf({ waist: '80', hip: ' ', full_bust: '' })).toEqual({ waist: '80' });
});
