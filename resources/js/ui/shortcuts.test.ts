// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import { shortcuts, useKnownKeys, useShortcuts } from './shortcuts';

const ran: string[] = [];
const page = () =>
    mount(
        defineComponent(() => {
            useKnownKeys([{ shown: '← →', does: 'on a clip: the next size' }]);
            useShortcuts([
                { key: 'u', shown: 'U', does: 'the unit', run: () => void ran.push('u') },
                { key: '$mod+z', shown: 'Ctrl Z', does: 'undo', run: () => void ran.push('z') },
                {
                    key: 'Alt+h',
                    shown: 'Alt H',
                    does: 'helper',
                    whileTyping: true,
                    run: () => void ran.push('h'),
                },
            ]);
            return () =>
                h('div', [
                    h('input'),
                    h('input', { type: 'checkbox' }),
                    h('select'),
                    h('div', { role: 'dialog' }, [h('button')]),
                    h('ul', { role: 'listbox' }, [h('li', { tabindex: 0 })]),
                ]);
        }),
        { attachTo: document.body },
    );

function press(on: Element, key: string, more: KeyboardEventInit = {}): void {
    on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more }));
}

it('a letter works on the page, and rests in fields, dialogs and lists; a chord works in fields too', () => {
    const mounted = page();
    press(document.body, 'u');
    for (const css of ['input', '[role=dialog] button', '[role=listbox] li'])
        press(mounted.find(css).element, 'u');
    expect(ran.splice(0)).toEqual(['u']);
    press(mounted.find('input').element, 'h', { altKey: true });
    expect(ran.splice(0)).toEqual(['h']);
    mounted.unmount();
    press(document.body, 'u');
    expect(ran).toEqual([]);
});

it('where nothing is typed as text a chord works: after a choice from a list, or a tick, undo is there', () => {
    const mounted = page();
    for (const css of ['select', '[type=checkbox]', 'input', '[role=dialog] button'])
        press(mounted.find(css).element, 'z', { ctrlKey: true });
    expect(ran.splice(0)).toEqual(['z', 'z']);
    press(mounted.find('select').element, 'u');
    expect(ran.splice(0)).toEqual([]);
    mounted.unmount();
});

it('what works at the moment is listed, keys of parts of the page too', () => {
    const mounted = page();
    expect([...shortcuts].map(({ shown }) => shown).sort()).toEqual(['Alt H', 'Ctrl Z', 'U', '← →']);
    mounted.unmount();
    expect([...shortcuts]).toEqual([]);
});
