import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { defineComponent, h, ref, type Component } from 'vue';
import { useSession } from '../../resources/js/state/session';
import type { Unit } from '../../resources/js/api/types';

/** A popover that stands in its place in the page, open or shut. */
const Popover = defineComponent({
    setup(_, { slots, expose }) {
        const isOpen = ref(false);
        expose({ toggle: () => (isOpen.value = !isOpen.value) });
        return () => (isOpen.value ? h('div', slots.default?.()) : null);
    },
});

/** The browser of the tests has no screen to ask about. */
window.matchMedia ??= () => ({ addEventListener: () => {}, removeEventListener: () => {} }) as never;

/** Mounts a component as the application does, with figures shown in a unit. */
export function show(component: Component, props: Record<string, unknown>, unit: Unit = 'cm'): VueWrapper {
    const pinia = createPinia();
    setActivePinia(pinia);
    useSession().open({ id: 1, name: 'Tamsin', unit } as never);
    return mount(component, { props, global: { plugins: [pinia, PrimeVue], stubs: { Popover } } });
}

/** What is written somewhere, with every run of blanks as one. */
export const words = (wrapper: { text: () => string }): string => wrapper.text().replace(/\s+/g, ' ');

/** The last thing that a component told, whole. */
export const told = (wrapper: VueWrapper, event: string): unknown[] | undefined =>
    wrapper.emitted(event)?.at(-1);
