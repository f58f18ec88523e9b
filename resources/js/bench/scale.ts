import type { LevelPlan, Unit } from '../api/types';

/** Where a girth lies across a tape, in pixels. */
export type Across = (nm: number) => number;

const MARGIN_PX = 22;

/** What a tape needs to know of its level. */
export type OnTape = Pick<LevelPlan, 'measure_nm' | 'size' | 'as_cut_nm' | 'notches'>;

/** All tapes share one scale and have the body on one plumb line, so that eases can be compared by eye. */
export function tapeScales(levels: readonly OnTape[], width: number): { plumb: number; across: Across[] } {
    const reach = levels.map((level) => {
        const centre = centreOf(level);
        const printed = level.notches.flatMap((n) => [
            n.chart_from_nm ?? n.chart_nm,
            n.chart_to_nm ?? n.chart_nm,
            n.finished_nm,
        ]);
        const values = [...printed, level.as_cut_nm].filter((v) => v !== null);
        return {
            left: centre - Math.min(centre, ...values),
            right: Math.max(centre, ...values) - centre,
        };
    });
    const left = Math.max(1, ...reach.map((r) => r.left));
    const right = Math.max(1, ...reach.map((r) => r.right));
    const pxPerNm = Math.max(0, width - 2 * MARGIN_PX) / (left + right);
    const plumb = MARGIN_PX + left * pxPerNm;
    return {
        plumb,
        across: levels.map((level) => (nm) => plumb + (nm - centreOf(level)) * pxPerNm),
    };
}

/** What hangs on the plumb line: the body, or the notch of the size where the body is not measured. */
const centreOf = (level: OnTape): number => level.measure_nm ?? notchAt(level, level.size) ?? 0;

/** The notch of a size: at its finished girth, or at its chart girth where no finished one is printed. */
export function notchAt(level: Pick<LevelPlan, 'notches'>, size: string): number | null {
    const notch = level.notches.find((n) => n.size === size);
    return notch?.finished_nm ?? notch?.chart_nm ?? null;
}

/** The size whose notch lies nearest to a place on the tape; sizes without any figure have no notch. */
export function nearestSize(level: LevelPlan, across: Across, x: number): string | null {
    let best: { size: string; away: number } | null = null;
    for (const { size } of level.notches) {
        const at = notchAt(level, size);
        if (at === null) continue;
        const away = Math.abs(across(at) - x);
        if (best === null || away < best.away) best = { size, away };
    }
    return best?.size ?? null;
}

/** The size so many notches further, stopping at the ends. */
export function stepSize(level: LevelPlan, steps: number): string {
    const sizes = level.notches.map(({ size }) => size);
    const at = Math.max(0, sizes.indexOf(level.size));
    return sizes[Math.min(sizes.length - 1, Math.max(0, at + steps))] ?? level.size;
}

export interface Tick {
    x: number;
    /** Printed at every tenth centimetre or fifth inch. */
    label: string | null;
    /** How long the mark is: every unit, every fifth of them, and where there is room halves and quarters of an inch. */
    kind: 'fifth' | 'whole' | 'half' | 'quarter';
}

/** Marks closer than this are a grey line. */
const CLOSEST_PX = 3.5;
const PARTS_OF_AN_INCH = 4;

/** The ruler's marks between two pixels. */
export function ticks(across: Across, unit: Unit, width: number): Tick[] {
    const nm = unit === 'cm' ? 10_000_000 : 25_400_000;
    const every = unit === 'cm' ? 10 : 5;
    const pxPerUnit = across(nm) - across(0);
    if (pxPerUnit <= 0) return [];
    const parts = unit === 'in' && pxPerUnit / PARTS_OF_AN_INCH >= CLOSEST_PX ? PARTS_OF_AN_INCH : 1;
    const first = Math.ceil((-across(0) * parts) / pxPerUnit);
    const last = Math.floor(((width - across(0)) * parts) / pxPerUnit);
    const marks: Tick[] = [];
    for (let part = first; part <= last; part += 1) {
        const n = part / parts;
        const isWhole = Number.isInteger(n);
        const kind = !isWhole
            ? Number.isInteger(2 * n)
                ? 'half'
                : 'quarter'
            : n % 5 === 0
              ? 'fifth'
              : 'whole';
        marks.push({ x: across(n * nm), label: isWhole && n % every === 0 ? String(n) : null, kind });
    }
    return marks;
}
