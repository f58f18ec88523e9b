// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { effectScope, ref } from 'vue';
import { useKeptFocus } from './useKeptFocus';

const settle = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

it('where what had the focus is gone, the nearest thing around it has it', async () => {
    document.body.innerHTML =
        '<main><table><tr><td><button id="gone">by hand ×</button></td><td><a href="#" id="next">more</a></td></tr></table><p><button id="far"></button></p></main>';
    const main = document.querySelector('main');
    effectScope().run(() => {
        useKeptFocus(ref(main));
    });
    await settle();
    const gone = document.querySelector<HTMLElement>('#gone');
    gone?.focus();
    gone?.closest('td')?.remove();
    await settle();
    expect(document.activeElement?.id).toBe('next');
    // A part without anything to press takes it itself.
    document.querySelector('tr')?.replaceChildren();
    await settle();
    expect(document.activeElement?.tagName).toBe('TR');
});

it('a focus that is elsewhere by now is left there', async () => {
    document.body.innerHTML = '<main><p><button id="gone"></button></p></main><button id="other"></button>';
    effectScope().run(() => {
        useKeptFocus(ref(document.querySelector('main')));
    });
    await settle();
    document.querySelector<HTMLElement>('#gone')?.focus();
    document.querySelector<HTMLElement>('#other')?.focus();
    document.querySelector('#gone')?.remove();
    await settle();
    expect(document.activeElement?.id).toBe('other');
});
