import { aLoggedSet, aRunning } from '../testing';
import type { SetRecord } from '../log';
import { countRows, currentExercise, exercisesOf, lastLogged, slotAfterRamp } from './progress';
import { canDropAfter, goesOnAfter, nextDrop, setsOf } from './standing-at';

const at = (...given: Parameters<typeof aRunning>) => exercisesOf(aRunning(...given));
const slotOf = (...given: Parameters<typeof aRunning>) => currentExercise(at(...given), null)?.item.slot;

describe('standing in a session', () => {
  it('has a row a set, two for one-sided work, and stands at the first open one', () => {
    const exercises = at([aLoggedSet()]);
    // The hinge, first of its pattern and not begun, offers one ramp set before its two.
    expect(exercises.map((exercise) => exercise.rows.length)).toEqual([2, 3, 4, 2]);
    expect(currentExercise(exercises, null)?.next).toEqual({ kind: 'work', setIndex: 1, side: 'both' });
    expect(countRows(exercises)).toEqual({ done: 1, planned: 10 });
    expect(currentExercise(exercises, 'item-bridge-1')?.item.slot).toBe('bridge');
    expect(currentExercise([], null)).toBeUndefined();
  });

  it('what pain ended, and what was left for today, is passed over though rows are left', () => {
    expect(slotOf([aLoggedSet({ endedBy: 'pain' })])).toBe('hinge');
    expect(slotOf([], { changes: [{ kind: 'leave', itemId: 'item-squat-1', because: 'fault' }] })).toBe('hinge');
  });

  it('a set beyond the plan, asked for here or logged elsewhere, has its row', () => {
    const rows = exercisesOf(aRunning(), { 'item-squat-1': 1 })[0]?.rows ?? [];
    expect(rows.filter(({ slot }) => slot.kind === 'work')).toHaveLength(3);
    expect(at([aLoggedSet({ setIndex: 4 })])[0]?.rows).toHaveLength(5);
  });

  it('sets aimed at are owed, more or fewer than the sheet says; what was done keeps its row', () => {
    const rows = (sets: number | null, done = 0) =>
      setsOf(
        at(
          Array.from({ length: done }, (_, setIndex) => aLoggedSet({ id: `d${setIndex}`, setIndex })),
          { changes: sets === null ? [] : [{ kind: 'sets', itemId: 'item-squat-1', sets, because: 'time' }] },
        )[0]!,
      );
    expect([rows(null), rows(1), rows(4), rows(1, 2)]).toEqual([2, 1, 4, 2]);
  });

  it('a stand-in stands where the other stood, which is closed, and goes on where it stopped', () => {
    const [, hinge] = aRunning().sheet.items;
    const item = { ...hinge!, id: 'in-1', slot: 'hinge-2', variationId: 'kettlebell-deadlift' };
    const swapped = at([aLoggedSet({ itemId: hinge!.id })], {
      changes: [{ kind: 'swap', itemId: hinge!.id, item, because: 'kit' }],
    });
    expect(swapped.slice(1, 3).map(({ item: { id }, isOpen, behind }) => [id, isOpen, behind])).toEqual([
      ['item-hinge-1', false, 0],
      ['in-1', true, 1],
    ]);
  });

  it('the last set is the one logged last, whatever order they arrived in', () => {
    const early = aLoggedSet({ id: 'early', loggedAt: '2026-11-23T09:00:00.000Z' });
    const late = aLoggedSet({ id: 'late', loggedAt: '2026-11-23T09:02:00.000Z' });
    expect(lastLogged([late, early])?.id).toBe('late');
    expect(lastLogged([])).toBeUndefined();
  });

  it('a phone whose clock stands in 2099 logs no last set for ever', () => {
    const ahead = aLoggedSet({ id: 'ahead', loggedAt: '2099-01-01T09:00:00.000Z', receivedAt: '2026-11-23T09:00:00.000Z' });
    const next = aLoggedSet({ id: 'next', loggedAt: '2026-11-23T09:02:00.000Z', receivedAt: '2026-11-23T09:02:01.000Z' });
    expect(lastLogged([ahead, next])?.id).toBe('next');
  });

  it('after a ramp set the next ramp set comes, then the work', () => {
    const hinge = (sets: SetRecord[]) => at(sets)[1]!;
    const ramp = aLoggedSet({ id: 'ramp', itemId: 'item-hinge-1', kind: 'ramp' });
    expect(slotAfterRamp(hinge([]))?.kind).toBe('work');
    // One ramp set is all the way there is to this weight.
    expect(slotAfterRamp(hinge([ramp]))).toMatchObject({ kind: 'work', setIndex: 0 });
  });
});

describe('a pair', () => {
  const block = { kind: 'rounds', roundRestSeconds: 75 } as const;
  const done = (setIndex: number, itemId: string) => aLoggedSet({ id: `${itemId}-${setIndex}`, itemId, setIndex });

  it('goes round: a set of each before anybody’s second', () => {
    expect(slotOf([], { block })).toBe('squat');
    expect(slotOf([done(0, 'item-squat-1')], { block })).toBe('hinge');
    const bothSides = (['left', 'right'] as const).map((side) => aLoggedSet({ id: side, itemId: 'item-lunge-1', side }));
    const round = [done(0, 'item-squat-1'), done(0, 'item-hinge-1'), ...bothSides, done(0, 'item-bridge-1')];
    expect(slotOf(round, { block })).toBe('squat');
  });

  it('rests after the round, and not inside it', () => {
    expect(at([], { block }).map(({ restSeconds }) => restSeconds)).toEqual([0, 0, 0, 75]);
    expect(at().map(({ restSeconds }) => restSeconds)).toEqual([90, 90, 90, 90]);
  });

  it('goes on to the next exercise after every set, by itself only after the last', () => {
    const slot = { kind: 'work', setIndex: 0, side: 'both' } as const;
    expect(goesOnAfter(at([], { block })[0]!, slot, false)).toBe(true);
    expect(goesOnAfter(at()[0]!, slot, false)).toBe(false);
    const last = at([aLoggedSet()])[0]!;
    expect(goesOnAfter(last, { ...slot, setIndex: 1 }, false)).toBe(true);
    // An amended set leaves the trainer where they stand; so does a ramp set.
    expect(goesOnAfter(last, { ...slot, setIndex: 1 }, true)).toBe(false);
    expect(goesOnAfter(last, { ...slot, kind: 'ramp' }, false)).toBe(false);
    // In turn, the first leg of a set is not the end of it.
    const lunge = at([], { block })[2]!;
    expect(goesOnAfter(lunge, lunge.next!, false)).toBe(false);
  });
});

describe('drops', () => {
  it('hang from a loaded set just done, and count by leg', () => {
    const exercise = (sets: SetRecord[]) => at(sets)[0]!;
    expect([canDropAfter(exercise([])), nextDrop(exercise([]))]).toEqual([false, null]);
    expect(canDropAfter(exercise([aLoggedSet({ externalKg: 0 })]))).toBe(false);
    expect(canDropAfter(exercise([aLoggedSet({ kind: 'feeler' })]))).toBe(false);
    const once = [aLoggedSet(), aLoggedSet({ id: 'drop', kind: 'drop', loggedAt: '2026-11-23T09:01:00.000Z' })];
    expect(canDropAfter(exercise(once))).toBe(true);
    // Each leg counts its own.
    const legs = (['left', 'right'] as const).map((side, at) =>
      aLoggedSet({ id: side, itemId: 'item-lunge-1', side, loggedAt: `2026-11-23T09:0${at}:30.000Z` }),
    );
    const leftDrop = aLoggedSet({
      id: 'd',
      itemId: 'item-lunge-1',
      kind: 'drop',
      side: 'left',
      loggedAt: '2026-11-23T09:01:00.000Z',
    });
    expect(nextDrop(at([...legs, leftDrop])[2]!)).toEqual({ kind: 'drop', setIndex: 0, side: 'right' });
    expect([nextDrop(exercise(once.slice(0, 1))), nextDrop(exercise(once))]).toEqual([
      { kind: 'drop', setIndex: 0, side: 'both' },
      { kind: 'drop', setIndex: 1, side: 'both' },
    ]);
  });
});
