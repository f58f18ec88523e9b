import card from '../fixtures/golden/complete-card.json';
import make from '../fixtures/golden/complete-make.json';
import complete from '../fixtures/golden/complete-plan.json';
import blend from '../fixtures/golden/plan-1-two-step-blend.json';
import frame from '../fixtures/golden/plan-3-inches-high-bust-frame.json';
import type { Card, LevelPlan, Make, Plan } from '../../resources/js/api/types';

/**
 * What the server really sends: the golden files of tests/Feature/GoldenTest.php. The components are tested on the
 * same answers, so that neither side can change them alone. Long lines of the drawings are digests there.
 */
export const plans = {
    /** Centimetres, each level by itself, drafted ease; the waist is taken in. */
    blend: blend as unknown as Plan,
    /** Inches, the chart alone; the bust is adjusted by slashing. */
    frame: frame as unknown as Plan,
    /** A file with every key there is. */
    complete: complete as unknown as Plan,
};
export const completeMake = make as unknown as Make;
export const completeCard = card as unknown as Card;

export function levelOf(plan: Plan, name: LevelPlan['level']): LevelPlan {
    const found = plan.levels.find(({ level }) => level === name);
    if (found === undefined) throw new Error(`no ${name} in this plan`);
    return found;
}
