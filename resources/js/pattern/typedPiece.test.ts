import { expect, it } from 'vitest';
import type { Pattern } from '../api/types';
import { shownPiece, withCount, withJoins, withReach, withSeam } from './typedPiece';

const understood = {
    follows: 'all_levels',
    layer: 'outer',
    side: 'front',
    seams: ['side', 'waist'],
    joins: 'plain',
    from: 'shoulder',
    to: 'hem',
    on_fold: false,
} as unknown as Pattern['pieces'][number];

it('a second change goes on from the first, answered or not', () => {
    const first = { name: 'front', ...withSeam({ name: 'front' }, understood, 'side', false) };
    // The server has not answered: it still understands a side seam.
    const second = { ...first, ...withSeam(first, understood, 'princess', true) };
    expect(second.seams).toEqual([{ kind: 'waist' }, { kind: 'princess' }]);
    expect(shownPiece(second, understood).seams).toEqual(['waist', 'princess']);

    const from = { name: 'inset', ...withReach({ name: 'inset' }, understood, 0, 'waist') };
    const both = { ...from, ...withReach(from, understood, 1, 'hip') };
    expect(both.reaches).toEqual(['waist', 'hip']);
    expect(shownPiece(both, understood)).toMatchObject({ from: 'waist', to: 'hip' });
});

it('what was typed of a seam or an end stays when another is changed', () => {
    const piece = {
        name: 'skirt',
        seams: [{ kind: 'waist' as const, at: { level: 'bust' as const, below: '8' } }],
        reaches: ['underarm' as const, { level: 'hip' as const, below: '12' }],
    };
    expect(withSeam(piece, understood, 'side', true).seams).toEqual([piece.seams[0], { kind: 'side' }]);
    expect(withJoins(piece, understood, 'gathered').seams).toEqual([
        { ...piece.seams[0], joins: 'gathered' },
    ]);
    expect(withReach(piece, understood, 0, 'waist').reaches).toEqual(['waist', piece.reaches[1]]);
    expect(shownPiece(piece, understood).to).toBe('hem');
    expect(
        withSeam({ name: 'x', ...withJoins({ name: 'x' }, understood, 'eased') }, understood, 'hem', true)
            .seams,
    ).toEqual([
        { kind: 'side', joins: 'eased' },
        { kind: 'waist', joins: 'eased' },
        { kind: 'hem', joins: 'eased' },
    ]);
});

it('what is understood is shown where nothing is typed', () => {
    expect(shownPiece({ name: 'front' }, understood)).toEqual({
        follows: 'all_levels',
        layer: 'outer',
        side: 'front',
        isOnFold: false,
        seams: ['side', 'waist'],
        joins: 'plain',
        from: 'shoulder',
        to: 'hem',
    });
});

it.each([
    ['2', { times: 2 }],
    ['1 on the fold', { times: 1, on_fold: true }],
    ['2 x on fold', { times: 2, on_fold: true }],
    ['1 pair', { times: 2 }],
    ['cut two', { times: 2 }],
    ['1 Pair', { times: 2 }],
    ['one on the fold', { times: 1, on_fold: true }],
    ['', { times: null }],
    ['some', { times: 'some' }],
])('%s is how many are cut', (typed, told) => {
    expect(withCount(typed)).toEqual(told);
});
