import { anExerciseLog, aSet } from '../testing';
import { reason } from '../vocabulary';
import { climb, SPENT_BY } from './climb';
import { fillRange } from './fill-range';
import { ladderGate } from './methods/ladder-gate';
import { straightLine } from './methods/straight-line';
import { twoForTwo } from './methods/two-for-two';
import { comingBack } from './questions/coming-back';
import { stay } from './stay';
import type { ExerciseLog, Outcome, PastExercise } from './types';
import { workDone } from './work-done';

// The parts a verdict is put together from, each by itself. Sources: design (§5 of the binding page on prescribing), common
// practice; numbers of two-for-two: NSCA Essentials 4th ed., from memory.
type Over = Parameters<typeof anExerciseLog>[0];
const codesOf = ({ reasons }: Outcome) => reasons.map(({ code }) => code);
const valuesOf = <C extends Outcome['reasons'][number]['code']>({ reasons }: Outcome, code: C) =>
  reasons.find((one) => one.code === code)?.values as Extract<Outcome['reasons'][number], { code: C }>['values'] | undefined;

describe('reps climb through the range, then the load', () => {
  const filled = (over: Over) => {
    const log = anExerciseLog({
      variationId: 'wide-dumbbell-squat',
      loadKg: 24,
      ...over,
      dose: { sets: 3, repsLow: 8, repsHigh: 12 },
    });
    return fillRange(log, workDone(log));
  };

  it('below the top in one set it is the same load again, and says which set was lowest', () => {
    const within = filled({ reps: [12, 12, 11] });
    expect([within.verdict, within.dose.load.externalKg]).toEqual(['same-again', 24]);
    expect(valuesOf(within, 'within-range')).toEqual({ lowestReps: 11, repsHigh: 12 });
  });

  it('at the top in every set the load goes up and the reps begin again', () => {
    const up = filled({ reps: [12, 12, 12] });
    expect(up).toMatchObject({ verdict: 'move-up', change: { lever: 'load', from: 24 } });
    expect(valuesOf(up, 'top-of-range')).toEqual({ sets: 3, reps: 12 });
    expect(up.dose.load.externalKg).toBeGreaterThan(24);
  });

  it('where the grip ended a set below the top, the legs are not held to it', () => {
    const grip = aSet({ setIndex: 2, reps: 9, endedBy: 'grip' });
    const held = filled({ sets: [aSet({ setIndex: 0, reps: 12 }), aSet({ setIndex: 1, reps: 12 }), grip] });
    expect(codesOf(held)).not.toContain('within-range');
  });

  it('a set left out holds the load, though those done were at the top', () => {
    const two = filled({ reps: [12, 12] });
    expect(two.verdict).toBe('same-again');
    expect(codesOf(two)).toContain('sets-missing');
  });
});

describe('more reps are asked for', () => {
  const asked = (over: Over) => {
    const log = anExerciseLog({ loadKg: 24, reps: [10, 10, 10], ...over, dose: { repsAim: 10, reserve: 3, ...over.dose } });
    return climb(log, workDone(log), stay(log, workDone(log), []));
  };

  it('once every set did what was asked with about the reserve meant', () => {
    expect(asked({ set: { reserve: 3 } })).toMatchObject({ verdict: 'move-up', change: { lever: 'reps', from: 10 } });
    expect(asked({ set: { reserve: null } })).not.toBeNull();
    expect(asked({ set: { reserve: 3 - SPENT_BY } })).not.toBeNull();
    expect(asked({ set: { reserve: 3 - SPENT_BY - 1 } })).toBeNull();
  });

  it('not where one set fell short, was given up, or is missing', () => {
    expect(asked({ reps: [10, 10, 9] })).toBeNull();
    expect(asked({ reps: [10, 10] })).toBeNull();
    expect(asked({ set: { endedBy: 'failure' } })).toBeNull();
    expect(asked({ set: { endedBy: 'choice' } })).not.toBeNull();
  });

  it('never past the top of the range, and at least one more than the fewest', () => {
    const up = asked({ reps: [11, 11, 11] });
    expect(up?.dose.repsAim).toBeGreaterThanOrEqual(12);
    expect(up?.dose.repsAim).toBeLessThanOrEqual(12);
    expect(asked({ reps: [12, 12, 12], dose: { repsAim: 12 } })).toBeNull();
    expect(valuesOf(up!, 'aim-up')).toEqual({ from: 10, to: 12 });
  });
});

describe('two for two', () => {
  const judged = (now: number[], before?: number[]) => {
    const over: Over = { method: 'two-for-two', variationId: 'dumbbell-romanian-deadlift', loadKg: 24, reps: now };
    const log = anExerciseLog(over);
    const { dose, values, sets } = anExerciseLog({ ...over, reps: before ?? now });
    const past: PastExercise[] = before ? [{ sessionId: 'past', day: log.day - 3, dose, values, sets }] : [];
    const whole: ExerciseLog = { ...log, past };
    return twoForTwo.decide(whole, workDone(whole));
  };

  it('counts the reps over the goal in the last set, and the sessions running', () => {
    const top = anExerciseLog({ variationId: 'dumbbell-romanian-deadlift', loadKg: 24, reps: [] }).dose.repsHigh;
    const met = judged([top, top, top + 3], [top, top, top + 2]);
    expect(valuesOf(met, 'two-for-two-met')).toEqual({ repsOver: 3, goalReps: top, sessions: 2 });
    expect(met).toMatchObject({ verdict: 'move-up', change: { lever: 'load' } });
    const once = judged([top, top, top + 2]);
    expect(valuesOf(once, 'two-for-two-waiting')).toEqual({ lastReps: top + 2, goalReps: top, sessions: 1 });
  });
});

describe('straight line', () => {
  const judged = (reps: number[]) => {
    const log = anExerciseLog({ method: 'straight-line', variationId: 'dumbbell-romanian-deadlift', loadKg: 24, reps });
    return straightLine.decide(log, workDone(log));
  };

  it('says how many sets were missed and the fewest reps', () => {
    const low = anExerciseLog({ variationId: 'dumbbell-romanian-deadlift', loadKg: 24, reps: [] }).dose.repsLow;
    expect(valuesOf(judged([low, low - 1, low - 2]), 'straight-line-missed')).toEqual({ missedSets: 2, reps: low - 2 });
    expect(valuesOf(judged([low, low, low]), 'straight-line-done')).toEqual({ sets: 3, reps: low });
  });
});

describe('what was taken off for pain comes back', () => {
  /** Eased from 40 kg to what is done now; painless, and settled by the morning. */
  const back = (nowKg: number, over: Partial<{ good: number; sets: number; pain: number | null }> = {}) => {
    const { good = 0, sets = 3, pain = 0 } = over;
    const given = anExerciseLog({
      variationId: 'romanian-deadlift',
      loadKg: nowKg,
      // So far from hard that the belief bears any of what may come back.
      reps: [30, 30, 30],
      set: { jointPain: pain, reserve: 5 },
      dose: { sets, repsLow: 8, repsHigh: 12, reserve: 2 },
    });
    const log: ExerciseLog = {
      ...given,
      memory: { ...given.memory, eased: { because: 'pain', day: 90, loadKg: 100, sets: 3, steps: ['load'], values: {}, good } },
    };
    return { log, outcome: comingBack.ask(log, workDone(log)) };
  };
  const loadOf = (outcome: Outcome | null) => outcome?.dose.load.externalKg ?? NaN;

  it('a third of the gap or two steps of the kit a session, whichever is more, and never past where it stood', () => {
    for (const nowKg of [40, 60, 85, 95]) {
      const { log, outcome } = back(nowKg);
      const from = log.dose.load.externalKg;
      const steps = log.loads.map(({ externalKg }) => externalKg).filter((kg) => kg > from + 0.001);
      const bound = Math.max(steps[1] ?? Infinity, from + (100 - from) / 3);
      expect(loadOf(outcome)).toBeGreaterThan(from);
      expect(loadOf(outcome)).toBeLessThanOrEqual(Math.min(100, bound) + 0.001);
      expect(outcome).toMatchObject({ isReturn: true, verdict: 'move-up' });
    }
  });

  it('a wide gap goes back by its third: further than two steps', () => {
    const { log, outcome } = back(40);
    const above = log.loads.map(({ externalKg }) => externalKg).filter((kg) => kg > log.dose.load.externalKg + 0.001);
    const third = above.filter((kg) => kg <= 40 + 20 + 0.001).at(-1)!;
    expect(third).toBeGreaterThan(above[1]!);
    expect(loadOf(outcome)).toBe(third);
  });

  it('there again it is said once, and forgotten', () => {
    const { outcome } = back(100);
    expect(codesOf(outcome!)).toContain('back-again');
    expect(outcome?.memory?.eased).toBeUndefined();
  });

  it('sets that were taken off come back with it', () => {
    const { outcome } = back(40, { sets: 2 });
    expect(outcome?.dose.sets).toBe(3);
  });

  it('pain that nobody asked about gives nothing back; pain above the safe band is not its question', () => {
    expect(codesOf(back(40, { pain: null }).outcome!)).toEqual(['pain-return-unknown']);
    expect(back(40, { pain: 5 }).outcome).toBeNull();
  });

  it('after enough good sessions it is over, wherever it stands', () => {
    expect(back(40, { good: 3 }).outcome?.memory?.eased).toBeUndefined();
    expect(back(40, { good: 0 }).outcome?.memory?.eased).toMatchObject({ good: 1, loadKg: 100 });
  });
});

describe('a movement without a stage to earn', () => {
  const beyond = (reps: number[]) => {
    const log = anExerciseLog({
      method: 'ladder-gate',
      variationId: 'wide-dumbbell-squat',
      loadKg: 24,
      reps,
      dose: { sets: 2, repsLow: 8, repsHigh: 12 },
    });
    return ladderGate.decide(log, workDone(log));
  };

  it('fills its range in every set first, and no set may be missing', () => {
    expect(codesOf(beyond([12, 11]))).toContain('within-range');
    expect(codesOf(beyond([12]))).toContain('within-range');
    expect(codesOf(beyond([12, 12]))).toContain('top-of-range');
  });
});

it('a reason carries what it is about and where it rests', () => {
  expect(reason('top-of-range', { sets: 3, reps: 12 }, 'common-practice')).toEqual({
    code: 'top-of-range',
    values: { sets: 3, reps: 12 },
    basis: 'common-practice',
  });
});
