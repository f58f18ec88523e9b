import type { Reading, Unit } from '../api/types';

/** What was typed, with its unit where the figures on the screen are in the other one. */
export function withUnit(reading: Pick<Reading, 'text' | 'unit' | 'names_unit'>, shown: Unit): string {
    const isPlain = reading.unit === shown || reading.names_unit;
    return isPlain ? reading.text : `${reading.text} ${reading.unit}`;
}
