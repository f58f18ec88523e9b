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
    move: number | null,
    level: string | null = null,
): Station {
    const move_nm = move === null ? null : move * cm;
    const told = move_nm === null || from === null ? null : { line: from, move_nm, is_on: move_nm === 0 };
    return { depth_nm: depth * cm, from, to, share, blend_nm: move_nm, change_nm: 0, move_nm, level, told };
}

function rowsShown(stations: Station[], backs: Station[] | null = null, apart = false): string[] {
    const rows = stretches(stations, backs);
    const table = mount(StationTable, { props: { rows, rowHeight: 20, apart } });
    return table.findAll('tbody tr').map((row) =>
        row
            .findAll('th, td')
            .map((cell) => cell.text().replace(/\s+/g, ' '))
            .join(' | '),
    );
}

beforeEach(() => setActivePinia(createPinia()));

it('says from which line, how far, which way', () => {
    expect(
        rowsShown([
            station(0, '14', '18', 0, 0, 'bust'),
            station(10, '14', '18', 0.5, 1.13),
            station(20, '14', '18', 1, 2.25, 'waist'),
        ]),
    ).toEqual(['underarm 0 | 14 | on line 14', '10 | 14 | out 1.15', 'waist 20 | 14 | out 2.25']);
});

it('a stretch on one line is one row down to the hem', () => {
    expect(rowsShown([station(0, '14', '14', 0, 0, 'bust'), station(60, '14', '14', 0, 0)])).toEqual([
        'underarm 0 to hem | 14 | on line 14',
    ]);
});

it('what is left open is said to be', () => {
    expect(rowsShown([station(25, null, null, null, null), station(30, '14', '16', 0.5, null)])).toEqual([
        '25 | – | open',
        '30 | 14 | no figure',
    ]);
});

it('front and back stand beside each other where they differ', () => {
    expect(rowsShown([station(10, '14', '14', 0, 0.5)], [station(10, '10', '12', 0.5, -0.4)])).toEqual([
        '10 | 14 | out 0.5 | 10 | in 0.4',
    ]);
});

it('blend and change are told apart when asked', () => {
    const both = { ...station(10, '14', '16', 0.5, 1), blend_nm: 0.6 * cm, change_nm: 0.4 * cm };
    expect(rowsShown([both], null, true)).toEqual(['10 | 14 | out 0.6 | out 0.4 | out 1']);
});
