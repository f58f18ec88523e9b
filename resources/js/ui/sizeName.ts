import { inject, provide, type InjectionKey, type Ref } from 'vue';
import type { Plan } from '../api/types';

type Named = Pick<Plan, 'sizes' | 'short_sizes'> & Partial<Pick<Plan, 'also_called'>>;
type SizeName = (size: string) => string;
const CALLED: InjectionKey<(typed: string) => string | null> = Symbol('the size that is called so');
const KEY: InjectionKey<SizeName> = Symbol('what a size is called where there is little room');

/** What the sizes of a plan are called on tapes and lines: `12`, or `3rd` where their names are hidden. */
export const shortNames =
    (plan: Named | null): SizeName =>
    (size) =>
        plan?.short_sizes[plan.sizes.indexOf(size)] ?? size;

/** The size that is called so, by its own name or by its second one: `14`, `eu 40`. */
export function sizeCalled(plan: Named | null, typed: string): string | null {
    const plain = (name: string | null | undefined): string => (name ?? '').toLowerCase().replace(/\s+/g, '');
    const wanted = plain(typed);
    const found = plan?.sizes.findIndex(
        (size, at) =>
            plain(size) === wanted ||
            (plan.also_called?.[at] ?? '')
                .split('/')
                .some((name) => [name, name.replace(/^\s*[A-Za-z]{2}\s+/, '')].map(plain).includes(wanted)),
    );
    return wanted === '' || found === undefined ? null : (plan?.sizes[found] ?? null);
}

/** For all that is drawn on this page. */
export function provideSizeNames(plan: Ref<Named | null>): void {
    provide(KEY, (size) => shortNames(plan.value)(size));
    provide(CALLED, (typed) => sizeCalled(plan.value, typed));
}

/** As the page calls them; alone, each by its own name. */
export const useSizeName = (): SizeName => inject(KEY, (size: string) => size, false);

/** Finds a size by what is typed, among those of the page's plan. */
export const useSizeCalled = (): ((typed: string) => string | null) => inject(CALLED, () => null, false);
