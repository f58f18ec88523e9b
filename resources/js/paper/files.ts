import type { SizeLabels, StripLine, User } from '../api/types';

export type Page = User['drawn_on'];

export const pages: { value: Page; label: string }[] = [
    { value: 'a4', label: 'A4' },
    { value: 'letter', label: 'US Letter' },
    { value: 'a3', label: 'A3' },
    { value: 'a0', label: 'A0' },
    { value: 'roll36', label: '36 in roll' },
    { value: 'roll90', label: '90 cm roll' },
    { value: 'whole', label: 'one page of its own size' },
];

export const lines: { value: StripLine; label: string }[] = [
    { value: 'seam', label: 'the seam, no allowance' },
    { value: 'with_allowance', label: 'cut with the seam allowance' },
];

export interface HowOnPaper {
    page: Page;
    line: StripLine;
    sizes: SizeLabels;
}

interface MakeFile {
    name: string;
    what: string;
    isFor: string;
    /** What of the choices it heeds. */
    heeds: (keyof HowOnPaper)[];
}

const all: MakeFile[] = [
    {
        name: 'cut-sheet.pdf',
        what: 'Cut sheet, PDF',
        isFor: 'To have beside the cutting table: lines, steps, marks, pieces, cautions.',
        heeds: ['page', 'sizes'],
    },
    {
        name: 'strip.pdf',
        what: 'Strip, PDF',
        isFor: 'The new side seam at true size where the pattern’s own lines are known; else a ruler of how far it stands from the printed line.',
        heeds: ['page', 'line', 'sizes'],
    },
    {
        name: 'strip.svg',
        what: 'Strip, SVG',
        isFor: 'The same in millimetres for a drawing program, a plotter or a cutter.',
        heeds: ['line', 'sizes'],
    },
    {
        name: 'stations.csv',
        what: 'Stations, CSV',
        isFor: 'Depth and move, one a line, for a spreadsheet.',
        heeds: ['sizes'],
    },
    {
        name: 'plan.json',
        what: 'Plan, JSON',
        isFor: 'The whole plan in the open format, for other programs.',
        heeds: ['sizes'],
    },
    {
        name: 'make.json',
        what: 'Make, JSON',
        isFor: 'Card, pattern and choices as they were typed, to be read in again here or by somebody else.',
        heeds: [],
    },
    {
        name: 'all.zip',
        what: 'All of it, ZIP',
        isFor: 'To keep with the pattern.',
        heeds: ['page', 'line', 'sizes'],
    },
];

/** Every file of a make, with its address under the choices that it heeds. */
export function filesOf(make: number, how: HowOnPaper): (MakeFile & { href: string })[] {
    return all.map((file) => {
        const query = file.heeds.map((key) => `${key}=${how[key]}`).join('&');
        return { ...file, href: `/api/makes/${make}/${file.name}${query === '' ? '' : `?${query}`}` };
    });
}
