import { nextTick } from 'vue';

/** After a refusal the hand goes on in the first field that is at fault. */
export async function focusFault(): Promise<void> {
    await nextTick();
    document.querySelector<HTMLElement>('main [aria-invalid="true"]')?.focus();
}
