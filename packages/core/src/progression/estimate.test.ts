import { builtInCatalogue, getVariation } from '../catalogue';
import { aSet, anExerciseLog } from '../testing';
import type { SetRecord } from '../log';
import type { Side } from '../vocabulary';
import { carefulCause, estimateFor, predictedReps, strengthBySession } from './estimate-next';
import { loadBorne } from './load-borne';
import { decideExercise } from './decide';

const KG = 16;
/** Six sessions of split squats at one weight, each leg leaving as many reps as said. */
const legs = (left: number, right: number) => {
  const log = anExerciseLog({ variationId: 'split-squat', loadKg: KG });
  const set = (side: Side, reserve: number, setIndex: number): SetRecord =>
    aSet({ side, setIndex, reps: 10, reserve, externalKg: KG, id: `set-${setIndex}-${side}` });
  const past = Array.from({ length: 6 }, (_, at) => ({
    sessionId: `session-${at}`,
    day: 70 + at * 4,
    dose: log.dose,
    values: {},
    sets: [0, 1].flatMap((index) => [set('left', left, index), set('right', right, index)]),
  }));
  return { ...log, past, day: 100 };
};
const even = { weak: legs(0, 0), strong: legs(4, 4) };

describe('of two legs the weaker decides', () => {
  // Common practice, no source: both sides take what the weaker one can do.
  it('the load and reps of the next set', () => {
    const kg = (log: ReturnType<typeof legs>) => estimateFor(log, log.dose, log.day)!;
    for (const uneven of [legs(0, 4), legs(4, 0)]) {
      expect(kg(uneven).loadKg).toBeLessThan(kg(even.strong).loadKg);
      expect(kg(uneven).loadKg).toBe(kg(even.weak).loadKg);
    }
    expect(kg(legs(0, 4)).side).toBe('left');
    expect(kg(legs(4, 0)).side).toBe('right');
  });

  it('how many reps are expected, and what strength is called', () => {
    const reps = (log: ReturnType<typeof legs>) => predictedReps(log, KG)!;
    expect(reps(even.strong) - reps(even.weak)).toBeGreaterThan(2);
    expect(reps(legs(0, 4))).toBeCloseTo(reps(even.weak), 6);
    const strength = (log: ReturnType<typeof legs>) => strengthBySession(log).at(-1)!;
    expect(strength(legs(4, 0))).toBeCloseTo(strength(even.weak), 6);
    expect(strength(even.strong)).toBeGreaterThan(strength(even.weak));
  });

  it('what another movement is taken to bear', () => {
    const to = getVariation(builtInCatalogue, 'rear-foot-elevated-split-squat');
    const borne = (log: ReturnType<typeof legs>) => loadBorne(log, to, { ratio: 0.9, sigma: 0.1 }, log.dose)!;
    expect(borne(legs(0, 4))).toBeCloseTo(borne(even.weak), 6);
    expect(borne(even.strong)).toBeGreaterThan(borne(even.weak));
  });
});

describe('a load carried to another movement', () => {
  const to = getVariation(builtInCatalogue, 'rear-foot-elevated-split-squat');
  const borne = (sigma: number) => loadBorne(even.strong, to, { ratio: 0.9, sigma }, even.strong.dose)!;

  it('is taken one deviation down: the looser the relation, the less', () => {
    expect(borne(0.02)).toBeGreaterThan(borne(0.1));
    expect(borne(0.1)).toBeGreaterThan(borne(0.3));
    // A spread of a third widened by half leaves at most exp(-.45) of what a sure relation bears, body mass apart.
    expect(borne(0.3) / borne(0.02)).toBeLessThan(0.8);
  });

  it('leaves more for more reps and more in reserve', () => {
    const { dose } = even.strong;
    const by = { ratio: 0.9, sigma: 0.1 };
    expect(loadBorne(even.strong, to, by, { ...dose, reserve: dose.reserve + 3 })).toBeLessThan(borne(0.1));
    expect(loadBorne({ ...even.strong, past: [] }, to, by, dose)).toBeNull();
  });
});

describe('somebody pregnant', () => {
  it('is a cause of care in every movement, and takes no new stage', () => {
    const log = anExerciseLog({ loadKg: 24, context: { careful: ['pregnancy'] } });
    expect(carefulCause(log)).toBe('pregnancy');
    const sets = Array.from({ length: 3 }, (_, setIndex) => aSet({ setIndex, reps: 15, reserve: 4, externalKg: 32 }));
    const past = Array.from({ length: 3 }, (_, at) => ({
      sessionId: `s-${at}`,
      day: 88 + at * 4,
      dose: log.dose,
      values: {},
      sets,
    }));
    const strong = (careful: readonly 'pregnancy'[]) =>
      decideExercise(anExerciseLog({ loadKg: 32, sets, past, method: 'ladder-gate', context: { careful } }));
    expect(strong([]).variationId).not.toBeUndefined();
    expect(strong(['pregnancy']).variationId).toBeUndefined();
  });
});
