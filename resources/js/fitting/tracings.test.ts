import { expect, it } from 'vitest';
import type { FittingDocument, FittingFinding } from '../api/types';
import {
    foundOn,
    inHand,
    isTried,
    taken,
    ticked,
    tracings,
    tried,
    withFinding,
    withoutFinding,
} from './tracings';

const finding = (place: FittingFinding['place']): Omit<FittingFinding, 'tracing'> => ({
    place,
    what: 'add',
    amount: '1',
});

it('what is found on the first tracing goes into the second, which is then in hand and not tried', () => {
    const now = withFinding({}, finding('waist'));
    expect([inHand(now), now.tried, isTried(now), tracings(now)]).toEqual([2, 1, false, [1, 2]]);
    expect(foundOn(now, 2).map(({ finding: one }) => one.place)).toEqual(['waist']);
});

it('a tracing that is not tried yet takes the next finding too; one that was tried leads on to another', () => {
    const two = withFinding(withFinding({}, finding('waist')), finding('hip'));
    expect([inHand(two), foundOn(two, 2)].map((one) => (Array.isArray(one) ? one.length : one))).toEqual([
        2, 2,
    ]);
    const three = withFinding(tried(two), finding('hem'));
    expect([inHand(three), three.tried, foundOn(three, 3).length]).toEqual([3, 2, 1]);
});

it('stepping back keeps what came later, until something else is found from there', () => {
    const three = withFinding(tried(withFinding({}, finding('waist'))), finding('hem'));
    const back = taken(three, 1);
    expect([inHand(back), tracings(back)]).toEqual([1, [1, 2, 3]]);
    expect(taken(back, 3)).toEqual(three);
    const other = withFinding(back, finding('neck'));
    expect([inHand(other), other.findings?.map(({ place }) => place)]).toEqual([2, ['neck']]);
});

it('a finding is taken back, and a tracing that nothing is drawn on any more goes with it', () => {
    const three = tried(withFinding(tried(withFinding({}, finding('waist'))), finding('hem')));
    const two = withoutFinding(three, 1);
    expect([inHand(two), two.tried, two.findings?.length]).toEqual([2, 2, 1]);
    const one = withoutFinding(two, 0);
    expect([inHand(one), one.findings]).toEqual([1, []]);
});

it('pieces are ticked and unticked, each by itself', () => {
    const now: FittingDocument = withFinding({}, { ...finding('waist'), pieces: ['front', 'back'] });
    const done = ticked(ticked(now, 0, 'front'), 0, 'back');
    expect(done.findings?.[0]?.done).toEqual(['front', 'back']);
    expect(ticked(done, 0, 'front').findings?.[0]?.done).toEqual(['back']);
    expect(ticked(now, 5, 'front').findings).toEqual(now.findings);
});
