import type { Bench, Choices, LevelName, Plan, Unit } from '../api/types';
import { eases, picks } from '../bench/choices';
import { cardWords } from '../measure/age';
import { outAt } from '../seam/curve';
import { figureText } from '../ui/figure';
import { shortNames } from '../ui/sizeName';

const LEVELS: LevelName[] = ['bust', 'waist', 'hip'];
const DASH = '–';

export interface Comparison {
    what: string;
    /** One for each make. */
    says: string[];
    differs: boolean;
}

/** What stands of each make in a row; nothing where none of them has it. */
export function compared(benches: readonly Bench[], unit: Unit): Comparison[] {
    const row = (what: string, of: (bench: Bench) => string | null): Comparison[] => {
        const says = benches.map((bench) => of(bench) ?? DASH);
        if (says.every((one) => one === DASH)) return [];
        return [{ what, says, differs: new Set(says).size > 1 }];
    };
    const planned =
        (of: (plan: Plan) => string | null) =>
        ({ plan }: Bench): string | null =>
            plan === null ? null : of(plan);
    const level = (plan: Plan, name: LevelName) => plan.levels.find((one) => one.level === name);
    const length = (nm: number | null | undefined, signed = false): string | null =>
        nm === null || nm === undefined ? null : figureText(nm, unit, { signed });

    return [
        ...row('wearer', ({ make }) => make.wearer),
        ...row('pattern', ({ make }) => make.pattern),
        ...row('card', ({ make }) =>
            cardWords({ taken_on: make.card_taken_on, foundation: make.card_foundation }),
        ),
        ...row('choices', ({ make }) => choicesWords(make.choices)),
        ...row('no plan', ({ refused }) =>
            refused === null ? null : (Object.values(refused.errors)[0]?.[0] ?? null),
        ),
        ...LEVELS.flatMap((name) => [
            ...row(
                `${name}, cut along`,
                planned((plan) => {
                    const at = level(plan, name);
                    return at === undefined ? null : shortNames(plan)(at.size);
                }),
            ),
            ...row(
                `${name}, finished as cut`,
                planned((plan) => length(level(plan, name)?.as_cut_nm)),
            ),
            ...row(
                `${name}, room in it`,
                planned((plan) => length(level(plan, name)?.ease_as_cut_nm, true)),
            ),
        ]),
        ...row(
            'steps',
            planned((plan) => {
                const steps = [plan.bust_waist, plan.waist_hip].flatMap((step) =>
                    step === null ? [] : [step.sizes],
                );
                return steps.length === 0 ? null : steps.join(' and ');
            }),
        ),
        ...row(
            'bust adjustment',
            planned((plan) =>
                plan.bust_adjustment?.method
                    ? `${plan.bust_adjustment.kind}, ${length(Math.abs(plan.bust_adjustment.total_nm)) ?? ''}`
                    : 'none',
            ),
        ),
        ...row(
            'above the waist',
            planned((plan) => changeOf(plan.above_waist_nm, unit)),
        ),
        ...row(
            'below the waist',
            planned((plan) => changeOf(plan.below_waist_nm, unit)),
        ),
        ...row(
            'cautions',
            planned((plan) => plan.cautions.map(({ text }) => text).join(' ') || 'none'),
        ),
    ];
}

function changeOf(nm: number | null, unit: Unit): string | null {
    if (nm === null) return null;
    return nm === 0 ? 'as printed' : `${nm > 0 ? 'lengthen' : 'shorten'} ${figureText(Math.abs(nm), unit)}`;
}

function choicesWords(choices: Choices): string {
    const named = [
        choices.view && `view ${choices.view}`,
        choices.fit && `fit ${choices.fit}`,
        eases.find(({ value }) => value === choices.ease)?.label,
        picks.find(({ value }) => value === choices.pick)?.label,
        Object.keys(choices.sizes ?? {}).length > 0 && 'clips set by hand',
    ].filter((part): part is string => Boolean(part));
    return named.length === 0 ? 'as is usual' : named.join(', ');
}

/** How far a line is moved so that it stands where its garment does: a quarter of the girth as cut from the middle. */
export interface Standing {
    /** The level at which the lines are laid over one another: its depth is the drawing's 0. */
    depth: number;
    out: number;
}

/** Where the line of a plan stands at a level; null where it has no line or no finished girth there. */
export function standing(plan: Plan, at: LevelName): Standing | null {
    const station = plan.stations.find(({ level }) => level === at);
    const girth = plan.levels.find(({ level }) => level === at)?.as_cut_nm ?? null;
    const out = station === undefined ? null : outAt(plan.drawing?.front ?? [], station.depth_nm);
    if (station === undefined || girth === null || out === null) return null;
    return { depth: station.depth_nm, out: girth / 4 - out };
}

/** The level that all of them have, the waist first; null where there is none. */
export function commonLevel(plans: readonly Plan[]): LevelName | null {
    const order: LevelName[] = ['waist', 'hip', 'bust'];
    return order.find((at) => plans.every((plan) => standing(plan, at) !== null)) ?? null;
}
