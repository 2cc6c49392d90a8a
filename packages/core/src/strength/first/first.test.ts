import { firstBelief } from '../estimator/belief';
import { predict } from '../estimator/predict';
import { feelerSet } from './feeler';
import { ratioBetween, LIFT_RATIOS } from './ratios';
import { LONE_CURVE } from '../curve';
import type { Lifter } from '../history';
import { rampSets } from './ramp';
import { carryOver } from './transfer';
import { builtInCatalogue, findVariation } from '../../catalogue';

const BAR = Array.from({ length: 80 }, (_, at) => 20 + 2.5 * at);

describe('feeler sets', () => {
  const belief = firstBelief(60, 'novice', LONE_CURVE);
  const input = { belief, index: 0, careful: false, guessKg: 60, tellingKg: 0, loadsKg: BAR };

  it('the first is at most three quarters of the guess, for 8 reps, or 5 with care', () => {
    expect(feelerSet(input)).toEqual({ loadKg: 45, reps: 8 });
    expect(feelerSet({ ...input, careful: true }).reps).toBe(5);
  });

  it('even somebody weaker than believed has reps left', () => {
    const { loadKg, reps } = feelerSet({ ...input, index: 1, guessKg: 200 });
    const weak = { ...belief, mean: belief.mean.map((value, at) => (at === 0 ? value - 0.67 * 0.25 : value)) };
    expect(predict(weak, loadKg, 0).reps - reps).toBeGreaterThanOrEqual(2.9);
  });

  it('a rack that starts heavier than wished gives its lightest', () => {
    expect(feelerSet({ ...input, guessKg: 4 }).loadKg).toBe(20);
  });
});

describe('ramp sets', () => {
  it('bar × 8, then about half, 70 and 85 % with falling reps, on plates, never above', () => {
    // Source: common practice, no source.
    expect(rampSets(100, BAR)).toEqual([
      { loadKg: 20, reps: 8 },
      { loadKg: 50, reps: 5 },
      { loadKg: 70, reps: 3 },
      { loadKg: 85, reps: 2 },
    ]);
  });

  it('skips steps that add nothing', () => {
    expect(rampSets(30, BAR).map(({ loadKg }) => loadKg)).toEqual([20, 25]);
    expect(rampSets(20, BAR)).toEqual([]);
    expect(rampSets(100, [])).toEqual([]);
  });
});

describe('related lifts', () => {
  it('names movements that exist', () => {
    for (const { of, to } of LIFT_RATIOS) {
      expect([of, findVariation(builtInCatalogue, of)?.id]).toEqual([of, of]);
      expect([to, findVariation(builtInCatalogue, to)?.id]).toEqual([to, to]);
    }
  });

  it('goes both ways and through a lift both are related to; strangers are not related', () => {
    // Source: common practice, from memory: front squat .82 of back squat.
    expect(ratioBetween('back-squat', 'front-squat')?.ratio).toBeCloseTo(0.82);
    expect(ratioBetween('front-squat', 'back-squat')?.ratio).toBeCloseTo(1 / 0.82);
    const through = ratioBetween('front-squat', 'romanian-deadlift');
    expect(through?.ratio).toBeCloseTo(0.85 / 0.82);
    expect(through?.sigma).toBeCloseTo(Math.hypot(0.06, 0.12));
    expect(ratioBetween('back-squat', 'clam')).toBeNull();
  });

  it('ratios are of external loads: body mass is taken off, and put on again', () => {
    const lifter: Lifter = { startLoadKg: 60, trainingAge: 'advanced', reserveCap: 5, bodyLoadKg: 60 };
    const known = firstBelief(160, 'trained', LONE_CURVE);
    const oneRepMaxKg = Math.exp(known.mean[0]!);
    const carried = carryOver(known, { ratio: 0.82, sigma: 0.06 }, { from: lifter, to: lifter }, 'trained');
    // A fifth of the 60 kg that move tells in the reps.
    expect(Math.exp(carried.mean[0]!)).toBeCloseTo((oneRepMaxKg - 12) * 0.82 + 12, 6);
    expect(carried.cov[0]!).toBeCloseTo(0.25 ** 2 + (1.5 * 0.06) ** 2 + 0.05 ** 2, 9);
  });
});
