// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it } from 'vitest';
import type { Station } from '../api/types';
import StationTable from './StationTable.vue';
import { stretches } from './stations';

const cm = 10_000_000;

function station(
    depth: number,
    from: string | null,
    to: string | null,
    share: number | null,
    offset: number | null,
    level: string | null = null,
): Station {
    return { depth_nm: depth * cm, from, to, share, offset_nm: offset === null ? null : offset * cm, level };
}

function rowsShown(stations: Station[]): string[] {
    const table = mount(StationTable, { props: { rows: stretches(stations), rowHeight: 20 } });
    return table.findAll('tbody tr').map((row) =>
        row
            .findAll('th, td')
            .map((cell) => cell.text().replace(/\s+/g, ' '))
            .join(' | '),
    );
}

beforeEach(() => setActivePinia(createPinia()));

it('says from which line, how far, and on which line the new seam then is', () => {
    expect(
        rowsShown([
            station(0, '14', '18', 0, 0, 'bust'),
            station(10, '14', '18', 0.5, 1.13),
            station(20, '14', '18', 1, 2.25, 'waist'),
        ]),
    ).toEqual(['bust 0 | 14 | 0 | 14', '10 | 14 | +1.1 | ', 'waist 20 | 14 | +2.3 | 18']);
});

it('a stretch on one line is one row down to the hem', () => {
    expect(rowsShown([station(0, '14', '14', 0, 0, 'bust'), station(60, '14', '14', 1, 0, 'hem')])).toEqual([
        'bust 0 to hem | 14 | stay | 14',
    ]);
});

it('what is left open is said to be', () => {
    expect(rowsShown([station(25, null, null, null, null), station(30, '14', '16', 0.5, null)])).toEqual([
        '25 | – | open | ',
        '30 | 14 | no figure | ',
    ]);
});
