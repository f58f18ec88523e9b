import type { ClothPage } from '../api/types';

/** What a line of the shopping list is ticked by. */
export const keyOf = (need: ClothPage['needs'][number]): string =>
    [need.name === '' ? 'main cloth' : need.name, need.view ?? ''].join(' ').trim();
