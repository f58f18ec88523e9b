// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { h, shallowRef, type Component } from 'vue';
import { expect, it } from 'vitest';
import { provideSizeNames, shortNames, sizeCalled, useSizeName } from './sizeName';

const third = 'the third line from the inside';
const hidden = {
    sizes: ['the second line from the inside', third],
    short_sizes: ['2nd', '3rd'],
    also_called: [],
};

it('a size has its short name, and its own where there is no other', () => {
    expect(shortNames(hidden)(third)).toBe('3rd');
    expect(shortNames(hidden)('12')).toBe('12');
    expect(shortNames(null)('12')).toBe('12');
});

it.each([
    ['12', '12'],
    ['eu40', '14'],
    ['40', '14'],
    ['XL', '14'],
    ['4', null],
    ['', null],
])('what is typed as %j is the size %j', (typed, size) => {
    const plan = { sizes: ['12', '14'], short_sizes: ['12', '14'], also_called: [null, 'EU 40 / XL'] };
    expect(sizeCalled(plan, typed)).toBe(size);
});

it('all that is drawn on a page calls sizes as the plan of the page does, when that changes too', async () => {
    const plan = shallowRef<typeof hidden | null>(null);
    const drawn: Component = {
        setup() {
            const nameOf = useSizeName();
            return () => h('i', nameOf(third));
        },
    };
    const setup = () => {
        provideSizeNames(plan);
        return () => h(drawn);
    };
    const page = mount({ setup });
    expect(page.text()).toBe(third);
    plan.value = hidden;
    await page.vm.$nextTick();
    expect(page.text()).toBe('3rd');
    expect(mount(drawn).text()).toBe(third);
});
