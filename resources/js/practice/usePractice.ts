import { computed, ref, shallowRef } from 'vue';
import { asRefused, type Refused } from '../api/client';
import type { Practice } from '../api/types';

/** What is practised, and what of it is asked again today: that comes first. */
export function usePractice(server: () => Promise<Practice>) {
    const practice = shallowRef<Practice | null>(null);
    const refused = ref<Refused | null>(null);
    const due = computed(() => practice.value?.exercises.filter((one) => one.is_due) ?? []);

    async function load(): Promise<void> {
        try {
            practice.value = await server();
        } catch (error) {
            refused.value = asRefused(error);
        }
    }
    return { practice, due, refused, load };
}
