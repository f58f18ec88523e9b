// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { plans } from '../../../tests/Front/golden';
import { show, words } from '../../../tests/Front/show';
import CutSheetSteps from './CutSheetSteps.vue';
import StepPicture from './StepPicture.vue';

const drawn = plans.blend.work.steps.filter(({ picture }) => picture !== null);

it('a step is drawn with its own amounts', () => {
    expect(drawn.map(({ kind }) => kind)).toContain('draw');
    for (const { picture, amounts } of drawn) {
        if (picture === null) continue;
        const shown = show(StepPicture, { picture });
        expect(shown.findAll('path').map((path) => path.classes())).toEqual(
            picture.strokes.map(({ pen }) => [pen]),
        );
        expect(shown.findAll('text').map(words)).toEqual(picture.notes.map(({ words: said }) => said));
        expect(picture.notes.length).toBeLessThanOrEqual(amounts.length);
    }
});

it('on the cut sheet it stands beside its step; where the whole line is drawn beside the steps, drawing it needs none', () => {
    const steps = plans.blend.work.steps.map((step, n) => ({ key: String(n), step }));
    const shown = show(CutSheetSteps, { steps, done: {} });
    expect(shown.findAll('.step-picture').length).toBe(drawn.length);
    const drawing = drawn.filter(({ kind }) => kind === 'draw').length;
    expect(drawing).toBeGreaterThan(0);
    expect(show(CutSheetSteps, { steps, done: {}, isLineDrawn: true }).findAll('.step-picture').length).toBe(
        drawn.length - drawing,
    );
});
