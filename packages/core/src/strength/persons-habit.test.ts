import type { DoneSet, Lifter, PastSession } from './history';
import { habitAmong } from './persons-habit';
import { replay } from './estimator/replay';

const set = (over: Partial<DoneSet>): DoneSet => ({
  loadKg: 20,
  plannedReps: 8,
  reps: 8,
  reserve: 2,
  failed: false,
  ...over,
});
const sessions = (count: number, sets: (at: number) => DoneSet[]): PastSession[] =>
  Array.from({ length: count }, (_, at) => ({ day: 3 * at, sets: sets(at) }));

/** Always says 2; four sessions in, twelve reps go where ten were said to be the end. */
const shown = sessions(8, (at) => [set({ reps: at < 4 ? 8 : 13 }), set({ reps: at < 4 ? 8 : 13 })]);
const quiet = sessions(6, () => [set({ loadKg: 60 }), set({ loadKg: 60 })]);

// Source: design: a habit is shown by more than was said to be possible; that one lift shows it for the person is a house default.
describe('a habit of reporting is the person’s, not one lift’s', () => {
  it('shown wrong in one lift, and nearly all that is ever said: the number counts as no report', () => {
    expect(habitAmong([shown, quiet], 5)).toBe(2);
  });

  it('never shown wrong, other numbers too, too few reports, or the top of the scale: no habit', () => {
    expect(habitAmong([quiet, quiet], 5)).toBeNull();
    const varied = sessions(6, (at) => [set({ reserve: at % 4 }), set({ reserve: 1 })]);
    expect(habitAmong([shown, varied], 5)).toBeNull();
    expect(habitAmong([shown.slice(0, 6)], 5)).toBeNull();
    expect(
      habitAmong([shown.map(({ day, sets }) => ({ day, sets: sets.map((one) => ({ ...one, reserve: 5 })) }))], 5),
    ).toBeNull();
  });

  it('then a new lift is read as if nobody had said anything', () => {
    const lifter: Lifter = { startLoadKg: 30, trainingAge: 'intermediate', reserveCap: 5, bodyLoadKg: 0 };
    const fresh = sessions(2, () => [set({ loadKg: 20 }), set({ loadKg: 20, reserve: 4 })]);
    const unsaid = fresh.map(({ day, sets }) => ({
      day,
      sets: sets.map((one) => (one.reserve === 2 ? { ...one, reserve: null } : one)),
    }));
    const strength = (history: readonly PastSession[], habitReserve?: number) =>
      replay(history, { ...lifter, habitReserve }).belief;
    expect(strength(fresh, 2)).toEqual(strength(unsaid));
    expect(strength(fresh, 2)).not.toEqual(strength(fresh));
  });
});
