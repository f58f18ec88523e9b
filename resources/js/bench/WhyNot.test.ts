// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import answers from '../../../tests/fixtures/golden/complete-why-not.json';
import { plans } from '../../../tests/Front/golden';
import { show, words } from '../../../tests/Front/show';
import { api, Refused } from '../api/client';
import WhyNot from './WhyNot.vue';

const get = vi.spyOn(api, 'GET');
beforeEach(() => void get.mockReset());

async function asked() {
    const shown = show(WhyNot, { make: 4, plan: plans.complete });
    await shown.get('button.ask').trigger('click');
    await flushPromises();
    return shown;
}

it('answers for any size at any level, from the size that the chart says', async () => {
    get.mockResolvedValue({ data: answers, response: new Response() } as never);
    const shown = await asked();
    const [bust, waist] = answers;
    const said = plans.complete.levels[0]?.chart?.size ?? '';
    expect(words(shown.get('[aria-live]'))).toBe((bust?.sizes as Record<string, string>)[said]);
    const [level, size] = shown.findAll('select');
    await level?.setValue('waist');
    await size?.setValue('10');
    expect(words(shown.get('[aria-live]'))).toBe((waist?.sizes as Record<string, string>)['10']);
});

it('an answer that does not come is said not to', async () => {
    get.mockRejectedValue(new Refused(0, 'The server is out of reach.', {}));
    const shown = await asked();
    expect(words(shown.get('[role=alert]'))).toBe('The server is out of reach.');
});
