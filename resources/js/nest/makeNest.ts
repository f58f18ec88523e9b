import { api, body } from '../api/client';
import type { Choices, MakeNest, NestLines } from '../api/types';

/** How the lines of a make reach the server: with what is chosen come the plan and its lines. */
export function makeNest(make: number) {
    const params = { path: { make } };
    return {
        load: (): Promise<MakeNest> => api.GET('/api/makes/{make}/nest', { params }).then(body),
        choose: (choices: Choices, version: number): Promise<NestLines> =>
            api.PUT('/api/makes/{make}/nest', { params, body: { choices, version } }).then(body),
    };
}
