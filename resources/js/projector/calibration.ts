/** How many pixels of this device's picture are a millimetre on the mat, across and down. */
export interface Calibration {
    across: number;
    down: number;
}

/** What a browser takes a millimetre for, before anything was measured. */
export const uncalibrated: Calibration = { across: 96 / 25.4, down: 96 / 25.4 };

const KEY = 'projector-calibration';
const LEAST = 0.05;
const MOST = 200;

const within = (value: unknown): value is number =>
    typeof value === 'number' && value >= LEAST && value <= MOST;

/** What was kept on this device; null where nothing is kept, or nothing that can be true. */
export function keptCalibration(storage: Pick<Storage, 'getItem'>): Calibration | null {
    try {
        const kept = JSON.parse(storage.getItem(KEY) ?? 'null') as Partial<Calibration> | null;
        return kept !== null && within(kept.across) && within(kept.down)
            ? { across: kept.across, down: kept.down }
            : null;
    } catch {
        return null;
    }
}

export function keepCalibration(storage: Pick<Storage, 'setItem'>, calibration: Calibration): void {
    storage.setItem(KEY, JSON.stringify(calibration));
}

/** A square that was drawn so large was measured on the mat: what the device really shows. Null for what can't be true. */
export function measured(
    calibration: Calibration,
    drawnMm: number,
    seenMm: { across: number; down: number },
): Calibration | null {
    const across = (calibration.across * drawnMm) / seenMm.across;
    const down = (calibration.down * drawnMm) / seenMm.down;
    return within(across) && within(down) ? { across, down } : null;
}

/** The corner of a square was dragged to where the mat has it. */
export function dragged(squareMm: number, widthPx: number, heightPx: number): Calibration | null {
    const [across, down] = [widthPx / squareMm, heightPx / squareMm];
    return within(across) && within(down) ? { across, down } : null;
}
