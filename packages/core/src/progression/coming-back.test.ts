import { anExerciseLog, aSet } from '../testing';
import { UNLOADED } from '../kit';
import type { SetRecord } from '../log';
import { decideExercise } from '.';
import type { ExerciseLog, PastExercise } from './types';

const FAULT: Partial<SetRecord> = { clean: 'no', faults: [{ id: 'heels-lift', severity: 'breaks' }] };
const rows = (over: Partial<SetRecord> = {}): SetRecord[] =>
  [0, 1, 2].map((setIndex) => aSet({ setIndex, reps: 10, reserve: 3, jointPain: 0, ...over }));

/** A life of one exercise: each session judged on what came before, its answer the next one's plan. */
const live = (start: ExerciseLog, sessions: readonly (Partial<SetRecord> | readonly SetRecord[])[]) => {
  const seen: { log: ExerciseLog; decision: ReturnType<typeof decideExercise> }[] = [];
  let log = start;
  for (const given of sessions) {
    const base = Array.isArray(given) ? (given as readonly SetRecord[]) : rows(given as Partial<SetRecord>);
    const sets = base.map((set) => ({ ...set, externalKg: log.dose.load.externalKg }));
    const now = { ...log, sets };
    const decision = decideExercise(now);
    seen.push({ log: now, decision });
    const past: PastExercise = { sessionId: `s${log.day}`, day: log.day, dose: log.dose, values: log.values, sets };
    log = {
      ...log,
      day: log.day + 3,
      past: [...log.past, past],
      dose: decision.dose,
      values: decision.values ?? log.values,
      memory: decision.memory,
    };
  }
  return seen;
};
const start = () => anExerciseLog({ loadKg: 24, day: 10 });
const valuesOf = (seen: ReturnType<typeof live>) =>
  seen.map(({ log }) => log.values['box-height'] ?? log.values['heel-lift'] ?? null);

// Source: design, what is eased is a loan. Two clean sessions: house default.
describe('a setting eased for a fault', () => {
  it('comes back after two clean sessions, and is forgotten as a loan', () => {
    const seen = live(start(), [FAULT, FAULT, {}, {}, {}]);
    const eased = seen[1]!.decision;
    expect(eased).toMatchObject({ verdict: 'ease-back', memory: { eased: { because: 'fault', values: {} } } });
    expect(eased.values).toBeDefined();
    const back = seen[3]!.decision;
    expect(back).toMatchObject({ verdict: 'move-up', isReturn: true });
    expect(back.reasons.map(({ code }) => code)).toContain('coming-back');
    expect(back.memory?.eased).toBeUndefined();
    expect(valuesOf(seen).at(-1)).toBeNull();
  });

  it('a fault in between begins the count again', () => {
    const seen = live(start(), [FAULT, FAULT, {}, { faults: [{ id: 'knees-cave', severity: 'breaks' }], clean: 'no' }, {}, {}]);
    expect(seen[3]!.decision.isReturn).toBeUndefined();
    expect(seen[4]!.decision.isReturn).toBeUndefined();
    expect(seen[5]!.decision).toMatchObject({ isReturn: true });
  });

  it('after pain, painless sets that all fell short bring nothing harder back', () => {
    // Fact of the trade: who gets four of eight is not given a harder setting, or more sets of it, for want of pain.
    const eased = { because: 'pain', day: 1, sets: 3, loadKg: 0, values: {}, steps: ['setting', 'sets'], good: 0 } as const;
    const after = (reps: number) =>
      decideExercise({
        ...anExerciseLog({
          variationId: 'split-squat',
          values: { 'pad-height': 5 },
          dose: { load: UNLOADED, sets: 2, repsLow: 8, repsHigh: 12 },
          reps: [reps, reps],
          set: { jointPain: 0 },
        }),
        memory: { eased },
      });
    expect(after(4).isReturn).toBeUndefined();
    expect(after(8)).toMatchObject({ verdict: 'move-up', isReturn: true, change: { lever: 'pad-height' } });
  });

  it('sets under the range bring nothing back, clean as they were', () => {
    const seen = live(start(), [FAULT, FAULT, { reps: 4 }, { reps: 4 }]);
    expect(seen.some(({ decision }) => decision.isReturn === true)).toBe(false);
  });

  it('sets nobody judged bring nothing back', () => {
    const seen = live(start(), [FAULT, FAULT, { clean: 'not-judged' }, { clean: 'not-judged' }, { clean: 'not-judged' }]);
    expect(seen.some(({ decision }) => decision.isReturn === true)).toBe(false);
  });
});

// Source: design: one report is one cut; back within two to four painless sessions, settings first, a return is no rise.
describe('a load cut for pain', () => {
  const sore = { jointPain: 4 };
  it('is back at what it was within four painless sessions, and never over it on the way', () => {
    const seen = live(start(), [sore, {}, {}, {}, {}]);
    const kgs = seen.map(({ log }) => log.dose.load.externalKg);
    expect(kgs[1]).toBeLessThan(24);
    expect(kgs[1]).toBeGreaterThanOrEqual(0.7 * 24 - 2);
    expect(Math.max(...kgs.slice(1, 4))).toBeLessThanOrEqual(24);
    const after = seen.at(-1)!.decision.dose.load.externalKg;
    expect(after).toBeGreaterThanOrEqual(24);
  });

  it('a second sore session running is no second cut of the load', () => {
    const kgs = live(start(), [sore, sore, sore]).map(({ log }) => log.dose.load.externalKg);
    expect(kgs[2]).toBe(kgs[1]);
  });

  // Seen on an invented client: a lighter week had cut the load before any review did, and after it 16 kg went to 28 at once.
  it('comes back to what stood before it hurt, whatever lay in between', () => {
    const { dose, values } = start();
    const past = (ago: number, externalKg: number, jointPain: number) => ({
      sessionId: `past-${ago}`,
      day: 10 - ago,
      dose,
      values,
      sets: rows({ externalKg, jointPain }),
    });
    const easedAfter = (...sessions: ReturnType<typeof past>[]) =>
      decideExercise({ ...start(), past: sessions, sets: rows({ externalKg: 24, jointPain: 4 }) }).memory?.eased;
    expect(easedAfter(past(9, 40, 0), past(3, 28, 4))).toMatchObject({ loadKg: 40, steps: ['setting'] });
    expect(easedAfter(past(9, 40, 0), past(6, 28, 0), past(3, 28, 4))).toMatchObject({ loadKg: 28 });
    // Long ago it says nothing of what stands.
    expect(easedAfter(past(60, 40, 0), past(3, 28, 4))).toMatchObject({ loadKg: 24 });
  });

  it('a session nobody asked about pain in brings nothing back', () => {
    const seen = live(start(), [sore, { jointPain: null }]);
    expect(seen[1]!.decision).toMatchObject({ verdict: 'same-again', reasons: [{ code: 'pain-return-unknown' }] });
  });

  it('no cut at 2 or less', () => {
    const kgs = live(start(), [{ jointPain: 2 }, { jointPain: 1 }, {}]).map(({ log }) => log.dose.load.externalKg);
    expect(Math.min(...kgs)).toBe(24);
  });
});
