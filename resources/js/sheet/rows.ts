import type { LevelName } from '../api/types';

/** A row of the sheet: which chart it belongs to and what the make file calls it. */
export interface SheetRow {
    chart: 'body_chart' | 'finished';
    key: string;
    name: string;
}

export const bodyRows: SheetRow[] = [
    { chart: 'body_chart', key: 'full_bust', name: 'Bust' },
    { chart: 'body_chart', key: 'waist', name: 'Waist' },
    { chart: 'body_chart', key: 'hip', name: 'Hip' },
    { chart: 'body_chart', key: 'high_bust', name: 'High bust' },
];

export const finishedRows: SheetRow[] = [
    { chart: 'finished', key: 'full_bust', name: 'Bust' },
    { chart: 'finished', key: 'waist', name: 'Waist' },
    { chart: 'finished', key: 'hip', name: 'Hip' },
];

export const levels: { name: LevelName; title: string }[] = [
    { name: 'bust', title: 'Bust' },
    { name: 'waist', title: 'Waist' },
    { name: 'hip', title: 'Hip' },
];

/** Row 0 of the sheet is the sizes; the charts follow in order. */
export const sheetRows: (SheetRow | 'sizes')[] = ['sizes', ...bodyRows, ...finishedRows];

const points = new Map([
    ['bust', 'full_bust'],
    ['chest', 'full_bust'],
    ['high bust', 'high_bust'],
    ['upper bust', 'high_bust'],
    ['waist', 'waist'],
    ['hip', 'hip'],
    ['hips', 'hip'],
]);

/**
 * The rows of the sheet that pasted labels mean; null where none is meant for sure. A point that stands a
 * second time, or after the word finished, is the finished garment's.
 */
export function rowsNamed(labels: string[]): (number | null)[] {
    const seen = new Set<string>();
    let finished = false;
    return labels.map((label) => {
        const words = label.toLowerCase();
        if (words === '' || /^sizes?$/.test(words)) return 0;
        finished ||= /finished|garment/.test(words);
        const point = points.get(
            words
                .replace(/finished|garment|body|girth|full|measurements?|\(.*\)|[:,]/g, '')
                .replace(/\s+/g, ' ')
                .trim(),
        );
        if (point === undefined) return null;
        const chart = finished || seen.has(point) ? 'finished' : 'body_chart';
        seen.add(point);
        const row = sheetRows.findIndex((r) => r !== 'sizes' && r.chart === chart && r.key === point);
        return row < 0 ? null : row;
    });
}
