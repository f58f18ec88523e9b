// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { beforeEach, expect, it } from 'vitest';
import { defineComponent, h, nextTick, ref } from 'vue';
import { usePageHead } from './usePageHead';

const settle = async (): Promise<void> => {
    await nextTick();
    await new Promise((done) => setTimeout(done, 0));
};

/** A page of the application: a crumb, and what stands in it, both replaced from outside. */
async function application() {
    const path = ref('/one');
    const heading = ref<string | null>('One');
    const crumb = ref('');
    const hasField = ref(false);
    const page = mount(
        defineComponent(() => {
            const main = ref<HTMLElement | null>(null);
            const crumbs = ref<HTMLElement | null>(null);
            usePageHead(main, crumbs, path);
            return () =>
                h('div', [
                    h('a', { href: '#', id: 'link' }),
                    h('span', { ref: crumbs }, crumb.value === '' ? [] : [h('b', crumb.value)]),
                    h('main', { ref: main }, [
                        hasField.value ? h('input', { id: 'field' }) : null,
                        heading.value === null ? null : h('h1', heading.value),
                    ]),
                ]);
        }),
        { attachTo: document.body },
    );
    await settle();
    return { page, path, heading, crumb, hasField };
}

beforeEach(() => {
    document.body.innerHTML = '';
    document.title = 'Underbolt';
});

it('a heading names the window with what it belongs to, and follows when it changes', async () => {
    const { heading, crumb } = await application();
    crumb.value = 'Merrin Tolvane';
    heading.value = '12 all the way.';
    await settle();
    expect(document.title).toBe('12 all the way. · Merrin Tolvane · Underbolt');
    // The page that was loaded is read from its top.
    expect(document.activeElement).toBe(document.body);
});

it('what a heading shows for the eye alone is not named once more', async () => {
    await application();
    const heading = document.querySelector('h1');
    if (heading)
        heading.innerHTML = '<span class="sr-only">14, 18, 14.</span><span aria-hidden="true">141814</span>';
    await settle();
    expect(document.title).toBe('14, 18, 14. · Underbolt');
});

it('another page takes the focus to its heading, once it has come', async () => {
    const { path, heading } = await application();
    heading.value = 'One, loaded';
    await settle();
    document.getElementById('link')?.focus();
    path.value = '/two';
    heading.value = null;
    await settle();
    expect(document.activeElement?.id).toBe('link');
    heading.value = 'Two';
    await settle();
    expect(document.activeElement?.textContent).toBe('Two');
    heading.value = 'Two, changed';
    document.getElementById('link')?.focus();
    await settle();
    expect(document.activeElement?.id).toBe('link');
});

it('where the page put the focus itself it stays', async () => {
    const { path, heading, hasField } = await application();
    heading.value = 'One, loaded';
    await settle();
    path.value = '/two';
    hasField.value = true;
    await nextTick();
    document.getElementById('field')?.focus();
    await settle();
    expect(document.activeElement?.id).toBe('field');
});
