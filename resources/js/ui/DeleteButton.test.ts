// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import DeleteButton from './DeleteButton.vue';

it('what is deleted is asked about, with the hands on Keep', async () => {
    const remove = vi.fn(() => Promise.resolve({ id: 3, name: 'the card' }));
    const button = show(DeleteButton, { name: 'the card', along: '', remove });
    document.body.append(button.element);
    await button.get('button').trigger('click');
    await flushPromises();
    expect(words(button)).toContain('the card goes into the bin. For 30 days it can be brought back.');
    expect(document.activeElement?.textContent).toBe('Keep');
    await button.get('.keep').trigger('click');
    await flushPromises();
    expect(remove).not.toHaveBeenCalled();
    expect(document.activeElement?.getAttribute('aria-label')).toBe('Delete the card');

    await button.get('button').trigger('click');
    await button.get('button').trigger('click');
    await flushPromises();
    expect(remove).toHaveBeenCalledOnce();
    expect(told(button, 'deleted')).toEqual([{ id: 3, name: 'the card' }]);
});
