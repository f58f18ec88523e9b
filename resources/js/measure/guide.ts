import { api, body } from '../api/client';
import type { MeasuringGuide } from '../api/types';

let asked: Promise<MeasuringGuide> | null = null;

/** How every point is measured: asked for once; a failure is asked again by the next page. */
export function measuringGuide(): Promise<MeasuringGuide> {
    asked ??= api
        .GET('/api/measuring-guide')
        .then(body)
        .catch((error: unknown) => {
            asked = null;
            throw error;
        });
    return asked;
}
