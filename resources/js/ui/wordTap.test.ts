// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show } from '../../../tests/Front/show';
import { meanings } from './meanings';
import WordTap from './WordTap.vue';

it('a word has its meaning behind a tap: one sentence and a drawing, and it goes again', async () => {
    const shown = show(WordTap, { word: 'room' });
    await shown.get('.tap').trigger('click');
    const panel = shown.get('.meaning');
    expect(panel.text()).toContain('more than the body');
    expect(panel.findAll('path')).toHaveLength(2);
});

it('each meaning is one sentence and draws something', () => {
    for (const [word, { sentence, ...paths }] of Object.entries(meanings)) {
        expect(sentence.match(/[.]/g), word).toHaveLength(1);
        expect(
            Object.values(paths).every((path) => /^M[0-9a-zA-Z. -]+$/.test(path)),
            word,
        ).toBe(true);
    }
});
