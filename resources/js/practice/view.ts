import type { PracticeFigure } from '../api/types';
import { sectionsOf, type Section } from './sections';

/** The picture of a body, in its own units: its height, the middles of its two views, and where its girths stand. */
export const WIDE = 740;
export const HIGH = 580;
export const FRONT = 150;
export const SIDE = 415;
export const GIRTHS = { from: 600, to: 700 };
export const GIRTHS_WIDE = 180;
const NECK_ROOM = 48;
const FOOT_ROOM = 74;

/** A body's millimetres as places of its picture: from the front its left side lies at the right. */
export interface View {
    at: (z: number) => Section;
    low: number;
    high: number;
    scale: number;
    y: (z: number) => number;
    frontX: (x: number) => number;
    sideX: (forward: number) => number;
}

export function viewOf({ rings }: PracticeFigure): View {
    const [low, high] = [rings[0]?.[0] ?? 0, rings.at(-1)?.[0] ?? 1];
    const scale = (HIGH - NECK_ROOM - FOOT_ROOM) / (high - low);
    return {
        at: sectionsOf(rings),
        low,
        high,
        scale,
        y: (z) => NECK_ROOM + (high - z) * scale,
        frontX: (x) => FRONT + x * scale,
        sideX: (forward) => SIDE - forward * scale,
    };
}

export const through = (points: readonly (readonly [number, number])[]): string =>
    `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`;
