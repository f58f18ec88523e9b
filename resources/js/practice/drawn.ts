/** What is drawn of a body beside its rings, which alone are measured. */
export interface Drawn {
    /** How much lower its left shoulder is, in millimetres. */
    shoulderDrop: number;
    isSeated: boolean;
}

const DROPS: Record<string, number> = { 'shoulder-low': 34 };
const SEATED = ['sitting'];

export const drawnOf = (code: string): Drawn => ({
    shoulderDrop: DROPS[code] ?? 0,
    isSeated: SEATED.includes(code),
});

/** From the chest up a shoulder hangs lower, least at the chest and at the neck; from 0 to 1 by height. */
export function shoulderAt(z: number, low: number, high: number): number {
    const from = high - (high - low) * 0.24;
    return z <= from ? 0 : Math.sin((Math.PI * (z - from)) / (high - from));
}
