// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import type { Choices } from '../api/types';
import CompanyChoices from './CompanyChoices.vue';

const head = (choices: Choices, part: Record<string, unknown> = {}) => ({
    head: { views: ['A', 'B'], fits: [], unit: 'cm', choices, ...part },
});

it('what is chosen for all is told whole, and what the pattern has not is not asked', async () => {
    const shown = show(CompanyChoices, head({ pick: 'level' }));
    expect(shown.findAll('label').map(words)).toEqual(['view', 'Go by', 'sizes']);
    expect(
        shown.findAll<HTMLSelectElement>('select').map(({ element }) => element.selectedOptions[0]?.text),
    ).toEqual(['not chosen', 'as each card allows', 'level by level']);
    await shown.findAll('select')[0]?.setValue('B');
    expect(told(shown, 'change')).toEqual([{ pick: 'level', view: 'B' }]);
    expect(
        show(CompanyChoices, head({}, { fits: ['slim'] }))
            .findAll('label')
            .map(words),
    ).toContain('fit');
});

it('what is unchosen is left out, not kept as nothing', async () => {
    const shown = show(CompanyChoices, head({ pick: 'level', view: 'B' }));
    await shown.findAll('select')[2]?.setValue('');
    expect(told(shown, 'change')).toEqual([{ view: 'B' }]);
});

it('the room that all like is typed level by level, only where sizes go by it', async () => {
    expect(
        show(CompanyChoices, head({ ease: 'drafted' }))
            .find('.liked')
            .exists(),
    ).toBe(false);
    const shown = show(CompanyChoices, head({ ease: 'liked', liked_ease: { bust: '8' } }));
    const cells = shown.findAll<HTMLInputElement>('.liked input');
    expect(cells.map(({ element }) => element.value)).toEqual(['8', '', '']);
    await cells[1]?.setValue('5');
    await cells[1]?.trigger('change');
    expect(told(shown, 'change')).toEqual([{ ease: 'liked', liked_ease: { bust: '8', waist: '5' } }]);
    await cells[0]?.setValue('');
    await cells[0]?.trigger('change');
    expect(told(shown, 'change')).toEqual([{ ease: 'liked', liked_ease: { bust: null } }]);
});
