import { api, body } from '../api/client';
import type { Drawing, Nest } from '../api/types';
import { pathOf } from '../nest/geometry';
import type { Piece } from '../nest/pieces';

const PRINTED_MM = 0.4;

/** A pattern's own drawing as it lies in its file, each size a layer of its own; lines that nobody has named are one more. */
export function drawingOf(nest: Nest, name: string): Drawing {
    const sizeOf = new Map(
        Object.entries(nest.marks.lines ?? nest.proposed).flatMap(([size, ids]) =>
            ids.split(' ').map((id) => [id, size] as const),
        ),
    );
    return {
        name,
        width_mm: nest.width_mm,
        height_mm: nest.height_mm,
        labels: [],
        paths: nest.lines.map(({ id, runs }) => ({
            group: sizeOf.has(id) ? `printed ${sizeOf.get(id) ?? ''}` : 'other lines',
            pen: 'printed',
            d: pathOf(runs),
            width_mm: PRINTED_MM,
            dash_mm: [],
        })),
    };
}

/** What is thrown: the strip of a make, a piece with its line, or a pattern's drawing by itself. */
export interface Thrown {
    /** The address that has to answer for it. */
    address: string;
    load: () => Promise<Drawing>;
}

export function strip(make: number): Thrown {
    return {
        address: `/api/makes/${String(make)}/strip`,
        load: () => api.GET('/api/makes/{make}/strip', { params: { path: { make } } }).then(body<Drawing>),
    };
}

export function piece(make: number, one: Piece): Thrown {
    return {
        address: `/api/makes/${String(make)}/nest/${one}`,
        load: () =>
            api
                .GET('/api/makes/{make}/nest/{piece}', { params: { path: { make, piece: one } } })
                .then(body<Drawing>),
    };
}

export function ownDrawing(pattern: number, one: Piece): Thrown {
    return {
        address: `/api/patterns/${String(pattern)}/nests`,
        load: async () => {
            const all = await api
                .GET('/api/patterns/{pattern}/nests', { params: { path: { pattern } } })
                .then(body);
            const nest = all.find((brought) => brought.piece === one);
            if (nest === undefined) throw new Error('There is no such drawing.');
            // What is thrown is cut by: in doubt nothing is.
            if (!nest.has_size || (nest.scale?.seems != null && nest.marks.true_size !== true))
                throw new Error('How large this drawing is isn’t settled yet: say it on the drawing first.');
            return drawingOf(nest, one.replaceAll('_', ' '));
        },
    };
}
