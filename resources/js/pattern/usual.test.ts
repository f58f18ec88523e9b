import { expect, it } from 'vitest';
import type { PatternDocument } from '../api/types';
import { lacksOf } from './lacks';
import { withLength, withUsual } from './usual';

const bare = {
    sizes: ['8'],
    body_chart: {},
    finished: {},
    fabric: {},
    levels: {},
    seam: {},
} as PatternDocument;
const usual = [
    { key: 'underarm_to_waist', words: 'underarm to waist', cm: '20', in: '8' },
    { key: 'waist_to_hip', words: 'waist to hip', cm: '20', in: '8' },
] as const;

it('the blend lacks the lengths that nobody has typed, as far as the garment has them', () => {
    expect(lacksOf(bare)).toEqual(['underarm_to_waist', 'waist_to_hip']);
    expect(lacksOf({ ...bare, garment: 'skirt' })).toEqual(['waist_to_hip']);
    expect(lacksOf({ ...bare, seam: { underarm_to_waist: '20', waist_to_hip: '' } })).toEqual([
        'waist_to_hip',
    ]);
});

it('usual lengths stand in where one is lacking, and are marked; what is typed is no guess', () => {
    const { seam } = withUsual({ ...bare, seam: { underarm_to_waist: '21' } }, [...usual], 'in');
    expect(seam).toEqual({ underarm_to_waist: '21', waist_to_hip: '8', guessed: ['waist_to_hip'] });
    expect(withUsual(bare, [...usual], 'cm').seam.guessed).toEqual(['underarm_to_waist', 'waist_to_hip']);
    expect(withLength(seam, 'waist_to_hip', '7 3/4')).toEqual({
        underarm_to_waist: '21',
        waist_to_hip: '7 3/4',
    });
    expect(withLength(seam, 'hip_to_hem', '40').guessed).toEqual(['waist_to_hip']);
});
