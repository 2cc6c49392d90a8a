import { aLoggedSet, aRunning } from '../testing';
import type { SetRecord } from '../log';
import { exercisesOf } from './progress';
import { runningRest } from './rest';
import type { RestByHand } from './rest';

const restOf = (sets: SetRecord[], by: Partial<RestByHand> = {}, over: Parameters<typeof aRunning>[1] = {}) =>
  runningRest(exercisesOf(aRunning(sets, over)), sets, { skippedRestAfter: null, addedRest: null, ...by });

describe('the rest that runs', () => {
  it('is the planned one after the set logged last, and nothing before any', () => {
    expect(restOf([])).toBeNull();
    expect(restOf([aLoggedSet()])).toMatchObject({ restSeconds: 90, reasons: [] });
  });

  it('grows after a set that went to the end, says why, and can be lengthened or cut', () => {
    // House default: half as long again after a set that left two reps fewer than asked for.
    const hard = aLoggedSet({ reserve: 0 });
    expect(restOf([hard])).toMatchObject({ restSeconds: 135, reasons: [{ code: 'rest-longer-short' }] });
    expect(restOf([hard], { addedRest: { setId: hard.id, seconds: 60 } })?.restSeconds).toBe(195);
    expect(restOf([hard], { addedRest: { setId: 'another', seconds: 60 } })?.restSeconds).toBe(135);
    expect(restOf([hard], { skippedRestAfter: hard.id })).toBeNull();
  });

  it('one leg done, the other goes at once', () => {
    const left = aLoggedSet({ itemId: 'item-lunge-1', side: 'left' });
    const right = aLoggedSet({ id: 'r', itemId: 'item-lunge-1', side: 'right', loggedAt: '2026-11-23T09:02:00.000Z' });
    expect(restOf([left])).toBeNull();
    expect(restOf([left, right])).not.toBeNull();
  });

  it('inside a round there is none; after it the round’s', () => {
    const block = { kind: 'rounds', roundRestSeconds: 75 } as const;
    const [first, last] = [aLoggedSet(), aLoggedSet({ id: 'z', itemId: 'item-bridge-1', loggedAt: '2026-11-23T09:09:00.000Z' })];
    expect(restOf([first], {}, { block })).toBeNull();
    expect(restOf([first, last], {}, { block })?.restSeconds).toBe(75);
  });
});
