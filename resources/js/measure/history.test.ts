import { expect, it } from 'vitest';
import type { WearerPage } from '../api/types';
import { foundations, histories } from './history';

const card = (taken_on: string, measures: Record<string, number>, foundation = '') => ({
    taken_on,
    foundation,
    measures: Object.entries(measures).map(([point, length_nm]) => ({ point, length_nm, spread_nm: 0 })),
});
const page = {
    points: [
        { code: 'full_bust', name: 'Full bust' },
        { code: 'waist', name: 'Waist' },
        { code: 'hip', name: 'Hip' },
    ],
    cards: [
        card('2026-11-01', { waist: 82, hip: 99 }),
        card('2026-05-01', { waist: 80 }),
        card('2026-04-01', { waist: 70, full_bust: 99 }, 'corset'),
        card('2025-05-01', { waist: 79, full_bust: 90 }),
    ],
} as unknown as WearerPage;

it('a point’s history runs from the oldest card on, over the cards that have it', () => {
    expect(histories(page, '')).toEqual([
        { code: 'waist', name: 'Waist', days: ['2025-05-01', '2026-05-01', '2026-11-01'], nm: [79, 80, 82] },
    ]);
});

it('cards on another foundation are compared among themselves', () => {
    expect(foundations(page)).toEqual(['', 'corset']);
    expect(histories(page, 'corset')).toEqual([]);
});
