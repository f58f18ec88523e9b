import type { Unit } from '../api/types';

/** Whether a figure stands without its unit. */
const isBare = (text: string): boolean => text.trim() !== '' && !/[a-z"″'′]/i.test(text);

/** What is kept as it was typed in one unit, beside fields that are in another now: its own is said. */
export const shownIn = (text: string, keptIn: Unit, shown: Unit): string =>
    keptIn !== shown && isBare(text) ? `${text.trim()} ${keptIn}` : text;

/** A bare figure is in the unit that is shown, wherever it is kept. */
export const saidIn = (text: string, keptIn: Unit, shown: Unit): string =>
    keptIn !== shown && isBare(text) ? `${text.trim()} ${shown}` : text;
