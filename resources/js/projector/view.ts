import type { Calibration } from './calibration';

/** The ground and the lines: our paper with its red line, light on a dark table, or ink alone. */
export const looks = ['paper', 'night', 'plain'] as const;
export type Look = (typeof looks)[number];

/** How the drawing lies on the mat; moves are millimetres on the mat. */
export interface MatView {
    /** In degrees, to the right. */
    turn: number;
    isMirrored: boolean;
    xMm: number;
    yMm: number;
    /** Times the width that each line has on paper. */
    weight: number;
    look: Look;
    hasRule: boolean;
}

export const atRest: MatView = {
    turn: 0,
    isMirrored: false,
    xMm: 10,
    // Paper keeps a band free above for what proves its scale; the mat has its rules.
    yMm: -50,
    weight: 2,
    look: 'paper',
    hasRule: false,
};

const WEIGHTS = [0.5, 1, 2, 3, 4, 6];

export const turned = (view: MatView, degrees = 90): MatView => ({
    ...view,
    turn: Math.round(((((view.turn + degrees) % 360) + 360) % 360) * 10) / 10,
});

export const mirrored = (view: MatView): MatView => ({ ...view, isMirrored: !view.isMirrored });

export const relit = (view: MatView): MatView => ({
    ...view,
    look: looks[(looks.indexOf(view.look) + 1) % looks.length] ?? 'paper',
});

export const moved = (view: MatView, xMm: number, yMm: number): MatView => ({
    ...view,
    xMm: view.xMm + xMm,
    yMm: view.yMm + yMm,
});

/** The next weight up or down; the last stays. */
export function weighed(view: MatView, step: 1 | -1): MatView {
    const at = WEIGHTS.indexOf(view.weight) + step;
    return { ...view, weight: WEIGHTS[Math.min(WEIGHTS.length - 1, Math.max(0, at))] ?? view.weight };
}

/** Turned and mirrored about its own middle, then moved, then in pixels of this device: for an SVG group. */
export function transformOf(
    view: MatView,
    { across, down }: Pick<Calibration, 'across' | 'down'>,
    widthMm: number,
    heightMm: number,
): string {
    const [middleX, middleY] = [widthMm / 2, heightMm / 2];
    return [
        `scale(${across} ${down})`,
        `translate(${view.xMm + middleX} ${view.yMm + middleY})`,
        `rotate(${view.turn})`,
        `scale(${view.isMirrored ? -1 : 1} 1)`,
        `translate(${-middleX} ${-middleY})`,
    ].join(' ');
}
