// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { router } from '../router';
import { pageHelp } from './pageHelp';

it('every page says what can be done on it, and nothing is said of a page that is not there', () => {
    const pages = router.getRoutes().flatMap(({ name }) => (name === undefined ? [] : [String(name)]));
    expect(Object.keys(pageHelp).sort()).toEqual([...new Set(pages)].sort());
    for (const { can } of Object.values(pageHelp)) {
        expect(can.length).toBeGreaterThan(0);
        // A whole sentence each.
        expect(can.filter((one) => !/^[A-Z].*\.$/.test(one))).toEqual([]);
    }
});
