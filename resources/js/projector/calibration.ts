/** A place of the window, in its pixels. */
export type Spot = [x: number, y: number];

/** How many pixels of this device's picture are a millimetre on the mat, across and down, and how it leans. */
export interface Calibration {
    across: number;
    down: number;
    /** Where the corners of an oblong lie as it is drawn, and where they have to be drawn to be seen square; null where nothing leans. */
    lean: { from: Spot[]; to: Spot[] } | null;
    /** How many dots of the device a pixel of the window had: with another zoom all of this is off. */
    ratio: number;
}

/** What a browser takes a millimetre for, before anything was measured. */
export const uncalibrated = (ratio: number): Calibration => ({
    across: 96 / 25.4,
    down: 96 / 25.4,
    lean: null,
    ratio,
});

const KEY = 'projector-true';
const LEAST = 0.05;
const MOST = 200;

const within = (value: unknown): value is number =>
    typeof value === 'number' && value >= LEAST && value <= MOST;

const isSpots = (value: unknown): value is Spot[] =>
    Array.isArray(value) &&
    value.length === 4 &&
    value.every((spot) => Array.isArray(spot) && spot.length === 2 && spot.every(Number.isFinite));

/** What was kept on this device; null where nothing is kept, or nothing that can be true. */
export function keptCalibration(storage: Pick<Storage, 'getItem'>): Calibration | null {
    try {
        const kept = JSON.parse(storage.getItem(KEY) ?? 'null') as Partial<Calibration> | null;
        if (kept === null || !within(kept.across) || !within(kept.down) || !within(kept.ratio)) return null;
        const { across, down, ratio, lean } = kept;
        return {
            across,
            down,
            ratio,
            lean: lean && isSpots(lean.from) && isSpots(lean.to) ? { from: lean.from, to: lean.to } : null,
        };
    } catch {
        return null;
    }
}

export function keepCalibration(storage: Pick<Storage, 'setItem'>, calibration: Calibration): void {
    storage.setItem(KEY, JSON.stringify(calibration));
}

/** A rule whose pin stands at some millimetres was read by a tape: what the device really shows. Null for what can't be true. */
export function read(pixelsPerMm: number, pinMm: number, readMm: number): number | null {
    const found = (pixelsPerMm * pinMm) / readMm;
    return within(found) ? found : null;
}

/** The pin of a rule was dragged to where the tape reads what it should. */
export function dragged(pinMm: number, pixels: number): number | null {
    const found = pixels / pinMm;
    return within(found) ? found : null;
}

/** Whether the zoom, or the screen, is another than when the scale was set. */
export const isOff = (calibration: Calibration, ratio: number): boolean =>
    Math.abs(calibration.ratio / ratio - 1) > 0.001;
