/** The parts of a pattern's page, and which faults are theirs; those of the charts are marked in the sheet. */
const parts = [
    { value: 'charts', label: 'Charts', faults: null },
    { value: 'envelopes', label: 'Envelopes', faults: /^pattern\.ranges/ },
    { value: 'cups', label: 'Cups', faults: /^pattern\.cups(\.table|\.by_range)/ },
    { value: 'views', label: 'Views and fits', faults: null },
    { value: 'tissue', label: 'Tissue', faults: /^pattern\.flat_checks/ },
    { value: 'levels', label: 'Levels and lengths', faults: /^pattern\.(seam|levels|lengthen)/ },
    { value: 'pieces', label: 'Pieces', faults: /^pattern\.pieces/ },
    { value: 'cloth', label: 'Cloth and notions', faults: /^pattern\.(fabric_needs|notions)/ },
    { value: 'house', label: 'House', faults: null },
] as const;

export type PartName = (typeof parts)[number]['value'];

/** The part that an address such as `#cups` names, else the charts. */
export function partNamed(hash: string): PartName {
    return parts.find(({ value }) => `#${value}` === hash)?.value ?? 'charts';
}

/** Every part with its label, and whether something in it is to be mended. */
export function partsWith(fields: readonly string[]): { value: PartName; label: string; atFault: boolean }[] {
    return parts.map(({ value, label, faults }) => ({
        value,
        label,
        atFault: faults !== null && fields.some((field) => faults.test(field)),
    }));
}
