// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { afterEach, expect, it, vi } from 'vitest';
import { defineComponent, h, withDirectives } from 'vue';
import { vTallest } from './tallest';

afterEach(() => vi.unstubAllGlobals());

it('a part stays as high as it has been while it is as wide, and says nothing while it is put away', () => {
    let tell = (): void => undefined;
    const disconnect = vi.fn();
    vi.stubGlobal(
        'ResizeObserver',
        class {
            disconnect = disconnect;
            constructor(told: () => void) {
                tell = told;
            }
            observe = vi.fn();
        },
    );
    const page = mount(defineComponent({ render: () => withDirectives(h('div'), [[vTallest]]) }));
    const part = page.element as HTMLElement;
    const becomes = (width: number, height: number): string => {
        part.getBoundingClientRect = () => ({ width, height }) as DOMRect;
        tell();
        return part.style.minHeight;
    };
    expect([becomes(300, 40), becomes(300, 60), becomes(300, 50), becomes(0, 0)]).toEqual([
        '',
        '60px',
        '60px',
        '60px',
    ]);
    // As wide as before no more, it begins anew.
    expect([becomes(200, 90), becomes(200, 80)]).toEqual(['', '80px']);
    page.unmount();
    expect(disconnect).toHaveBeenCalled();
});
