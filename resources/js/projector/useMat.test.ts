// @vitest-environment jsdom
import { mount } from '@vue/test-utils';
import { beforeEach, expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import type { Unit } from '../api/types';
import { keptCalibration } from './calibration';
import { useMat, ZERO, type Grip } from './useMat';

type Mat = ReturnType<typeof useMat>;

/** A mat in a window of 1024 by 768, as a page would hold it. */
function laid(unit: Unit = 'cm'): Mat {
    let mat: Mat | null = null;
    mount(
        defineComponent(() => {
            mat = useMat(
                () => unit,
                () => ({ width_mm: 300, height_mm: 600 }) as never,
            );
            return () => h('div');
        }),
    );
    if (mat === null) throw new Error('No mat.');
    return mat;
}
const at = (name: string, x: number, y: number): Event =>
    Object.assign(new Event(name), { clientX: x, clientY: y });
/** Takes hold of something, drags it and lets go. */
function drag(mat: Mat, takes: Grip, from: [number, number], to: [number, number]): void {
    mat.hold(at('pointerdown', ...from) as PointerEvent, takes);
    window.dispatchEvent(at('pointermove', ...to));
    window.dispatchEvent(at('pointerup', ...to));
}
/** What a browser takes a millimetre for. */
const PX = 96 / 25.4;

beforeEach(() => {
    localStorage.clear();
    Object.assign(window, { innerWidth: 1024, innerHeight: 768, devicePixelRatio: 1 });
});

it('nothing was measured yet: the scale is asked for, at pins as far out as the window has room', () => {
    const mat = laid();
    expect(mat.isSetting.value).toBe(true);
    expect(mat.isMeasured.value).toBe(false);
    expect(mat.calibration.value.across).toBeCloseTo(PX, 9);
    expect(mat.pins.value).toEqual({ across: 200, down: 100 });
    expect(laid('in').pins.value).toEqual({ across: 203.2, down: 101.6 });
});

it('what a tape reads at the pins sets the scale, and is kept on this device', () => {
    const mat = laid();
    mat.tapeReads(25, 12.5);
    expect(mat.calibration.value.across).toBeCloseTo((PX * 200) / 250, 9);
    expect(mat.calibration.value.down).toBeCloseTo((PX * 100) / 125, 9);
    expect(keptCalibration(localStorage)?.across).toBeCloseTo((PX * 200) / 250, 9);
    expect([mat.isMeasured.value, laid().isSetting.value, laid().isMeasured.value]).toEqual([
        true,
        false,
        true,
    ]);
});

it('inches on the tape are inches', () => {
    const mat = laid('in');
    mat.tapeReads(8, 4);
    expect(mat.calibration.value.across).toBeCloseTo(PX, 9);
});

it('what can’t be true is told, and changes nothing', () => {
    const mat = laid();
    mat.tapeReads(0, 10);
    expect(mat.isWrong.value).toBe(true);
    expect(mat.calibration.value.across).toBeCloseTo(PX, 9);
    expect(keptCalibration(localStorage)).toBeNull();
    expect(mat.isMeasured.value).toBe(false);
    mat.tapeReads(20, 10);
    expect(mat.isWrong.value).toBe(false);
});

it('a pin is dragged to where the tape reads what it should, and keeps its figure meanwhile', () => {
    const mat = laid();
    drag(mat, 'across', [ZERO + 200 * PX, 30], [ZERO + 600, 30]);
    expect(mat.calibration.value.across).toBeCloseTo(3, 9);
    expect(mat.pins.value.across).toBe(200);
    drag(mat, 'down', [30, ZERO + 100 * PX], [30, ZERO + 250]);
    expect(mat.calibration.value.down).toBeCloseTo(2.5, 9);
});

it('the drawing is moved by millimetres on the mat, and by nothing once it is let go', () => {
    const mat = laid();
    mat.tapeReads(20, 10);
    const before = mat.view.value;
    drag(mat, 'drawing', [100, 100], [100 + 10 * PX, 100 - 5 * PX]);
    const after = mat.view.value;
    expect(after.xMm - before.xMm).toBeCloseTo(10, 6);
    expect(after.yMm - before.yMm).toBeCloseTo(-5, 6);
    window.dispatchEvent(at('pointermove', 900, 700));
    expect(mat.view.value).toEqual(after);
});

it('a corner is dragged until the oblong is seen square, and straightened again', () => {
    const mat = laid();
    expect(mat.leans.value).toBeUndefined();
    const [x, y] = mat.corners.value[1] ?? [0, 0];
    drag(mat, 1, [x, y], [x + 12, y - 7]);
    expect(mat.corners.value[1]).toEqual([x + 12, y - 7]);
    expect(mat.corners.value[0]).toEqual([ZERO, ZERO]);
    expect(mat.leans.value).toContain('matrix3d(');
    mat.straighten();
    expect(mat.leans.value).toBeUndefined();
    expect(mat.corners.value[1]).toEqual([x, y]);
});

it('with another zoom the scale is off, and said to be', () => {
    const mat = laid();
    mat.tapeReads(20, 10);
    expect(mat.isScaleOff.value).toBe(false);
    Object.assign(window, { devicePixelRatio: 1.25 });
    window.dispatchEvent(new Event('resize'));
    expect(mat.isScaleOff.value).toBe(true);
});
