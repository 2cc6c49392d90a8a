import { aSet } from '../testing';
import { currentSets, nextSlot, slotsFor } from '.';

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
