import { expect, it } from 'vitest';
import { pathThrough } from './path';

it('goes through the points and lifts the pen over a gap', () => {
    expect(pathThrough([[0, 0], [1, 2.25], null, [3, 4], [5, 6]])).toBe('M0.0 0.0L1.0 2.3M3.0 4.0L5.0 6.0');
});
