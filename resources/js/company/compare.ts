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
    /** One for each make; several things as a list. */
    says: (string | string[])[];
    differs: boolean;
}

/** One printed row of a make's chart, size by size. */
export interface PrintedRow {
    cells: { size: string; says: string; isChart: boolean; isCut: boolean }[];
    /** Of which make it is the same, where it is. */
    like?: number;
}

export interface PrintedRows {
    what: string;
    /** One for each make; null where it prints no such row. */
    of: (PrintedRow | null)[];
}

/** The charts themselves, row by row, one under the other: what each pattern prints for each of its sizes. */
export function printedRows(plans: readonly (Plan | null)[], unit: Unit): PrintedRows[] {
    const say = (nm: number): string => figureText(nm, unit).replace(/ (?:cm|in)$/, '');
    return LEVELS.flatMap((name) =>
        (['chart', 'finished'] as const).flatMap((kind) => {
            const of = plans.map((plan) => rowOf(plan, name, kind, say));
            const what = kind === 'chart' ? `${name}, body chart` : `${name}, finished`;
            return of.every((row) => row === null)
                ? []
                : [{ what, of: of.map((row, at) => shownOnce(of, row, at)) }];
        }),
    );
}

/** One that is printed like another above it, and comes to the same, is not shown again. */
function shownOnce(
    of: readonly (PrintedRow | null)[],
    row: PrintedRow | null,
    at: number,
): PrintedRow | null {
    const same = of.findIndex((one) => one !== null && JSON.stringify(one) === JSON.stringify(row));
    return row !== null && same < at ? { cells: [], like: same } : row;
}

function rowOf(
    plan: Plan | null,
    name: LevelName,
    kind: 'chart' | 'finished',
    say: (nm: number) => string,
): PrintedRow | null {
    const level = plan?.levels.find((one) => one.level === name);
    if (plan === null || level === undefined) return null;
    const cells = level.notches.flatMap((notch) => {
        const figure = kind === 'finished' ? notch.finished_nm : notch.chart_nm;
        if (figure === null) return [];
        const isRange = kind === 'chart' && notch.chart_from_nm !== null && notch.chart_to_nm !== null;
        return [
            {
                size: shortNames(plan)(notch.size),
                says: isRange
                    ? `${say(notch.chart_from_nm ?? figure)}–${say(notch.chart_to_nm ?? figure)}`
                    : say(figure),
                isChart: level.chart?.size === notch.size,
                isCut: level.size === notch.size,
            },
        ];
    });
    return cells.length === 0 ? null : { cells };
}

/** What stands of each make in a row; nothing where none of them has it. */
export function compared(benches: readonly Bench[], unit: Unit): Comparison[] {
    const row = (what: string, of: (bench: Bench) => string | string[] | null): Comparison[] => {
        const says = benches.map((bench) => of(bench) ?? DASH);
        if (says.every((one) => one === DASH)) return [];
        return [{ what, says, differs: new Set(says.map((one) => JSON.stringify(one))).size > 1 }];
    };
    const planned =
        (of: (plan: Plan) => string | string[] | null) =>
        ({ plan }: Bench): string | string[] | null =>
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
                `${name}, chart says`,
                planned((plan) => {
                    const chart = level(plan, name)?.chart;
                    return chart ? shortNames(plan)(chart.size) : null;
                }),
            ),
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
                `${name}, at the centre back`,
                planned((plan) => takenIn(level(plan, name)?.centre_back_nm, unit)),
            ),
            ...row(
                `${name}, at each side edge`,
                planned((plan) => {
                    const at = level(plan, name);
                    // What is left is at no edge.
                    return at === undefined || at.take === 'leave' ? null : takenIn(at.per_edge_nm, unit);
                }),
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
            planned((plan) => (plan.cautions.length === 0 ? 'none' : plan.cautions.map(({ text }) => text))),
        ),
    ];
}

function changeOf(nm: number | null, unit: Unit): string | null {
    if (nm === null) return null;
    return nm === 0 ? 'as printed' : `${nm > 0 ? 'lengthen' : 'shorten'} ${figureText(Math.abs(nm), unit)}`;
}

function takenIn(nm: number | null | undefined, unit: Unit): string | null {
    if (nm === null || nm === undefined || nm === 0) return null;
    return `${figureText(Math.abs(nm), unit)} ${nm > 0 ? 'in' : 'out'}`;
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
