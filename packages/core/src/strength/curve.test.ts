import { builtInCatalogue, getVariation } from '../catalogue';
import { curveOf } from './curve';
import { publishedReps } from '../simulation/published';

const variationOf = (id: string) => getVariation(builtInCatalogue, id);

/** Reps to failure at a share of the external maximum, for somebody whose maximum is `times` their body mass. */
const repsAt = (id: string, share: number, times: number, massKg = 75): number => {
  const variation = variationOf(id);
  const { k, bodyTells } = curveOf(variation);
  const body = bodyTells * variation.bodyMassShare * massKg;
  return k * ((times * massKg + body) / (share * times * massKg + body) - 1);
};

describe('the rep curve against what was measured', () => {
  it.each([0.8, 1.2, 1.6, 2])('a back squat of %s body masses: reps at 80 and 90 %% of it', (times) => {
    // Source: Shimano et al. 2006 (12.3 and 11.6 at 80 %, 5.8 and 6.5 at 90 %), Nuzzo et al. 2024 (about 10 at 80 %); from memory.
    const [eighty, ninety] = [repsAt('back-squat', 0.8, times), repsAt('back-squat', 0.9, times)];
    expect([eighty > 8.5 && eighty < 12.5, ninety > 3.8 && ninety < 6.5]).toEqual([true, true]);
  });

  it.each([0.8, 1.2, 1.6, 2])('a back squat of %s body masses: 5 and 10 reps near the general table', (times) => {
    const shareFor = (reps: number): number => {
      let [low, high] = [0.3, 1];
      for (let i = 0; i < 60; i += 1) {
        const middle = (low + high) / 2;
        if (repsAt('back-squat', middle, times) > reps) low = middle;
        else high = middle;
      }
      return 100 * low;
    };
    // Source: NSCA Essentials, 4th ed., load assignment table: 5 reps 87 %, 10 reps 75 %; from memory.
    expect(Math.abs(shareFor(5) - 87)).toBeLessThanOrEqual(4);
    expect(Math.abs(shareFor(10) - 75)).toBeLessThanOrEqual(6);
  });

  it('at 80 % a leg press gives more reps than a squat, a curl fewer', () => {
    // Source: Hoeger et al. 1990: leg press 15–19, extension 9–12, curl 6–7; from memory.
    expect(repsAt('leg-press', 0.8, 2)).toBeGreaterThanOrEqual(14.5);
    expect(repsAt('leg-press', 0.8, 2)).toBeLessThanOrEqual(19);
    expect(repsAt('leg-extension', 0.8, 0.6)).toBeGreaterThanOrEqual(9);
    expect(repsAt('leg-extension', 0.8, 0.6)).toBeLessThanOrEqual(12);
    expect(Math.round(repsAt('lying-leg-curl', 0.8, 0.5))).toBe(6);
  });

  it.each([
    ['back-squat', 0.2],
    ['barbell-hip-thrust', 0.2],
    ['leg-press', 0.2],
    ['goblet-squat', 0.4],
    ['dumbbell-romanian-deadlift', 0.4],
    ['split-squat', 0.7],
    ['step-up', 0.7],
    ['glute-bridge', 0.7],
    ['bodyweight-squat', 1],
    ['one-leg-glute-bridge', 0.7],
    ['one-leg-face-up-plank', 1],
  ])('body mass in %s tells by %s', (id, tells) => {
    expect(curveOf(variationOf(id)).bodyTells).toBe(tells);
  });

  it('the simulated people on published data have its numbers', () => {
    // Source: Shimano et al. 2006, from memory.
    expect([publishedReps('trained', 0.6), publishedReps('trained', 0.8), publishedReps('trained', 0.9)]).toEqual([
      29.9, 12.3, 5.8,
    ]);
    expect(publishedReps('untrained', 0.6)).toBeCloseTo(35.9);
    expect(publishedReps('untrained', 0.8)).toBeCloseTo(11.6);
  });
});
