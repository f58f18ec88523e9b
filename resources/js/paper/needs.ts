import type { ClothPage } from '../api/types';

export type Need = ClothPage['needs'][number];

/** One thing to buy; a cloth in one of its widths. */
export interface Purchase {
    key: string;
    name: string;
    view: string | null;
    ways: Need[];
}

/** What is to be bought, each thing once: the widths of a cloth are alternatives. */
export function purchases(needs: readonly Need[]): Purchase[] {
    const all = new Map<string, Purchase>();
    for (const need of needs) {
        const one = all.get(need.key) ?? {
            key: need.key,
            name: need.name === '' ? 'main cloth' : need.name,
            view: need.view,
            ways: [],
        };
        one.ways.push(need);
        all.set(need.key, one);
    }
    return [...all.values()];
}
