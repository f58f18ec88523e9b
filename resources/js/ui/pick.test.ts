// @vitest-environment jsdom
import { nextTick } from 'vue';
import { beforeAll, expect, it, vi } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import ChoiceField from './ChoiceField.vue';
import PickOne from './PickOne.vue';
import ShortcutList from './ShortcutList.vue';

const options = [
    { value: 3, label: 'Bettrys, 20 Nov 2026' },
    { value: 7, label: 'Idony, 20 Oct 2026' },
];

beforeAll(() => {
    // The page of the tests knows dialogs, but not how to open one.
    HTMLDialogElement.prototype.showModal = vi.fn(function (this: HTMLDialogElement) {
        this.open = true;
    });
    HTMLDialogElement.prototype.close = vi.fn(function (this: HTMLDialogElement) {
        this.open = false;
        this.dispatchEvent(new Event('close'));
    });
});

it('one is picked by what it is, not by what is written', async () => {
    const shown = show(PickOne, { options, modelValue: 3 });
    expect(shown.get<HTMLSelectElement>('select').element.selectedOptions[0]?.text).toBe(
        'Bettrys, 20 Nov 2026',
    );
    await shown.findAll('option')[1]?.setValue();
    expect(told(shown, 'update:modelValue')).toEqual([7]);
});

it('until one is picked the list says what for, and that is nothing to pick', () => {
    const shown = show(PickOne, { options, modelValue: null, placeholder: 'wearer and card' });
    const first = shown.get<HTMLOptionElement>('option').element;
    expect([first.text, first.selected, first.disabled, first.hidden]).toEqual([
        'wearer and card',
        true,
        true,
        true,
    ]);
    expect(show(PickOne, { options, modelValue: 3 }).findAll('option')).toHaveLength(2);
});

it('what can be left open has an answer of its own for that', async () => {
    const open = [{ value: null, label: 'leave out' }, ...options];
    const shown = show(PickOne, { options: open, modelValue: 7 });
    await shown.findAll('option')[0]?.setValue();
    expect(told(shown, 'update:modelValue')).toEqual([null]);
});

it('a list in a form has its label, and its fault is heard', async () => {
    const shown = show(ChoiceField, { label: 'New make for', options, modelValue: 3 });
    expect(shown.get('label').attributes('for')).toBe(shown.get('select').attributes('id'));
    expect(shown.get('select').attributes('aria-invalid')).toBe('false');
    await shown.setProps({ fault: 'This card is in the bin.' });
    expect(shown.get('select').attributes('aria-invalid')).toBe('true');
    expect(words(shown.get('[role=alert]'))).toBe('This card is in the bin.');
    await shown.findAll('option')[1]?.setValue();
    expect(told(shown, 'update:modelValue')).toEqual([7]);
});

it('the list of keys opens as a dialog, and says when it is closed, however', async () => {
    const shown = show(ShortcutList, { visible: true, page: 'bin' });
    const dialog = shown.get<HTMLDialogElement>('dialog').element;
    expect(dialog.open).toBe(true);
    expect(shown.get('dialog').attributes('aria-labelledby')).toBe(shown.get('h2').attributes('id'));
    await shown.get('button').trigger('click');
    expect([dialog.open, told(shown, 'update:visible')]).toEqual([false, [false]]);
    expect(shown.get('.can').text()).toContain('Bring back what was deleted');
    // The browser closes it at Esc by itself.
    const other = show(ShortcutList, { visible: true, page: 'bin' });
    other.get<HTMLDialogElement>('dialog').element.close();
    await nextTick();
    expect(told(other, 'update:visible')).toEqual([false]);
});
