import { cumulativeStdNormalProbability } from 'simple-statistics';
import fc from 'fast-check';
import { hazard, lowerTail, meanDistance, normalDensity, upperTail } from './gaussian';

// Source: simple-statistics, an independent statistics library (its table has two decimals of z, so z is rounded).
describe('the normal distribution', () => {
  it('agrees with an independent library over the whole table', () => {
    for (let z = -3; z <= 3; z += 0.01) {
      const at = Math.round(z * 100) / 100;
      expect(lowerTail(at)).toBeCloseTo(cumulativeStdNormalProbability(at), 4);
    }
  });

  it.each([
    // Source: standard tables of the normal distribution, from memory.
    [0, 0.5],
    [1.2816, 0.1],
    [1.6449, 0.05],
    [1.96, 0.025],
    [2.5758, 0.005],
  ])('the tail above %d is %d', (z, tail) => expect(upperTail(z)).toBeCloseTo(tail, 4));

  it('density is the slope of the probability', () => {
    fc.assert(
      fc.property(fc.double({ min: -4, max: 4, noNaN: true }), (z) => {
        expect((lowerTail(z + 1e-3) - lowerTail(z - 1e-3)) / 2e-3).toBeCloseTo(normalDensity(z), 3);
      }),
    );
  });

  it('the mean of the part above a bound lies above it, even where the tail vanishes', () => {
    for (const alpha of [-40, -6, -1, 0, 1, 6, 8, 8.001, 40, 500]) {
      expect(hazard(alpha)).toBeGreaterThanOrEqual(Math.max(0, alpha));
      expect(Number.isFinite(hazard(alpha))).toBe(true);
    }
    // Source: half-normal mean √(2/π).
    expect(hazard(0)).toBeCloseTo(Math.sqrt(2 / Math.PI), 6);
    expect(Math.abs(hazard(8.001) - hazard(7.999))).toBeLessThan(0.01);
  });

  it('mean distance from zero is the half-normal’s at mean 0 and the mean itself far away', () => {
    expect(meanDistance(0, 2)).toBeCloseTo(2 * Math.sqrt(2 / Math.PI), 5);
    expect(meanDistance(50, 2)).toBeCloseTo(50, 6);
  });
});
