import type { PatternDocument } from '../api/types';

interface Part {
    value: string;
    label: string;
    /** Which faults are its own; those of the charts are marked in the chart. */
    faults: RegExp | null;
    /** What is said where nothing is typed into it; null where it is open all the same. */
    none: string | null;
    has: (document: PatternDocument) => boolean;
}

const some = (list: readonly unknown[] | null | undefined): boolean => (list ?? []).length > 0;
const anyKey = (object: object | null | undefined): boolean => Object.keys(object ?? {}).length > 0;

/** The parts of a pattern's page, in the order in which an envelope is read. */
const parts = [
    { value: 'charts', label: 'Charts', faults: null, none: null, has: () => true },
    {
        value: 'envelopes',
        label: 'Envelopes',
        faults: /^pattern\.ranges/,
        none: 'one, with all sizes',
        has: ({ ranges, chart_means, between }) => some(ranges) || Boolean(chart_means) || Boolean(between),
    },
    {
        value: 'cups',
        label: 'Cups',
        faults: /^pattern\.cups(\.table|\.by_range)/,
        none: 'none',
        has: ({ cups }) => anyKey(cups),
    },
    {
        value: 'views',
        label: 'Views and fits',
        faults: null,
        none: 'one view, one fit',
        has: ({ views, fits, finished_by }) => some(views) || some(fits) || some(finished_by),
    },
    {
        value: 'tissue',
        label: 'Tissue',
        faults: /^pattern\.flat_checks/,
        none: 'not measured',
        has: ({ flat_checks }) => anyKey(flat_checks),
    },
    {
        value: 'levels',
        label: 'Levels and lengths',
        faults: /^pattern\.(seam|levels|lengthen)/,
        none: null,
        has: () => true,
    },
    {
        value: 'pieces',
        label: 'Pieces',
        faults: /^pattern\.pieces/,
        none: 'not listed yet',
        has: ({ pieces }) => some(pieces),
    },
    {
        value: 'cloth',
        label: 'Cloth and notions',
        faults: /^pattern\.(fabric_needs|notions)/,
        none: 'no amounts',
        has: ({ fabric_needs, notions, cloths, files }) =>
            some(fabric_needs) || some(notions) || some(files) || Boolean(cloths),
    },
    { value: 'house', label: 'House', faults: null, none: 'its habits', has: () => false },
] as const satisfies readonly Part[];

export type PartName = (typeof parts)[number]['value'];

export interface PartState {
    value: PartName;
    label: string;
    /** Whether something in it is to be mended. */
    atFault: boolean;
    /** What is said of it in one quiet line; null where it is open. */
    quiet: string | null;
}

/** The part that an address such as `#cups` names; null where it names none. */
export function partNamed(hash: string): PartName | null {
    return parts.find(({ value }) => `#${value}` === hash)?.value ?? null;
}

/** Every part as it stands: open where something is typed into it, or is to be mended, or where it was asked for. */
export function partsOf(
    document: PatternDocument,
    faults: readonly string[],
    asked: ReadonlySet<PartName>,
): PartState[] {
    return parts.map((part: Part & { value: PartName }) => {
        const atFault = part.faults !== null && faults.some((field) => part.faults?.test(field));
        const isOpen = atFault || asked.has(part.value) || part.has(document);
        return { value: part.value, label: part.label, atFault, quiet: isOpen ? null : part.none };
    });
}

const NEEDED = { underarm_to_waist: 'underarm to waist', waist_to_hip: 'waist to hip' } as const;

const FROM_THE_WAIST = ['skirt', 'trousers'];

/** What begins at the waist has no way down to it. */
export const isFromWaist = ({ garment }: PatternDocument): boolean => FROM_THE_WAIST.includes(garment ?? '');

/** What the new side seam can't be drawn without, and isn't typed yet. */
export function lacksOf(document: PatternDocument): string[] {
    return (Object.keys(NEEDED) as (keyof typeof NEEDED)[])
        .filter(
            (key) =>
                (document.seam[key] ?? '') === '' && !(isFromWaist(document) && key === 'underarm_to_waist'),
        )
        .map((key) => NEEDED[key]);
}
