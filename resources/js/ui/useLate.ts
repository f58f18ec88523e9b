import { refDebounced } from '@vueuse/core';
import { computed, type ComputedRef, type Ref } from 'vue';

/** From here on a wait is noticed. */
export const NOTICED_MS = 120;

/** Whether an answer is awaited for so long that what stands there must fade: a quick answer fades nothing, and paints nothing twice. */
export function useLate(isAwaiting: Ref<boolean>): ComputedRef<boolean> {
    const settled = refDebounced(isAwaiting, NOTICED_MS);
    return computed(() => isAwaiting.value && settled.value);
}
