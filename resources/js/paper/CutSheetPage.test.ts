// @vitest-environment jsdom
import { expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { show } from '../../../tests/Front/show';
import CutSheetPage from './CutSheetPage.vue';

const sheet = {
    headline: '12 all the way.',
    stations: { front: [], back: null, is_from_nest: false },

    card_taken_on: '2026-11-20',
    card_foundation: '',
    cautions: [{ code: 'waist_tight', level: 'waist', stops: true, text: 'The waist will not close.' }],
    stages: [],
    levels: [],
    steps: [],
    pieces: [],
    toile: 'A toile of the bodice is worth its hour.',
    needs: [{ name: 'main cloth', view: null, text: '2 m', amount_nm: null, width_nm: null }],
};

// What leads elsewhere needs the whole application around it.
vi.mock('./MakeLinks.vue', () => ({ default: { render: () => null } }));
vi.mock('../ui/Crumbs.vue', () => ({ default: { render: () => null } }));
vi.mock('./useCutSheet', () => ({
    useCutSheet: () => ({
        sheet: ref(sheet),
        done: ref({}),
        refused: ref(null),
        labels: ref('shown'),
        load: vi.fn(),
        hide: vi.fn(),
        tick: vi.fn(),
    }),
}));

it('tells cautions, what to try first and what to buy of a pattern whose pieces are not listed', () => {
    const shown = show(CutSheetPage, { id: 3 });
    expect(shown.text()).toContain('The waist will not close.');
    expect(shown.text()).toContain('A toile of the bodice');
    expect(shown.text()).toContain('2 m');
    expect(shown.find('#cut-sheet-cautions').exists()).toBe(true);
    expect(shown.text()).toContain('Not listed yet: what is done to front and back');
    expect(shown.find('.pieces').exists()).toBe(false);
});
