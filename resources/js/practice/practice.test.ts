// @vitest-environment jsdom
import { expect, it } from 'vitest';
import type { Practice, ReadTape } from '../api/types';
import { usePractice, type Placing, type PracticeServer } from './usePractice';

const figure = (code: string): Practice['figures'][number] => ({
    code,
    name: code,
    rings: [
        [700, 150, 100, 100, 0],
        [1400, 120, 60, 70, 0],
    ],
    waist_mm: 1050,
});
const exercise = (code: string, point: string, isDue = true): Practice['exercises'][number] =>
    ({
        code,
        point,
        figures: ['round', 'slender'],
        is_due: isDue,
        title: code,
    }) as Practice['exercises'][number];
const read = (right: boolean): ReadTape => ({ is_right: right, slips: [] }) as unknown as ReadTape;

function practising(chances: number[]): { asked: (Placing | null)[]; with: ReturnType<typeof usePractice> } {
    const asked: (Placing | null)[] = [];
    const server: PracticeServer = {
        load: () =>
            Promise.resolve({
                figures: [figure('round'), figure('slender'), figure('sitting')],
                exercises: [exercise('waist', 'waist'), exercise('hip', 'hip', false)],
            }),
        read: (_exercise, _figure, placing) => {
            asked.push(placing);
            return Promise.resolve(read(placing === null));
        },
    };
    return { asked, with: usePractice(server, () => chances.shift() ?? 0.5) };
}

it('what is due comes first, on one of its own bodies, the tape somewhere and not level', async () => {
    const { with: page } = practising([0.99, 0.2, 1, 0]);
    await page.load();
    expect(page.due.value.map(({ code }) => code)).toEqual(['waist']);
    page.begin(page.due.value[0] ?? exercise('none', 'waist'));
    expect(page.figure.value?.code).toBe('slender');
    expect(page.lying.value).toEqual({ height: 945, front: 20, left: -15 });
});

it('first a guess about a tape that somebody laid, then one’s own, which decides', async () => {
    const { asked, with: page } = practising([]);
    await page.load();
    page.begin(exercise('hip', 'hip'));
    await page.guessed({ way: 'more', nm: 30_000_000 });
    expect([page.step.value, asked]).toEqual(['lay', [null]]);
    page.lying.value = { height: 860, front: 2, left: 0 };
    page.board.value = true;
    await page.laid();
    expect(asked[1]).toEqual({ height: 860, front: 2, left: 0, point: 'hip', board: true });
    expect([page.step.value, page.own.value?.is_right]).toEqual(['told', false]);
});

it('only at the hip a board is said anything of', async () => {
    const { asked, with: page } = practising([]);
    await page.load();
    page.begin(exercise('waist', 'waist'));
    await page.laid();
    expect(asked[0]).not.toHaveProperty('board');
});
