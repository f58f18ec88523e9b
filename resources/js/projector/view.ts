import type { Calibration } from './calibration';

/** How the drawing lies on the mat; moves are millimetres on the mat. */
export interface MatView {
    turn: number;
    isFlipped: boolean;
    xMm: number;
    yMm: number;
    /** Times the width that each line has on paper. */
    weight: number;
    isDark: boolean;
    hasRuler: boolean;
}

export const atRest: MatView = {
    turn: 0,
    isFlipped: false,
    xMm: 10,
    // Paper keeps a band free above for what proves its scale; the mat has its grid.
    yMm: -50,
    weight: 2,
    isDark: true,
    hasRuler: false,
};

const WEIGHTS = [0.5, 1, 2, 3, 4, 6];

export const turned = (view: MatView): MatView => ({ ...view, turn: (view.turn + 90) % 360 });

export const flipped = (view: MatView): MatView => ({ ...view, isFlipped: !view.isFlipped });

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

/** Turned and flipped about its own middle, then moved, then in pixels of this device: for an SVG group. */
export function transformOf(
    view: MatView,
    calibration: Calibration,
    widthMm: number,
    heightMm: number,
): string {
    const [middleX, middleY] = [widthMm / 2, heightMm / 2];
    return [
        `scale(${calibration.across} ${calibration.down})`,
        `translate(${view.xMm + middleX} ${view.yMm + middleY})`,
        `rotate(${view.turn})`,
        `scale(${view.isFlipped ? -1 : 1} 1)`,
        `translate(${-middleX} ${-middleY})`,
    ].join(' ');
}
