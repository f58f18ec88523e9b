// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import DoorRow from './DoorRow.vue';
import InShort from './InShort.vue';
import MoreMenu from './MoreMenu.vue';

const doors = [
    { name: 'cups', words: 'Cups', state: 'none' },
    { name: 'pieces', words: 'Pieces', state: 'to mend', toMend: true },
];

it('a door says its state, opens what is behind it, and shuts it again', async () => {
    const shown = show(DoorRow, { doors, label: 'Parts', modelValue: null });
    expect(shown.findAll('.door').map(words)).toEqual(['Cups none', 'Pieces to mend']);
    expect(shown.findAll('.to-mend').map(words)).toEqual(['Pieces to mend']);
    await shown.get('.door').trigger('click');
    expect(told(shown, 'update:modelValue')).toEqual(['cups']);
    await shown.setProps({ modelValue: 'cups' });
    expect(shown.findAll('.door').map((door) => door.attributes('aria-expanded'))).toEqual(['true', 'false']);
    await shown.get('.door').trigger('click');
    expect(told(shown, 'update:modelValue')).toEqual([null]);
});

it('what is seldom done is behind three dots, and goes away by Escape or a press beside it', async () => {
    const menu = mount(MoreMenu, {
        props: { of: 'Merrin' },
        slots: { default: '<button>Delete</button>' },
        attachTo: document.body,
    });
    const details = menu.get('details').element as HTMLDetailsElement;
    expect(menu.get('summary').attributes('aria-label')).toBe('More for Merrin');
    details.open = true;
    await menu.get('summary').trigger('keydown', { key: 'a' });
    expect(details.open).toBe(true);
    await menu.get('summary').trigger('keydown', { key: 'Escape' });
    expect(details.open).toBe(false);
    details.open = true;
    await menu.get('button').trigger('click');
    expect(details.open).toBe(true);
    menu.unmount();
});

it('a few words tell the rest when they are pressed, and not before', async () => {
    const shown = mount(InShort, {
        slots: { short: 'Waist: measure again', default: 'It stands on the edge.' },
    });
    expect(shown.text()).toBe('Waist: measure again');
    await shown.get('button').trigger('click');
    expect(words(shown)).toBe('Waist: measure againIt stands on the edge.');
    expect(shown.get('button').attributes('aria-expanded')).toBe('true');
    await shown.get('button').trigger('click');
    expect(shown.text()).toBe('Waist: measure again');
});
