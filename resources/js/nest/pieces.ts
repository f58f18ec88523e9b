import type { Nest } from '../api/types';

export type Piece = Nest['piece'];

/** The pieces that share the side seam, in the order in which they are shown. */
export const pieces: readonly Piece[] = [
    'front',
    'back',
    'skirt_front',
    'skirt_back',
    'front_lining',
    'back_lining',
];

export const pieceWords = (piece: Piece): string => piece.replace('_', ' ');

/** A skirt begins at the waist seam, whatever else is marked. */
export const isSkirt = (piece: Piece): boolean => piece.startsWith('skirt');

export const inOrder = (one: { piece: Piece }, other: { piece: Piece }): number =>
    pieces.indexOf(one.piece) - pieces.indexOf(other.piece);
