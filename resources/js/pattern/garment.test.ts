import { expect, it } from 'vitest';
import type { PatternDocument } from '../api/types';
import { drawnFigure, garmentShape } from './garment';

const dress = {
    sizes: ['8', '10', '12'],
    garment: 'dress',
    body_chart: { full_bust: ['84', '88', '92'], waist: ['66', '70', '74'] },
    finished: { full_bust: ['92', '96', '100'] },
    seam: { underarm_to_waist: '20.5', waist_to_hip: '20', hip_to_hem: '' },
} as unknown as PatternDocument;

it('a figure is read as far as a picture needs it', () => {
    expect(['34', '33,5', '33 1/2', '84-88', '', 'x', null].map(drawnFigure)).toEqual([
        34,
        33.5,
        33.5,
        84,
        null,
        null,
        null,
    ]);
});

it('the middle size is drawn as it is finished, else as its body, else as usual', () => {
    const { half, down, typed } = garmentShape(dress, 'cm');
    expect([half.bust, half.waist, half.hip]).toEqual([24, 17.5, 26.5]);
    expect([down.waist - down.bust, down.hip - down.waist, down.hem - down.hip]).toEqual([20.5, 20, 45]);
    expect(typed).toEqual({ waist: '20.5', hip: '20', hem: '' });
});

it('inches are as long as they are, a skirt begins at its waist, trousers have legs, a top is short', () => {
    expect(
        garmentShape({ ...dress, body_chart: {}, finished: { full_bust: ['36', '40', '44'] } }, 'in').half
            .bust,
    ).toBeCloseTo(25.4);
    const skirt = garmentShape({ ...dress, garment: 'skirt' }, 'cm');
    expect([skirt.fromWaist, skirt.down.waist, skirt.down.hip]).toEqual([true, 0, 20]);
    expect(garmentShape({ ...dress, garment: 'trousers' }, 'cm').hasLegs).toBe(true);
    const top = garmentShape({ ...dress, garment: 'top' }, 'cm');
    expect(top.down.hem - top.down.hip).toBe(8);
});
