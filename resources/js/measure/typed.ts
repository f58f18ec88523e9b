import type { Reading, Unit } from '../api/types';

/** What was typed, with its unit where the figures on the screen are in the other one. */
export function withUnit(reading: Pick<Reading, 'text' | 'unit'>, shown: Unit): string {
    const namesUnit = /[a-z"″”]\s*\.?$/i.test(reading.text);
    return reading.unit === shown || namesUnit ? reading.text : `${reading.text} ${reading.unit}`;
}
