// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { nextTick, ref, shallowRef } from 'vue';
import type { Make, Plan, Stations } from '../api/types';
import { useOwnLines } from './useOwnLines';

const stations = (isFromNest: boolean): Stations => ({ front: [], back: null, is_from_nest: isFromNest });
const settle = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

it('follows the plan once it rests, and never shows those of another plan', async () => {
    const plans = [{ headline: 'one' }, { headline: 'two' }] as Plan[];
    const plan = shallowRef<Plan | null>(null);
    const settled = ref<Plan | null>(null);
    const make = shallowRef({ has_nest: true } as Make);
    let answer: Promise<Stations> = Promise.resolve(stations(true));
    let asked = 0;
    const { ownLines: own, awaitsLines } = useOwnLines(make, plan, settled, () => {
        asked += 1;
        return answer;
    });
    plan.value = plans[0] ?? null;
    settled.value = plan.value;
    await settle();
    expect([own.value?.is_from_nest, asked, awaitsLines.value]).toEqual([true, 1, false]);
    plan.value = plans[1] ?? null;
    await nextTick();
    expect([own.value, awaitsLines.value]).toEqual([null, true]);
    // An answer for a plan that has moved on meanwhile is none.
    settled.value = plans[0] ?? null;
    settled.value = plan.value;
    plan.value = plans[0] ?? null;
    await settle();
    expect(own.value).toBeNull();
    // Neither is one that the plan reckoned, nor none at all.
    const answers = [() => Promise.resolve(stations(false)), () => Promise.reject(new Error('gone'))];
    for (const other of answers) {
        answer = other();
        plan.value = { headline: 'new' } as Plan;
        settled.value = plan.value;
        await settle();
        expect([own.value, awaitsLines.value]).toEqual([null, false]);
    }
    make.value = { has_nest: false } as Make;
    const before = asked;
    settled.value = { headline: 'last' } as Plan;
    await settle();
    expect(asked).toBe(before);
});
