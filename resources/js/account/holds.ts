import type { Holds } from '../api/types';

const KINDS = [
    ['wearers', 'wearer'],
    ['cards', 'card'],
    ['patterns', 'pattern'],
    ['nests', 'drawing of pieces'],
    ['houses', 'house'],
    ['makes', 'make'],
    ['bin', 'thing in the bin'],
] as const;

/** How much an account holds, as a sentence: `2 wearers, 1 card and 3 makes.` */
export function heldWords(holds: Holds): string {
    const parts = KINDS.flatMap(([key, word]) => {
        const many = holds[key];
        if (many === 0) return [];
        return [many === 1 ? `1 ${word}` : `${many} ${word.replace(/^(\w+)/, '$1s')}`];
    });
    const last = parts.pop();
    if (last === undefined) return 'There is nothing in it.';
    return `${parts.length === 0 ? last : `${parts.join(', ')} and ${last}`}.`;
}
