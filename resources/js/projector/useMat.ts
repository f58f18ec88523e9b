import { useEventListener, useWindowSize } from '@vueuse/core';
import { computed, ref, shallowRef, watch } from 'vue';
import type { Drawing, Unit } from '../api/types';
import {
    dragged,
    isOff,
    keepCalibration,
    keptCalibration,
    read,
    uncalibrated,
    type Calibration,
    type Spot,
} from './calibration';
import { matrix3d, projection } from './lean';
import { atRest, moved, transformOf, type MatView } from './view';

/** Where the rules begin, in pixels of the window. */
export const ZERO = 56;

export type Grip = 'drawing' | 'across' | 'down' | 0 | 1 | 2 | 3;

/** The mat that the projector throws its picture on: its true scale, and how the drawing lies on it. */
export function useMat(unit: () => Unit, drawing: () => Drawing | null) {
    const { width, height } = useWindowSize();
    const pixelRatio = ref(devicePixelRatio);
    // Another zoom makes the window another size in its own pixels.
    useEventListener('resize', () => (pixelRatio.value = devicePixelRatio));
    const calibration = shallowRef<Calibration>(
        keptCalibration(localStorage) ?? uncalibrated(pixelRatio.value),
    );
    /** Whether a tape was ever held against it: until then nothing that is shown can be called true. */
    const isMeasured = ref(keptCalibration(localStorage) !== null);
    const isSetting = ref(!isMeasured.value);
    const view = shallowRef<MatView>(atRest);
    const isWrong = ref(false);
    const grip = shallowRef<{ x: number; y: number; takes: Grip } | null>(null);

    const step = computed(() => (unit() === 'cm' ? 100 : 101.6));
    /** The pins stand at whole tens of centimetres, or at fours of inches, as far out as the window has room. */
    const pinAt = (pixels: number, perMm: number): number =>
        Math.max(1, Math.floor((pixels - ZERO - 40) / perMm / step.value)) * step.value;
    const placed = (): { across: number; down: number } => ({
        across: pinAt(width.value, calibration.value.across),
        down: pinAt(height.value, calibration.value.down),
    });
    /** They keep their figures while one of them is dragged. */
    const pins = shallowRef(placed());
    watch([width, height, isSetting, step], () => (pins.value = placed()));
    const transform = computed(() =>
        transformOf(view.value, calibration.value, drawing()?.width_mm ?? 0, drawing()?.height_mm ?? 0),
    );
    const leans = computed(() => {
        const { lean } = calibration.value;
        return lean === null ? undefined : matrix3d(projection(lean.from, lean.to));
    });
    const isScaleOff = computed(() => isOff(calibration.value, pixelRatio.value));

    function take(next: Partial<Calibration> | null): void {
        isWrong.value = next === null;
        if (next === null) return;
        calibration.value = { ...calibration.value, ...next, ratio: pixelRatio.value };
        keepCalibration(localStorage, calibration.value);
        isMeasured.value = true;
    }

    /** What the tape reads at the pins, in the unit in use. */
    function tapeReads(across: number, down: number): void {
        const mm = unit() === 'cm' ? 10 : 25.4;
        const [x, y] = [
            read(calibration.value.across, pins.value.across, across * mm),
            read(calibration.value.down, pins.value.down, down * mm),
        ];
        take(x === null || y === null ? null : { across: x, down: y });
        pins.value = placed();
    }

    /** The oblong between the pins, drawn as if nothing leant. */
    const oblong = computed<Spot[]>(() => {
        const [right, bottom] = [
            ZERO + pins.value.across * calibration.value.across,
            ZERO + pins.value.down * calibration.value.down,
        ];
        return [
            [ZERO, ZERO],
            [right, ZERO],
            [right, bottom],
            [ZERO, bottom],
        ];
    });
    const corners = computed<Spot[]>(() => calibration.value.lean?.to ?? oblong.value);
    const straighten = (): void => take({ lean: null });

    function hold(event: PointerEvent, takes: Grip): void {
        grip.value = { x: event.clientX, y: event.clientY, takes };
    }

    useEventListener('pointermove', (event: PointerEvent) => {
        const held = grip.value;
        if (held === null) return;
        const [x, y] = [event.clientX - held.x, event.clientY - held.y];
        const { across, down } = calibration.value;
        if (held.takes === 'drawing') view.value = moved(view.value, x / across, y / down);
        else if (typeof held.takes === 'number') {
            const to = corners.value.map((spot, at): Spot =>
                at === held.takes ? [spot[0] + x, spot[1] + y] : spot,
            );
            take({ lean: { from: calibration.value.lean?.from ?? oblong.value, to } });
        } else {
            const at = held.takes === 'across' ? event.clientX : event.clientY;
            const found = dragged(pins.value[held.takes], at - ZERO);
            take(found === null ? null : { [held.takes]: found });
        }
        grip.value = { ...held, x: event.clientX, y: event.clientY };
    });
    useEventListener('pointerup', () => (grip.value = null));

    return {
        width,
        height,
        calibration,
        isSetting,
        isWrong,
        isMeasured,
        isScaleOff,
        view,
        pins,
        corners,
        transform,
        leans,
        tapeReads,
        straighten,
        hold,
    };
}
