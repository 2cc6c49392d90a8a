import { adviseAfterSet } from '../coaching';
import { anExerciseLog, aSet } from '../testing';
import type { PastExercise } from './types';
import { decideExercise } from '.';
import { fewerForPain, wasCutForPain } from './pain-before';

const { dose, values } = anExerciseLog({ loadKg: 24 });
const session = (day: number, loadsKg: number[], jointPain: number | null): PastExercise => ({
  sessionId: `s${day}`,
  day,
  dose,
  values,
  sets: loadsKg.map((externalKg, setIndex) => aSet({ setIndex, externalKg, jointPain })),
});
const was = (pain: number | null, ...past: PastExercise[]) => wasCutForPain({ past, day: 100 }, pain);

// Source: the binding page on prescribing, §8: pain, once.
describe('a load that was cut for pain before', () => {
  it('is one that was lighter in the last session, which hurt, than in the last that did not', () => {
    expect(was(4, session(90, [32, 32], 0), session(95, [24, 24], 4))).toBe(true);
    // Cut in the middle of the session, it was cut.
    expect(was(4, session(90, [32, 32], 0), session(95, [32, 24], 4))).toBe(true);
    // A lighter week is no cut for pain.
    expect(was(4, session(90, [32, 32], 0), session(95, [28, 28], 4))).toBe(false);
    // Where every session that is known hurt, the first of them tells.
    expect(was(4, session(90, [32, 32], 4), session(95, [24, 24], 4))).toBe(true);
  });

  it('and not where today hurts more, the last time did not, or it is long ago', () => {
    const past = [session(90, [32], 0), session(95, [24], 4)];
    expect(was(5, ...past)).toBe(false);
    expect(was(4, ...past, session(98, [24], 1))).toBe(false);
    expect(wasCutForPain({ past, day: 200 }, 4)).toBe(false);
    expect(was(4)).toBe(false);
    // Lighter in the middle of a session that did not hurt is no cut for pain.
    expect(was(null, session(95, [32, 24], 0))).toBe(false);
  });

  it('is cut by nobody again: the floor and the review take a setting, and sets come off', () => {
    const past = [session(0, [32, 32, 32], 0), session(4, [24, 24, 24], 4)];
    const log = { ...anExerciseLog({ loadKg: 24, reps: [10, 10, 10], day: 8, set: { jointPain: 4 } }), past };
    expect(decideExercise(log).change?.lever).not.toBe('load');
    expect(decideExercise({ ...log, past: [past[0]!] }).change?.lever).toBe('load');
    const floor = (before: PastExercise[]) =>
      adviseAfterSet({
        ...log,
        past: before,
        today: log.sets.slice(0, 1),
        next: { kind: 'work', setIndex: 1, side: 'both' },
        feelers: 0,
      });
    expect(floor(past)?.reasons.map(({ code }) => code)).not.toContain('advice-lighter');
    expect(floor([past[0]!])?.reasons.map(({ code }) => code)).toContain('advice-lighter');
    expect([fewerForPain(3), fewerForPain(2), fewerForPain(1)]).toEqual([2, 1, 0]);
  });
});
