import type { PatternDocument, Unit } from '../api/types';
import { emptyDocument } from '../charts/grid';

/** What somebody new has typed so far. */
export interface Begun {
    pattern: string;
    /** Of the chart; null while there is none. */
    unit: Unit | null;
    document: PatternDocument;
    wearer: string;
    /** By point. */
    readings: Record<string, string>;
}

export const begun = (): Begun => ({
    pattern: '',
    unit: null,
    document: emptyDocument(),
    wearer: '',
    readings: {},
});

const girths = [
    { code: 'full_bust', label: 'Bust', row: 'full_bust' },
    { code: 'waist', label: 'Waist', row: 'waist' },
    { code: 'hip', label: 'Hip', row: 'hip' },
    { code: 'high_bust', label: 'High bust', row: 'high_bust' },
    { code: 'cross_front', label: 'Front width', row: 'cross_front' },
    { code: 'bicep', label: 'Upper arm', row: 'bicep' },
] as const;
const ALWAYS: readonly string[] = ['full_bust', 'waist', 'hip'];

/** The points that the chart asks for, bust, waist and hip while there is none. */
export function wanted({
    sizes,
    body_chart: chart,
    cups,
}: PatternDocument): readonly (typeof girths)[number][] {
    const has = (row: keyof PatternDocument['body_chart']): boolean =>
        (chart[row] ?? []).some((cell) => (cell ?? '') !== '');
    return girths.filter(
        ({ code, row }) =>
            (sizes.length === 0 ? ALWAYS.includes(code) : has(row)) ||
            (code === 'full_bust' && Object.keys(cups?.body_chart ?? {}).length > 0) ||
            (code === 'high_bust' && Object.keys(cups ?? {}).length > 0),
    );
}

/** What was typed of them. */
export const readingsOf = (typed: Record<string, string>): Record<string, string> =>
    Object.fromEntries(Object.entries(typed).filter(([, text]) => text.trim() !== ''));
