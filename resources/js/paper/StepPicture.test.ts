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

it('on the cut sheet it stands beside its step, and where a drawing has it in it already there is none', () => {
    const steps = plans.blend.work.steps.map((step, n) => ({ key: String(n), step }));
    const shown = show(CutSheetSteps, { steps, done: {} });
    expect(shown.findAll('.step-picture').length).toBe(drawn.length);
    const nested = steps.map(({ key, step }) => ({
        key,
        step: { ...step, is_in_nest: true, picture: null },
    }));
    expect(show(CutSheetSteps, { steps: nested, done: {} }).findAll('.step-picture').length).toBe(0);
});
