import { aSet } from '../testing';
import { currentSets, doneAt, doubtsOf, isClockAhead, isOfSlot, nextSlot, restsFrom, sessionTime, slotsFor } from '.';

describe('the log', () => {
  it('shows the newest revision of each set, in order', () => {
    const first = aSet({ id: 'a', setIndex: 0, reps: 8, revision: 1 });
    const amended = { ...first, reps: 9, revision: 2 };
    const second = aSet({ id: 'b', setIndex: 1 });
    expect(currentSets([second, amended, first])).toEqual([amended, second]);
  });

  it('an undone set is out, even though its rows are kept', () => {
    const first = aSet({ id: 'a', revision: 1 });
    expect(currentSets([first, { ...first, revision: 2, removed: true }])).toEqual([]);
  });

  it('reps for a timed set are kept and marked: they say nothing of how long', () => {
    const timed = aSet({ kind: 'timed', reps: 12, seconds: null });
    expect([doubtsOf(timed), doubtsOf({ ...timed, reps: null, seconds: 30 })]).toEqual([['seconds'], []]);
  });

  it('a timed set fills the row of a work set, as it was logged before it had a kind of its own', () => {
    const [slot] = slotsFor({ sets: 1, stance: 'two-leg', isTimed: true });
    expect(slot).toEqual({ kind: 'timed', setIndex: 0, side: 'both' });
    expect(isOfSlot(aSet({ kind: 'work', setIndex: 0 }), slot!)).toBe(true);
    expect(isOfSlot(aSet({ kind: 'drop', setIndex: 0 }), slot!)).toBe(false);
  });

  it('a time after the server had it is not believed, and told where it is far off; one that comes late is', () => {
    const receivedAt = '2026-03-02T09:00:00.000Z';
    const times = ['2099-01-01T09:00:00.000Z', '2026-03-02T09:04:00.000Z', '2026-03-01T18:00:00.000Z'].map((loggedAt) => ({
      loggedAt,
      receivedAt,
    }));
    expect(times.map(doneAt)).toEqual([receivedAt, receivedAt, '2026-03-01T18:00:00.000Z']);
    expect(times.map(isClockAhead)).toEqual([true, false, false]);
    expect(isClockAhead({ loggedAt: '2099-01-01T09:00:00.000Z', receivedAt: null })).toBe(false);
  });

  it('a session begins when the phone says, unless its clock is more than a day ahead', () => {
    const receivedAt = '2026-03-02T09:00:00.000Z';
    const said = ['2026-03-03T08:59:00.000Z', '2026-03-03T09:01:00.000Z', '2020-01-01T00:00:00.000Z'];
    expect(said.map((one) => sessionTime(one, receivedAt))).toEqual([said[0], receivedAt, said[2]]);
  });

  it('the phone that logged it counts a rest by its own clock, another one from when it came in', () => {
    const set = { loggedAt: '2099-01-01T09:00:00.000Z', receivedAt: '2026-03-02T09:00:00.000Z' };
    expect(restsFrom(set, Date.parse('2099-01-01T09:01:00.000Z'))).toBe(set.loggedAt);
    expect(restsFrom(set, Date.parse('2026-03-02T09:01:00.000Z'))).toBe(set.receivedAt);
  });

  it('one-sided work has a row a side under one set index', () => {
    // Source: common practice, no source: reps are per side.
    expect(slotsFor({ sets: 2, stance: 'one-leg' })).toEqual([
      { kind: 'work', setIndex: 0, side: 'left' },
      { kind: 'work', setIndex: 0, side: 'right' },
      { kind: 'work', setIndex: 1, side: 'left' },
      { kind: 'work', setIndex: 1, side: 'right' },
    ]);
  });

  it('finds the next row to log, and none when all are done', () => {
    const slots = slotsFor({ sets: 2, stance: 'two-leg' });
    expect(nextSlot(slots, [aSet({ setIndex: 0 })])).toEqual({ kind: 'work', setIndex: 1, side: 'both' });
    expect(nextSlot(slots, [aSet({ setIndex: 0 }), aSet({ setIndex: 1 })])).toBeUndefined();
  });
});
