import type { PatternDocument, Unit } from '../api/types';

export type FrontWidths = Record<string, string>;

const row = (document: PatternDocument): (string | null)[] => document.body_chart.cross_front ?? [];

/** The front widths of a pattern by the names of its sizes, each with its unit; null where it prints none. */
export function frontWidthsOf(document: PatternDocument, unit: Unit): FrontWidths | null {
    const widths = row(document).flatMap((width, size) => {
        const name = document.sizes[size];
        if (width === null || width.trim() === '' || !name) return [];
        return [[name, /[a-z"″]/i.test(width) ? width : `${width} ${unit}`] as const];
    });
    return widths.length === 0 ? null : Object.fromEntries(widths);
}

/** The sizes of a pattern for which its house's front widths are known, while it has none of its own. */
export function offeredWidths(document: PatternDocument, widths: FrontWidths | null | undefined): string[] {
    if (row(document).some((width) => width !== null && width !== '')) return [];
    return document.sizes.filter((size) => size !== '' && widths?.[size] !== undefined);
}

export function withFrontWidths(document: PatternDocument, widths: FrontWidths): PatternDocument {
    const crossFront = document.sizes.map((size) => widths[size] ?? null);
    return { ...document, body_chart: { ...document.body_chart, cross_front: crossFront } };
}
