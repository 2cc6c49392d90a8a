import fc from 'fast-check';
import { isAllowed, optionsOf, scoreOf, solve } from './solve';
import type { Problem, SolverOption } from './solve';
import { polish } from './polish';

const option = (key: string, value: number, seconds: number, covers: number): SolverOption => ({
  key,
  value,
  seconds,
  covers: [covers],
  tilts: [0],
  cap: 0,
});
/** Exercises with one to four sets each: worth little by themselves, more by what they bring. */
const problemOf = (values: readonly number[], budgetSeconds: number): Problem => ({
  groups: values.map((value, at) => [1, 2, 3, 4].map((sets) => option(`move-${at}`, value, 120 * sets, sets))),
  budgetSeconds,
  needs: [{ amount: 9, weight: 1, most: 12 }],
  balances: [{ width: 2, weight: 0.5 }],
  caps: [4],
});
const NONE = [null, null, null, null, null];

it('adds what is missing, and gives sets of one exercise for another', () => {
  const problem = problemOf([5, 4, 3, 2, 1], 1_200);
  const found = polish(problem, [3, null, null, null, null], scoreOf(problem, optionsOf(problem, [3, null, null, null, null])));
  expect(found.chosen.filter((one) => one !== null)).toHaveLength(4);
  expect(found.score).toBe(solve(problem).score);
});

it('never worse than it was given, never over a bound, and worth what it says', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 8 }), { minLength: 5, maxLength: 5 }),
      fc.integer({ min: 200, max: 2_000 }),
      (values, budget) => {
        const problem = problemOf(values, budget);
        const found = polish(problem, NONE, 0);
        const options = optionsOf(problem, found.chosen);
        expect(isAllowed(problem, options)).toBe(true);
        expect(found.score).toBeCloseTo(scoreOf(problem, options), 9);
        expect(found.score).toBeGreaterThanOrEqual(0);
        expect(found.score).toBeLessThanOrEqual(solve(problem).score + 1e-9);
      },
    ),
  );
});
