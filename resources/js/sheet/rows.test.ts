import { expect, it } from 'vitest';
import { rowsNamed, sheetRows } from './rows';

const named = (labels: string[]): string[] =>
    rowsNamed(labels).map((row) => {
        const place = row === null ? undefined : sheetRows[row];
        if (place === undefined) return '–';
        return place === 'sizes' ? 'sizes' : `${place.chart}.${place.key}`;
    });

it('rows are found by their usual names', () => {
    expect(named(['', 'Hips', 'Bust (cm)', 'Waist:', 'Upper bust'])).toEqual([
        'sizes',
        'body_chart.hip',
        'body_chart.full_bust',
        'body_chart.waist',
        'body_chart.high_bust',
    ]);
});

it('a point that comes again, or after the word finished, is the garment’s', () => {
    expect(named(['Size', 'Bust', 'Bust', 'Waist'])).toEqual([
        'sizes',
        'body_chart.full_bust',
        'finished.full_bust',
        'body_chart.waist',
    ]);
    expect(named(['Bust', 'Finished waist', 'Hip'])).toEqual([
        'body_chart.full_bust',
        'finished.waist',
        'finished.hip',
    ]);
});

it('a name that is not known for sure means no row', () => {
    expect(named(['High hip', 'Waist to hip', 'Back length', 'Finished high bust'])).toEqual([
        '–',
        '–',
        '–',
        '–',
    ]);
});
