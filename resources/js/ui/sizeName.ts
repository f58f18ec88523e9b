import { inject, provide, type InjectionKey, type Ref } from 'vue';
import type { Plan } from '../api/types';

type Named = Pick<Plan, 'sizes' | 'short_sizes'>;
type SizeName = (size: string) => string;
const KEY: InjectionKey<SizeName> = Symbol('what a size is called where there is little room');

/** What the sizes of a plan are called on tapes and lines: `12`, or `3rd` where their names are hidden. */
export const shortNames =
    (plan: Named | null): SizeName =>
    (size) =>
        plan?.short_sizes[plan.sizes.indexOf(size)] ?? size;

/** For all that is drawn on this page. */
export const provideSizeNames = (plan: Ref<Named | null>): void =>
    provide(KEY, (size) => shortNames(plan.value)(size));

/** As the page calls them; alone, each by its own name. */
export const useSizeName = (): SizeName => inject(KEY, (size: string) => size, false);
