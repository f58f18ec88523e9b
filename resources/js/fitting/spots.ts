import type { FittingFinding } from '../api/types';

/** A place on the drawing of the garment, and what is usually done there. */
export interface Spot {
    place: FittingFinding['place'];
    where: 'front' | 'back';
    words: string;
    /** In the drawing's own units, 300 by 250. */
    x: number;
    y: number;
    usual: FittingFinding['what'];
}

const ofASide: Omit<Spot, 'where'>[] = [
    { place: 'neck', words: 'neck', x: 70, y: 21, usual: 'raise' },
    { place: 'shoulder', words: 'shoulder', x: 104, y: 18, usual: 'shorten' },
    { place: 'armhole', words: 'armhole', x: 110, y: 40, usual: 'raise' },
    { place: 'sleeve', words: 'sleeve', x: 136, y: 85, usual: 'lengthen' },
    { place: 'bust', words: 'side at the underarm', x: 110, y: 66, usual: 'take' },
    { place: 'princess', words: 'princess seam', x: 52, y: 86, usual: 'take' },
    { place: 'waist', words: 'side at the waist', x: 104, y: 110, usual: 'take' },
    { place: 'side_seam', words: 'the whole side seam', x: 108, y: 134, usual: 'take' },
    { place: 'hip', words: 'side at the hip', x: 115, y: 157, usual: 'take' },
    { place: 'hem', words: 'hem', x: 70, y: 236, usual: 'shorten' },
];

const BACK_FROM = 160;

export const spots: Spot[] = [
    ...ofASide.map((spot) => ({ ...spot, where: 'front' as const })),
    ...ofASide.map((spot) => ({ ...spot, where: 'back' as const, x: spot.x + BACK_FROM })),
    { place: 'back', where: 'back', words: 'centre back', x: 230, y: 106, usual: 'take' },
];
