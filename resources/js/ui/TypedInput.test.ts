// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, told } from '../../../tests/Front/show';
import TypedInput from './TypedInput.vue';

it('what is put in without a key is kept as well, and once', async () => {
    const shown = show(TypedInput, { value: '84' });
    const field = shown.get('input');
    field.element.value = '85';
    await field.trigger('change');
    await field.trigger('blur');
    expect(told(shown, 'keep')).toEqual(['85']);
    expect(told(shown, 'typed')).toEqual(['85']);
});

it('an answer while something is typed waits until it is left', async () => {
    const shown = show(TypedInput, { value: '84' });
    const field = shown.get('input');
    field.element.value = '84.';
    await field.trigger('input');
    await shown.setProps({ value: '86' });
    expect(field.element.value).toBe('84.');
    field.element.value = '84.5';
    await field.trigger('input');
    await field.trigger('keydown', { key: 'Enter' });
    expect(told(shown, 'keep')).toEqual(['84.5']);
});
