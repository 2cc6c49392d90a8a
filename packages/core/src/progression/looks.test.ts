import { anExerciseLog, aSet } from '../testing';
import { decideExercise } from './decide';
import { carefulCause } from './estimate-next';
import { doneIn } from './gates/evidence';
import { timedWork } from './methods/timed';
import { pain } from './questions/pain';
import { dip } from './second-looks/dip';
import { mayMoveUp } from './second-looks/may-move-up';
import { spent } from './second-looks/spent';
import { stall } from './second-looks/stall';
import { notWhole, shortOfRange } from './short-of-range';
import { stay } from './stay';
import type { ExerciseLog, Outcome, PastExercise } from './types';
import { heldLoad, workDone } from './work-done';

// What is looked at once more before a verdict stands, each look by itself. Sources: design (the binding page on prescribing,
// §§ 2, 4 and 8), common practice.
type Over = Parameters<typeof anExerciseLog>[0];
const codesOf = (outcome: Outcome | null) => outcome?.reasons.map(({ code }) => code) ?? null;
const valuesOf = (outcome: Outcome | null, code: string) => outcome?.reasons.find((one) => one.code === code)?.values;
const same = (log: ExerciseLog): Outcome => stay(log, workDone(log), []);
const up = (log: ExerciseLog): Outcome => ({
  ...same(log),
  verdict: 'move-up',
  change: { lever: 'load', from: log.dose.load.externalKg, to: log.dose.load.externalKg + 4 },
});
const threeSets = (part: (at: number) => Partial<Parameters<typeof aSet>[0]>) =>
  [0, 1, 2].map((setIndex) => aSet({ setIndex, ...part(setIndex) }));

describe('what keeps a full range from counting', () => {
  const look = (over: Over) => {
    const log = anExerciseLog({ loadKg: 24, ...over });
    return [notWhole(log, workDone(log)), shortOfRange(log, workDone(log))];
  };

  it('one set with less weight than the others, said by its number', () => {
    const [held] = look({ sets: threeSets((at) => ({ reps: 12, externalKg: at === 2 ? 20 : 24 })) });
    expect(codesOf(held!)).toEqual(['other-load-than-planned']);
    expect(valuesOf(held!, 'other-load-than-planned')).toEqual({ setIndex: 2, loadKg: 20, plannedKg: 24 });
    expect(look({ reps: [12, 12, 12] })[0]).toBeNull();
  });

  it('sets that grip ended are not short of the range, and others in it are not either', () => {
    expect(look({ reps: [5, 5, 5], set: { endedBy: 'grip' } })[1]).toBeNull();
    expect(look({ reps: [8, 8, 8], dose: { repsLow: 8 } })[1]).toBeNull();
    expect(codesOf(look({ reps: [7, 8, 8], dose: { repsLow: 8 } })[1]!)).toEqual(['short-once']);
  });
});

describe('pain in the sets', () => {
  const asked = (set: Over['set']) => {
    const log = anExerciseLog({ loadKg: 24, reps: [10, 10, 10], set });
    return pain.ask(log, workDone(log));
  };

  it('a set it ended eases, asked how much or not; at two or less nothing is cut', () => {
    expect(codesOf(asked({ endedBy: 'pain', jointPain: null }))).toEqual(['pain-ended']);
    expect(valuesOf(asked({ endedBy: 'pain', jointPain: null }), 'pain-ended')).toEqual({ setIndex: 0 });
    expect(asked({ endedBy: 'pain', jointPain: 2 })).toBeNull();
    expect(asked({ jointPain: null })).toBeNull();
    expect(codesOf(asked({ jointPain: 4 }))).toEqual(['pain-ease']);
  });

  const moved = (worst: number | null, known: Partial<ExerciseLog['context']['pain']>) => {
    const log = anExerciseLog({ loadKg: 24, reps: [12, 12, 12], set: { jointPain: worst } });
    const whole = { ...log, context: { ...log.context, pain: { ...log.context.pain, ...known } } };
    return mayMoveUp.look(up(whole), whole, workDone(whole));
  };

  it('nothing moves up on pain whose morning is not known, and none stands against it where there was none', () => {
    expect(codesOf(moved(3, { clearedUpTo: 5, settledByMorning: null }))).toContain('pain-morning-unknown');
    expect(moved(3, { clearedUpTo: 5, settledByMorning: true })).toBeNull();
    expect(moved(2, { settledByMorning: null })).toBeNull();
    expect(moved(0, { settledByMorning: false })).toBeNull();
    expect(codesOf(moved(2, { settledByMorning: false }))).toContain('pain-not-settled');
  });
});

describe('who is to be careful', () => {
  const cause = (over: Partial<ExerciseLog['context']>) => carefulCause(anExerciseLog({ loadKg: 24, context: over }));

  it('is said by what is known of them first, then by a limit that holds this movement back', () => {
    const knee = { limit: 'knee-front', severity: 4 } as const;
    expect(cause({})).toBeNull();
    expect(cause({ limits: [knee] })).toBe('limit');
    expect(cause({ limits: [{ limit: 'neck', severity: 1 }] })).toBeNull();
    expect(cause({ careful: ['from-65'], limits: [knee] })).toBe('from-65');
  });

  const looked = (reserve: number, verdict: (log: ExerciseLog) => Outcome, before?: number) => {
    const over: Over = { loadKg: 24, reps: [10, 10, 10], set: { reserve }, dose: { reserve: 4 } };
    const log = anExerciseLog({ ...over, context: { careful: ['from-65'] } });
    const { dose, values, sets } = anExerciseLog({ ...over, set: { reserve: before ?? 4 } });
    const past: PastExercise[] = before === undefined ? [] : [{ sessionId: 'past', day: 97, dose, values, sets }];
    const whole = { ...log, past };
    return spent.look(verdict(whole), whole, workDone(whole));
  };

  it('is taken at their word: well less left than asked holds a rise, and says nothing of a session that stays', () => {
    expect(looked(2, up)?.verdict).toBe('same-again');
    expect(valuesOf(looked(2, up), 'spent')).toEqual({ left: 2, target: 4, sessions: 1, cause: 'from-65' });
    expect(looked(2, same)).toBeNull();
    expect(looked(3, up)).toBeNull();
  });

  it('two sessions running ask for less', () => {
    expect(looked(2, same, 2)?.verdict).toBe('ease-back');
    expect(looked(2, same, 4)).toBeNull();
  });
});

describe('a plateau', () => {
  /** Like sessions, this one the last: the reps of every set, with nothing left. */
  const over = (
    reps: readonly number[],
    memory: ExerciseLog['memory'] = {},
    range = { repsLow: 8, repsHigh: 12 },
    more: Parameters<typeof anExerciseLog>[0] = {},
  ) => {
    const made = reps.map((each, at) =>
      anExerciseLog({
        loadKg: 24,
        reps: [each, each, each],
        set: { reserve: 0 },
        dose: { ...range, reserve: 2 },
        day: 100 - 3 * (reps.length - 1 - at),
        ...more,
      }),
    );
    const today = made.at(-1)!;
    const past = made.slice(0, -1).map(({ day, dose, values, sets }, at) => ({ sessionId: `s-${at}`, day, dose, values, sets }));
    const log: ExerciseLog = { ...today, past, memory };
    return stall.look(same(log), log, workDone(log));
  };

  it('is three sessions after the first with no rise; strength that rose, even for a day, is none', () => {
    expect(codesOf(over([12, 12, 11, 11, 10, 10, 9]))).toContain('stall-set');
    expect(over([9, 9, 10, 10, 11, 11, 12])).toBeNull();
    expect(over([12, 11, 10, 10, 12, 8, 7])).toBeNull();
    expect(over([10, 10, 9])).toBeNull();
  });

  it('second answer: another range; more reps than the load bears are asked for with less of it', () => {
    // Common practice, no source: who fails at a load is not asked for more reps with it.
    const ranged = over([6, 6, 5, 5, 5, 4, 4], { stall: { answered: 1, wait: 0 } }, { repsLow: 4, repsHigh: 6 });
    expect(ranged).toMatchObject({
      verdict: 'ease-back',
      change: { lever: 'load', from: 24 },
      dose: { repsLow: 6, repsHigh: 8 },
    });
    expect(ranged?.dose.load.externalKg).toBeLessThan(24);
  });

  it('never leads a second step away from the goal’s own range', () => {
    // Common practice, no source: who wants to be stronger and was given eights is not given tens next.
    const strong = { context: { person: { goal: 'get-stronger', trainingAge: 'intermediate', massKg: 68 } } } as const;
    const at = (repsLow: number) => {
      const range = { repsLow, repsHigh: repsLow + 2 };
      return codesOf(over([8, 8, 7, 7, 7, 6, 6], { stall: { answered: 1, wait: 0 } }, range, strong));
    };
    expect(at(4)).toContain('stall-range');
    expect(at(6)).not.toContain('stall-range');
  });

  it('third answer: one lighter session, lent, with the reason beside it', () => {
    const lighter = over([12, 12, 11, 11, 10, 10, 9], { stall: { answered: 2, wait: 0 } });
    expect(valuesOf(lighter, 'stall-lighter')).toMatchObject({ sessions: 3 });
    expect(lighter?.memory?.loan).toMatchObject({ because: 'stall' });
  });

  it('two sessions down, one after the other, ease back by what was lost', () => {
    const falling = [12, 10, 8].map((each, at) =>
      anExerciseLog({ variationId: 'dumbbell-romanian-deadlift', loadKg: 24, reps: [each, each, each], day: 94 + 3 * at }),
    );
    const past = falling.slice(0, 2).map(({ day, dose, values, sets }) => ({ sessionId: `d-${day}`, day, dose, values, sets }));
    const log = { ...falling[2]!, past };
    const eased = dip.look(same(log), log, workDone(log));
    expect(eased?.verdict).toBe('ease-back');
    const { percent } = valuesOf(eased, 'dip') as { percent: number };
    // Source: eight reps for twelve at one load is about a tenth less strength (NSCA's general table: 67 against 80 %, from memory).
    expect(percent).toBeGreaterThan(4);
    expect(percent).toBeLessThan(20);
  });
});

describe('work that was done', () => {
  it('a line a set, the lesser side; what was undone is no line', () => {
    const lines = doneIn([
      aSet({ setIndex: 1, side: 'left', reps: 10 }),
      aSet({ setIndex: 1, side: 'right', reps: 8, externalKg: 20 }),
      aSet({ setIndex: 0, kind: 'timed', reps: null, seconds: 30, side: 'left' }),
      aSet({ setIndex: 0, kind: 'timed', reps: null, seconds: 20, side: 'right' }),
      aSet({ setIndex: 2, removed: true }),
      aSet({ setIndex: 4, side: 'left', reps: 6 }),
      aSet({ setIndex: 4, side: 'right', reps: 9 }),
      aSet({ setIndex: 3, kind: 'feeler' }),
    ]);
    expect(lines).toEqual([
      { reps: null, seconds: 20, externalKg: 24 },
      { reps: 8, seconds: null, externalKg: 20 },
      { reps: 6, seconds: null, externalKg: 24 },
    ]);
  });

  it('the load most sets used; where two were used alike, the lighter', () => {
    const used = (kgs: readonly number[]) => {
      const log = anExerciseLog({ loadKg: 28, sets: kgs.map((externalKg, setIndex) => aSet({ setIndex, externalKg })) });
      return workDone(log).load.externalKg;
    };
    expect(used([24, 20, 20])).toBe(20);
    expect(used([20, 24, 24])).toBe(24);
    expect(used([24, 24, 20, 20])).toBe(20);
  });

  it('holding keeps what rose set by set and was clean, and never more than that', () => {
    const held = (clean: 'yes' | 'no', kgs = [16, 20, 24], plannedKg = 20) => {
      const log = anExerciseLog({
        method: 'reserve-led',
        loadKg: plannedKg,
        sets: threeSets((at) => ({ reps: 10, externalKg: kgs[at]!, clean: kgs[at] === kgs[2] ? clean : 'yes' })),
      });
      return heldLoad(log, workDone(log)).externalKg;
    };
    expect(held('yes')).toBe(24);
    expect(held('no')).toBe(20);
    // What was clean lower down is no reason to go back there.
    expect(held('no', [16, 20, 20], 24)).toBe(20);
  });

  it('a hold says the fewest seconds it was held', () => {
    const log = anExerciseLog({
      variationId: 'side-plank',
      dose: { sets: 3, seconds: 30 },
      sets: threeSets((at) => ({ kind: 'timed', reps: null, seconds: [30, 25, 28][at]! })),
    });
    expect(valuesOf(timedWork(log), 'timed-waiting')).toEqual({ seconds: 25, asked: 30, sessions: 0 });
  });
});

describe('how a verdict was come by', () => {
  const back = (painkillers: boolean) => {
    const given = anExerciseLog({
      variationId: 'romanian-deadlift',
      loadKg: 40,
      reps: [30, 30, 30],
      set: { jointPain: 0, reserve: 5 },
      dose: { sets: 3, repsLow: 8, repsHigh: 12, reserve: 2 },
    });
    return decideExercise({
      ...given,
      context: { ...given.context, pain: { ...given.context.pain, painkillers, settledByMorning: true } },
      memory: { eased: { because: 'pain', day: 90, loadKg: 100, sets: 3, steps: ['load'], values: {}, good: 0 } },
    });
  };
  const last = ({ trace }: ReturnType<typeof decideExercise>) => trace?.at(-1);

  it('what comes back is asked once more whether it may, and the trace says what that said', () => {
    expect([back(false).verdict, last(back(false))]).toEqual(['move-up', { question: 'may-move-up', spoke: false }]);
    expect([back(true).verdict, last(back(true))]).toEqual(['same-again', { question: 'may-move-up', spoke: true }]);
  });

  it('what eases is not asked that', () => {
    const eased = decideExercise(anExerciseLog({ loadKg: 24, reps: [10, 10, 10], set: { jointPain: 4 } }));
    expect([eased.verdict, last(eased)?.question]).toEqual(['ease-back', 'pain']);
  });

  it('sessions that grip ended are forgotten by one it did not, unless something was changed about it', () => {
    const grip = (changed: boolean) =>
      decideExercise({ ...anExerciseLog({ loadKg: 24, reps: [10, 10, 10] }), memory: { grip: { running: 1, changed } } }).memory
        ?.grip;
    expect(grip(false)).toBeUndefined();
    expect(grip(true)).toEqual({ running: 1, changed: true });
  });

  it('what later sets were lightened to is fatigue, not the load in force', () => {
    const log = anExerciseLog({
      method: 'reserve-led',
      loadKg: 24,
      sets: threeSets((at) => ({ reps: 12, reserve: 2, externalKg: at === 0 ? 24 : 20 })),
    });
    expect(decideExercise(log).change).not.toMatchObject({ lever: 'load', from: 20 });
  });
});
