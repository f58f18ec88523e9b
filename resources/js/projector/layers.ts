import type { Drawing } from '../api/types';

/** What can be shown and hidden by itself: a side, a printed line, the stations. */
export interface Layer {
    name: string;
    words: string;
    holds: (group: string) => boolean;
}

const rest: [ending: string, words: string][] = [
    ['-stations', 'stations'],
    ['-levels', 'levels'],
    ['-grain', 'grain'],
    ['title', 'words'],
];

/** Those of a piece on its own lines. */
const ofPiece: [group: string, words: string][] = [
    ['outline', 'the whole piece'],
    ['stitching line', 'stitching line'],
    ['cutting line', 'cutting line'],
    ['levels', 'levels'],
    ['stations', 'depths'],
    ['notches', 'notches'],
    ['grain', 'grain'],
    ['piece', 'words'],
    ['other lines', 'other lines'],
];

/** The layers of a strip or a piece, as far as it has them; a printed line is called as it is on the paper. */
export function layersOf(drawing: Drawing): Layer[] {
    const groups = [...new Set([...drawing.paths, ...drawing.labels].map(({ group }) => group))];
    // Front and back that are alike are drawn once: there is no side to hide.
    const isOf = (group: string, side: string): boolean =>
        group.startsWith(`${side}-`) && !group.startsWith('front-and-back-');
    const sides = ['front', 'back'].filter((side) => groups.some((group) => isOf(group, side)));
    const lines = new Map<string, string>();
    for (const { group, text } of drawing.labels) {
        const line = /-line-\d+$/.exec(group)?.[0];
        if (line !== undefined) lines.set(line, text);
    }
    return [
        ...sides.map((side) => ({
            name: side,
            words: side,
            holds: (group: string): boolean => isOf(group, side),
        })),
        ...[...lines].map(([line, words]) => ({
            name: line,
            words,
            holds: (group: string): boolean => group.endsWith(line),
        })),
        ...groups
            .filter((group) => group.startsWith('printed '))
            .map((group) => ({
                name: group,
                words: `line ${group.slice('printed '.length)}`,
                holds: (one: string): boolean => one === group,
            })),
        ...ofPiece.map(([name, words]) => ({
            name,
            words,
            holds: (group: string): boolean => group === name,
        })),
        ...rest.map(([ending, words]) => ({
            name: ending,
            words,
            holds: (group: string): boolean => group.endsWith(ending),
        })),
    ].filter(({ holds }) => groups.some(holds));
}

/** Whether a group is to be seen while some layers are hidden. */
export function isShown(group: string, layers: readonly Layer[], hidden: ReadonlySet<string>): boolean {
    return layers.every(({ name, holds }) => !hidden.has(name) || !holds(group));
}
