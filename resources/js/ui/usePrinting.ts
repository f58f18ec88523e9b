import { useEventListener } from '@vueuse/core';
import { ref, type Ref } from 'vue';

/** Whether the page is on its way to paper: what is drawn by the size of the window has to know. */
export function usePrinting(): Ref<boolean> {
    const printing = ref(false);
    useEventListener('beforeprint', () => (printing.value = true));
    useEventListener('afterprint', () => (printing.value = false));
    return printing;
}
