import type { Bench, LevelName, Plan, Unit } from '../api/types';
import { figureText } from '../ui/figure';

const LETTERS = ['A', 'B', 'C'];
/** Less is neither seen nor felt. */
const LEAST_NM = 5_000_000;

interface Judged {
    letter: string;
    /** What hands do beside tracing. */
    work: number;
    plan: Plan;
}

const roomAt = (plan: Plan, name: LevelName): number | null =>
    plan.levels.find(({ level }) => level === name)?.ease_as_cut_nm ?? null;

const steps = (count: number): string =>
    count === 0 ? 'nothing to change' : count === 1 ? 'one step' : `${count} steps`;

/** Where the other two differ most in room: which has more, and by how much. */
function moreRoom(one: Judged, other: Judged, unit: Unit): string | null {
    const differences = (['bust', 'waist', 'hip'] as const).flatMap((level) => {
        const [here, there] = [roomAt(one.plan, level), roomAt(other.plan, level)];
        return here === null || there === null ? [] : [{ level, by: here - there }];
    });
    const most = differences.sort((a, b) => Math.abs(b.by) - Math.abs(a.by))[0];
    if (most === undefined || Math.abs(most.by) < LEAST_NM) return null;
    const { letter } = most.by > 0 ? one : other;
    return `${letter} has ${figureText(Math.abs(most.by), unit)} more room at the ${most.level}.`;
}

/** What the comparison comes to, in sentences: which has less to do, which more room, and what is decided before a cut. */
export function judged(benches: readonly Bench[], unit: Unit): string[] {
    const makes = benches.flatMap(({ plan }, at): Judged[] =>
        plan === null
            ? []
            : [
                  {
                      letter: LETTERS[at] ?? '',
                      work: plan.work.steps.filter(({ kind }) => kind !== 'trace' && kind !== 'walk').length,
                      plan,
                  },
              ],
    );
    const byWork = [...makes].sort((one, other) => one.work - other.work);
    const [least, ...others] = byWork;
    const most = byWork.at(-1);
    if (least === undefined || most === undefined || others.length === 0) return [];
    const work =
        least.work === most.work
            ? `There is as much to do for each: ${steps(least.work)}.`
            : `${least.letter} has least to do: ${steps(least.work)}, against ${others.map(({ letter, work: count }) => `${steps(count)} for ${letter}`).join(' and ')}.`;
    const [one, other] = makes;
    const room = makes.length === 2 && one && other ? moreRoom(one, other, unit) : null;
    const decide = makes.flatMap(({ letter, plan }) => {
        const stops = plan.cautions.filter(({ stops: isOne }) => isOne).map(({ short }) => short);
        return stops.length === 0 ? [] : [`To decide before ${letter} is cut: ${stops.join('; ')}.`];
    });
    return [work, ...(room === null ? [] : [room]), ...decide];
}
