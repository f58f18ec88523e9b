import type { Pattern, PatternDocument } from '../api/types';

type Piece = NonNullable<PatternDocument['pieces']>[number];
type Understood = Pattern['pieces'][number];
type Seam = NonNullable<Piece['seams']>[number];
type End = NonNullable<Piece['reaches']>[number];

/** An end as it is picked from the list; one that is typed with a length below a level is not in it. */
const picked = (end: End | undefined, otherwise: string): string =>
    typeof end === 'string' ? end : otherwise;

/** A piece as it stands: what is typed of it, which may be newer than what the server last understood, then that. */
export function shownPiece(piece: Piece, understood: Understood) {
    return {
        follows: piece.follows ?? understood.follows,
        layer: piece.layer ?? understood.layer,
        side: piece.side ?? understood.side,
        isOnFold: piece.on_fold ?? understood.on_fold,
        seams: piece.seams?.map(({ kind }) => kind as string) ?? understood.seams,
        joins:
            piece.seams?.find(({ joins }) => joins && joins !== 'plain')?.joins ??
            (piece.seams ? 'plain' : understood.joins),
        from: picked(piece.reaches?.[0], understood.from),
        to: picked(piece.reaches?.[1], understood.to),
    };
}

const joined = (seam: Seam, joins: string): Seam => {
    const { joins: _, ...bare } = seam;
    return joins === 'plain' ? bare : ({ ...bare, joins } as Seam);
};

/** The seams as the open format has them, with what was typed of each. */
function seamsOf(piece: Piece, understood: Understood): Seam[] {
    return piece.seams ?? understood.seams.map((kind) => joined({ kind } as Seam, understood.joins));
}

export function withSeam(piece: Piece, understood: Understood, kind: string, has: boolean): Partial<Piece> {
    const others = seamsOf(piece, understood).filter((seam) => seam.kind !== kind);
    const added = joined({ kind } as Seam, shownPiece(piece, understood).joins);
    return { seams: has ? [...others, added] : others };
}

export const withJoins = (piece: Piece, understood: Understood, joins: string): Partial<Piece> => ({
    seams: seamsOf(piece, understood).map((seam) => joined(seam, joins)),
});

export function withReach(piece: Piece, understood: Understood, which: 0 | 1, place: string): Partial<Piece> {
    const now: End[] = [...(piece.reaches ?? [understood.from as End, understood.to as End])];
    now[which] = place as End;
    return { reaches: now };
}

/** What is no whole number goes to the server as it was typed, which says what is wrong with it. */
export function whole(typed: string): number | null {
    const number = Number(typed);
    return typed.trim() === '' ? null : Number.isInteger(number) ? number : (typed as unknown as number);
}

const NUMBERS: Record<string, number> = { one: 1, a: 1, two: 2, three: 3, four: 4, six: 6, eight: 8 };

/** How many are cut, as instructions say it: `2`, `cut two`, `1 on the fold`, `1 pair`. */
export function withCount(typed: string): Partial<Piece> {
    const said = /^\s*(?:cut\s+)?(\d+|[a-z]+)\s*(?:x\s*)?(on (?:the )?fold|pairs?)?\s*$/i.exec(typed);
    const count = said === null ? NaN : (NUMBERS[said[1]?.toLowerCase() ?? ''] ?? Number(said[1]));
    if (!Number.isInteger(count)) return { times: whole(typed) };
    const how = said?.[2]?.toLowerCase() ?? '';
    if (how.startsWith('pair')) return { times: 2 * count };
    return how === '' ? { times: count } : { times: count, on_fold: true };
}
