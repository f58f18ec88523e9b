import { expect, it } from 'vitest';
import { ref } from 'vue';
import { useSome } from './useSome';

it('of many the first few are shown, and all when they are asked for', () => {
    const { shown, left, isWhole } = useSome(ref([1, 2, 3, 4, 5]), 2);
    expect([shown.value, left.value]).toEqual([[1, 2], 3]);
    isWhole.value = true;
    expect([shown.value, left.value]).toEqual([[1, 2, 3, 4, 5], 0]);
    expect(useSome(ref([1, 2]), 2).left.value).toBe(0);
});
