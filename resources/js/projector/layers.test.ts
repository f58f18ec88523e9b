import { describe, expect, it } from 'vitest';
import type { Drawing } from '../api/types';
import { isShown, layersOf } from './layers';

const label = (group: string, text: string) => ({ group, text });
const drawing = {
    paths: ['front-cut', 'front-line-3', 'front-stations', 'back-cut', 'back-line-3'].map((group) => ({
        group,
    })),
    labels: [
        label('front-line-3', 'line 14'),
        label('back-line-3', 'line 14'),
        label('front-title', 'FRONT'),
    ],
} as unknown as Drawing;

describe('the layers of a strip', () => {
    it('are its sides, its printed lines by their names, and what else it has', () => {
        expect(layersOf(drawing).map(({ words }) => words)).toEqual([
            'front',
            'back',
            'line 14',
            'stations',
            'words',
        ]);
    });

    it('have no side where front and back are drawn once', () => {
        const once = {
            paths: [{ group: 'front-and-back-cut' }],
            labels: [label('front-and-back-line-3', 'line 14'), label('title', 'Lay it so')],
        } as unknown as Drawing;
        expect(layersOf(once).map(({ words }) => words)).toEqual(['line 14', 'words']);
    });

    it('are hidden each by itself, a line on both sides at once', () => {
        const layers = layersOf(drawing);
        const shown = (...hidden: string[]): string[] =>
            drawing.paths
                .map(({ group }) => group)
                .filter((group) => isShown(group, layers, new Set(hidden)));
        expect(shown()).toHaveLength(5);
        expect(shown('-line-3')).toEqual(['front-cut', 'front-stations', 'back-cut']);
        expect(shown('back', '-stations')).toEqual(['front-cut', 'front-line-3']);
    });
});
