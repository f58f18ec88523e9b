// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, told } from '../../../tests/Front/show';
import CellInput from './CellInput.vue';

it('what is being typed stays, whatever is answered meanwhile; an answer is shown once it was told', async () => {
    const cell = show(CellInput, { value: '90', label: 'Waist' });
    const field = cell.find('input');
    field.element.value = '91';
    await field.trigger('input');
    await cell.setProps({ value: '92' });
    expect(field.element.value).toBe('91');
    await field.trigger('change');
    expect(told(cell, 'change')).toEqual(['91']);
    await cell.setProps({ value: '91.0' });
    expect(field.element.value).toBe('91.0');
});
