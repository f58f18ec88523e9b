import { computed, ref, type ComputedRef, type Ref } from 'vue';

/** The first few of many, until all are asked for. */
export function useSome<Thing>(
    all: Ref<readonly Thing[]>,
    few = 16,
): { shown: ComputedRef<readonly Thing[]>; left: ComputedRef<number>; isWhole: Ref<boolean> } {
    const isWhole = ref(false);
    const shown = computed(() => (isWhole.value ? all.value : all.value.slice(0, few)));
    return { shown, left: computed(() => all.value.length - shown.value.length), isWhole };
}
