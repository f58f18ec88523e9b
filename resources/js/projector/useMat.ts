import { useEventListener, useWindowSize } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import type { Drawing, Unit } from '../api/types';
import { dragged, keepCalibration, keptCalibration, measured, uncalibrated } from './calibration';
import { atRest, moved, transformOf, type MatView } from './view';

/** Where the square to be measured stands, in pixels of the window. */
const CORNER = { x: 60, y: 60 };

/** The mat that the projector throws its picture on: its calibration, and how the drawing lies on it. */
export function useMat(unit: () => Unit, drawing: () => Drawing | null) {
    const { width, height } = useWindowSize();
    const calibration = shallowRef(keptCalibration(localStorage) ?? uncalibrated);
    const isCalibrating = ref(keptCalibration(localStorage) === null);
    const view = shallowRef<MatView>(atRest);
    const isWrong = ref(false);
    const grip = shallowRef<{ x: number; y: number; takes: 'square' | 'drawing' } | null>(null);

    const squareMm = computed(() => (unit() === 'cm' ? 100 : 101.6));
    const square = computed(() => ({
        ...CORNER,
        width: squareMm.value * calibration.value.across,
        height: squareMm.value * calibration.value.down,
    }));
    const transform = computed(() =>
        transformOf(view.value, calibration.value, drawing()?.width_mm ?? 0, drawing()?.height_mm ?? 0),
    );

    function take(next: typeof calibration.value | null): void {
        isWrong.value = next === null;
        if (next === null) return;
        calibration.value = next;
        keepCalibration(localStorage, next);
    }

    /** What the tape says of the square, in the unit in use. */
    function measure(across: number, down: number): void {
        const mm = unit() === 'cm' ? 10 : 25.4;
        take(measured(calibration.value, squareMm.value, { across: across * mm, down: down * mm }));
    }

    function hold(event: PointerEvent, takes: 'square' | 'drawing'): void {
        grip.value = { x: event.clientX, y: event.clientY, takes };
    }

    useEventListener('pointermove', (event: PointerEvent) => {
        const held = grip.value;
        if (held === null) return;
        if (held.takes === 'square')
            take(dragged(squareMm.value, event.clientX - CORNER.x, event.clientY - CORNER.y));
        else {
            const { across, down } = calibration.value;
            view.value = moved(
                view.value,
                (event.clientX - held.x) / across,
                (event.clientY - held.y) / down,
            );
        }
        grip.value = { ...held, x: event.clientX, y: event.clientY };
    });
    useEventListener('pointerup', () => (grip.value = null));

    return {
        width,
        height,
        calibration,
        isCalibrating,
        isWrong,
        view,
        squareMm,
        square,
        transform,
        measure,
        hold,
    };
}
