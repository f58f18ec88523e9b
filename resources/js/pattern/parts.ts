import type { PatternDocument } from '../api/types';
import { oneLength } from './sized';
import { lacksOf, lengthWords } from './lacks';

const count = (list: readonly unknown[] | null | undefined): number => (list ?? []).length;
const keys = (object: object | null | undefined): string[] => Object.keys(object ?? {});
const many = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`;
const told = (parts: readonly (string | false | null | undefined)[], none: string): string =>
    parts.filter((one) => typeof one === 'string' && one !== '').join(', ') || none;

interface Part {
    value: string;
    label: string;
    /** Which faults are its own. */
    faults: RegExp | null;
    /** What is in it, in a few words. */
    state: (document: PatternDocument) => string;
    /** Whether there is anything in it to be printed. */
    has: (document: PatternDocument) => boolean;
}

/** What stands behind a door of a pattern's page, in the order in which an envelope is read. */
const parts = [
    {
        value: 'levels',
        label: 'Levels and lengths',
        faults: /^pattern\.(seam|levels|lengthen)/,
        state: (document) => {
            const lacks = lacksOf(document);
            const { underarm_to_waist, waist_to_hip, hip_to_hem } = document.seam;
            const guessed = (document.seam.guessed ?? []).length > 0 ? ', not measured yet' : '';
            return lacks.length > 0
                ? `needs ${lacks.map(lengthWords).join(', ')}`
                : `${told([underarm_to_waist, waist_to_hip, hip_to_hem].map(oneLength), 'typed')}${guessed}`;
        },
        has: () => true,
    },
    {
        value: 'envelopes',
        label: 'Envelopes',
        faults: /^pattern\.ranges/,
        state: ({ ranges }) =>
            count(ranges) === 0
                ? 'one, with all sizes'
                : `${count(ranges)}, ${(ranges ?? []).filter(({ owned }) => owned !== false).length} owned`,
        has: ({ ranges, chart_means, between }) =>
            count(ranges) > 0 || Boolean(chart_means) || Boolean(between),
    },
    {
        value: 'cups',
        label: 'Cups',
        faults: /^pattern\.cups(\.table|\.by_range)/,
        state: ({ cups }) =>
            told(
                [
                    count(cups?.table) > 0 && many(count(cups?.table), 'cup', 'cups'),
                    keys(cups?.by_range).length > 0 && 'by envelope',
                    keys(cups?.body_chart).length > 0 && `rows for ${keys(cups?.body_chart).join(' ')}`,
                ],
                keys(cups).length > 0 ? 'the usual rule' : 'none',
            ),
        has: ({ cups }) => keys(cups).length > 0,
    },
    {
        value: 'views',
        label: 'Views and fits',
        faults: null,
        state: ({ views, fits }) =>
            told(
                [
                    count(views) > 0 && many(count(views), 'view', 'views'),
                    count(fits) > 0 && many(count(fits), 'fit', 'fits'),
                ],
                'one of each',
            ),
        has: ({ views, fits, finished_by }) => count(views) + count(fits) + count(finished_by) > 0,
    },
    {
        value: 'tissue',
        label: 'Paper, measured flat',
        faults: /^pattern\.flat_checks/,
        state: ({ flat_checks }) => told(keys(flat_checks), 'not measured'),
        has: ({ flat_checks }) => keys(flat_checks).length > 0,
    },
    {
        value: 'pieces',
        label: 'Pieces',
        faults: /^pattern\.pieces/,
        state: ({ pieces }) =>
            count(pieces) > 0 ? many(count(pieces), 'piece', 'pieces') : 'not listed yet',
        has: ({ pieces }) => count(pieces) > 0,
    },
    {
        value: 'cloth',
        label: 'Cloth and notions',
        faults: /^pattern\.(fabric_needs|notions)/,
        state: ({ fabric_needs, notions, files }) =>
            told(
                [
                    count(fabric_needs) > 0 && many(count(fabric_needs), 'width', 'widths'),
                    count(notions) > 0 && many(count(notions), 'notion', 'notions'),
                    count(files) > 0 && many(count(files), 'file', 'files'),
                ],
                'no amounts',
            ),
        has: ({ fabric_needs, notions, cloths, files }) =>
            count(fabric_needs) + count(notions) + count(files) > 0 || Boolean(cloths),
    },
    { value: 'house', label: 'House', faults: null, state: () => 'its habits', has: () => false },
] as const satisfies readonly Part[];

export type PartName = (typeof parts)[number]['value'];

export interface PartState {
    name: PartName;
    words: string;
    /** What is in it, or that something is to be mended. */
    state: string;
    toMend: boolean;
    isPrinted: boolean;
}

/** The part that an address such as `#cups` names; null where it names none. */
export function partNamed(hash: string): PartName | null {
    return parts.find(({ value }) => `#${value}` === hash)?.value ?? null;
}

/** Every part as it stands. */
export function partsOf(document: PatternDocument, faults: readonly string[]): PartState[] {
    return parts.map((part: Part & { value: PartName }) => {
        const toMend = part.faults !== null && faults.some((field) => part.faults?.test(field));
        return {
            name: part.value,
            words: part.label,
            state: toMend ? 'to mend' : part.state(document),
            toMend,
            isPrinted: part.has(document),
        };
    });
}
