// @vitest-environment jsdom
import { flushPromises, mount } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import PastePart from './PastePart.vue';

vi.mock('../api/client', () => ({
    api: { POST: vi.fn() },
    body: (answer: { data: unknown }) => answer.data,
    asRefused: (error: unknown) => error,
}));

const post = vi.mocked(api.POST as (...asked: unknown[]) => Promise<unknown>);

const said = {
    head: ['8', '10'],
    rows: [{ name: 'view A, 140 cm', cells: ['2.1 m', ''], doubt: null }],
    left_out: ['16: is no size of this pattern'],
    open_units: ['m', 'yd'],
    entries: { fabric_needs: [{ cloth: 'main cloth', amounts: ['2.1 m', null] }], notions: [] },
};

function paste() {
    const wrapper = mount(PastePart, {
        props: {
            kind: 'cloth',
            what: 'cloth',
            example: '',
            unit: 'cm',
            pattern: { sizes: ['8', '10'] } as never,
        },
        global: { stubs: { Button: { props: ['label'], template: '<button>{{ label }}</button>' } } },
    });
    const button = (label: string) => wrapper.findAll('button').filter((one) => one.text() === label)[0];
    const press = async (label: string): Promise<void> => {
        await button(label)?.trigger('click');
        await flushPromises();
    };
    return { wrapper, button, press };
}

describe('a pasted table beside the charts', () => {
    beforeEach(() => {
        post.mockReset();
    });

    it('asks for the unit that nothing tells before anything goes into the pattern', async () => {
        post.mockResolvedValueOnce({ data: said }).mockResolvedValueOnce({
            data: { ...said, open_units: [] },
        });
        const { wrapper, button, press } = paste();
        await press('Paste the table of cloth');
        await wrapper.find('textarea').setValue('Size 8 10 16');
        await press('Read it');
        expect(wrapper.text()).toContain('16: is no size of this pattern');
        expect(button('Put into the pattern')?.attributes('disabled')).toBeDefined();
        await press('yards');
        expect(post.mock.lastCall?.[1]).toMatchObject({
            body: { told: 'yd', text: 'Size 8 10 16', part: 'cloth' },
        });
        expect(button('Put into the pattern')?.attributes('disabled')).toBeUndefined();
        await press('Put into the pattern');
        expect(wrapper.emitted('take')).toEqual([[said.entries]]);
        expect(wrapper.find('textarea').exists()).toBe(false);
    });

    it('says a refusal beside what was typed, and keeps it', async () => {
        post.mockRejectedValue({ message: 'Too much.' });
        const { wrapper, press } = paste();
        await press('Paste the table of cloth');
        await wrapper.find('textarea').setValue('a table');
        await press('Read it');
        expect(wrapper.find('[role=alert]').text()).toBe('Too much.');
        expect(wrapper.find('textarea').element.value).toBe('a table');
    });
});
