import fc from 'fast-check';
import loadHighs from 'highs';
import { isAllowed, optionsOf, scoreOf, solve } from './solve';
import type { Problem, SolverOption } from './solve';

const NEEDS = 3;
const BALANCES = 2;
const quarter = (most: number) => fc.integer({ min: 0, max: most * 4 }).map((value) => value / 4);
const option = fc.record({
  key: fc.integer({ min: 0, max: 40 }).map(String),
  value: quarter(10),
  seconds: fc.integer({ min: 30, max: 600 }),
  covers: fc.array(quarter(4), { minLength: NEEDS, maxLength: NEEDS }),
  tilts: fc.array(fc.integer({ min: -4, max: 4 }), { minLength: BALANCES, maxLength: BALANCES }),
  cap: fc.integer({ min: 0, max: 1 }),
});
const problemOf = (groups: { min: number; max: number }, options: number): fc.Arbitrary<Problem> =>
  fc.record({
    groups: fc.array(fc.array(option, { minLength: 1, maxLength: options }), { minLength: groups.min, maxLength: groups.max }),
    budgetSeconds: fc.integer({ min: 100, max: 2_400 }),
    needs: fc.array(
      fc
        .record({
          amount: quarter(6),
          weight: quarter(1),
          share: fc.constantFrom(0, 0.5, 1),
          more: quarter(1),
          most: fc.constantFrom(2, 4, 8, 100),
        })
        .map(({ amount, weight, share, more, most }) => ({
          amount,
          weight,
          most,
          floor: { amount: share * amount, weight: more },
        })),
      {
        minLength: NEEDS,
        maxLength: NEEDS,
      },
    ),
    balances: fc.array(fc.record({ width: fc.integer({ min: 0, max: 4 }), weight: quarter(1) }), {
      minLength: BALANCES,
      maxLength: BALANCES,
    }),
    caps: fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 2, maxLength: 2 }),
  });

/** Every choice there is, tried one after another: the judge of small problems. */
const bruteForce = (problem: Problem): number => {
  let best = 0;
  const visit = (at: number, chosen: (number | null)[]): void => {
    if (at === problem.groups.length) {
      const options = optionsOf(problem, chosen);
      if (isAllowed(problem, options)) best = Math.max(best, scoreOf(problem, options));
      return;
    }
    visit(at + 1, [...chosen, null]);
    problem.groups[at]?.forEach((_, index) => visit(at + 1, [...chosen, index]));
  };
  visit(0, []);
  return best;
};

/** The same problem as a mixed-integer program in LP format, for a general solver that knows nothing of ours. */
const asProgram = ({ groups, budgetSeconds, needs, balances, caps }: Problem): string => {
  const all = groups.flatMap((group, at) => group.map((one, index) => ({ ...one, name: `x${at}_${index}`, at })));
  const terms = (weigh: (one: (typeof all)[number]) => number): string =>
    all
      .map((one) => ({ name: one.name, by: weigh(one) }))
      .filter(({ by }) => by !== 0)
      .map(({ name, by }) => `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`)
      .join(' ') || '0 x0_0';
  const keys = [...new Set(all.map(({ key }) => key))];
  const rows = [
    `time: ${terms((one) => one.seconds)} <= ${budgetSeconds}`,
    ...groups.map((_, at) => `one${at}: ${terms((one) => (one.at === at ? 1 : 0))} <= 1`),
    ...keys.map((key, at) => `key${at}: ${terms((one) => (one.key === key ? 1 : 0))} <= 1`),
    ...caps.map((most, cap) => `cap${cap}: ${terms((one) => (one.cap === cap ? 1 : 0))} <= ${most}`),
    ...needs.map((_, need) => `need${need}: y${need} ${terms((one) => -(one.covers[need] ?? 0))} <= 0`),
    ...needs.map((_, need) => `floor${need}: f${need} ${terms((one) => -(one.covers[need] ?? 0))} <= 0`),
    ...needs.map(({ most = 1000 }, need) => `most${need}: ${terms((one) => one.covers[need] ?? 0)} <= ${most}`),
    ...balances.flatMap(({ width }, at) => [
      `over${at}: ${terms((one) => one.tilts[at] ?? 0)} - z${at} <= ${width}`,
      `under${at}: ${terms((one) => -(one.tilts[at] ?? 0))} - z${at} <= ${width}`,
    ]),
  ];
  const goal = [
    terms((one) => one.value),
    ...needs.map(({ weight }, need) => `+ ${weight} y${need}`),
    ...needs.map(({ floor }, need) => `+ ${floor?.weight ?? 0} f${need}`),
    ...balances.map(({ weight }, at) => `- ${weight} z${at}`),
  ];
  return [
    'Maximize',
    ` obj: ${goal.join(' ')}`,
    'Subject To',
    ...rows.map((row) => ` ${row}`),
    'Bounds',
    ...needs.map(({ amount }, need) => ` 0 <= y${need} <= ${amount}`),
    ...needs.map(({ floor }, need) => ` 0 <= f${need} <= ${floor?.amount ?? 0}`),
    ...balances.map((_, at) => ` z${at} >= 0`),
    'Binary',
    ` ${all.map(({ name }) => name).join(' ')}`,
    'End',
  ].join('\n');
};

describe('the solver', () => {
  it('finds what trying everything finds', () => {
    fc.assert(
      fc.property(problemOf({ min: 1, max: 5 }, 4), (problem) => {
        const solution = solve(problem);
        expect(solution.isOptimal).toBe(true);
        expect(solution.score).toBeCloseTo(bruteForce(problem), 9);
        expect(isAllowed(problem, optionsOf(problem, solution.chosen))).toBe(true);
        expect(solution.score).toBeCloseTo(scoreOf(problem, optionsOf(problem, solution.chosen)), 9);
      }),
      { numRuns: 300 },
    );
  });

  it('finds the optimum a general solver finds on problems too big to try', async () => {
    // Source: HiGHS, a general mixed-integer solver (npm package `highs`), used as an independent judge.
    const highs = await loadHighs();
    for (const problem of fc.sample(problemOf({ min: 7, max: 10 }, 14), { numRuns: 40, seed: 6 })) {
      const judged = highs.solve(asProgram(problem), { mip_rel_gap: 0, mip_abs_gap: 0 });
      expect(judged.Status).toBe('Optimal');
      const solution = solve(problem, 400_000);
      expect(solution.isOptimal).toBe(true);
      expect(solution.score).toBeCloseTo(judged.ObjectiveValue, 6);
    }
  });

  it('says the same twice, and stops at its nodes with the best it has', () => {
    const [problem] = fc.sample(problemOf({ min: 10, max: 10 }, 20), { numRuns: 1, seed: 3 });
    expect(solve(problem!)).toEqual(solve(problem!));
    const cut = solve(problem!, 20);
    expect(cut.isOptimal).toBe(false);
    expect(isAllowed(problem!, optionsOf(problem!, cut.chosen))).toBe(true);
    expect(cut.score).toBeLessThanOrEqual(solve(problem!, 400_000).score);
  });

  it('never gives back less than the seed it was given', () => {
    fc.assert(
      fc.property(problemOf({ min: 4, max: 6 }, 6), (problem) => {
        const known = solve(problem);
        expect(solve(problem, 3, known.chosen).score).toBeCloseTo(known.score, 9);
      }),
    );
  });

  it('keeps what can’t stand together apart', () => {
    const bench = (value: number): SolverOption => ({
      key: String(value),
      value,
      seconds: 60,
      covers: [],
      tilts: [],
      cap: 0,
    });
    const problem: Problem = {
      groups: [[bench(5)], [bench(4)], [bench(3)]],
      budgetSeconds: 600,
      needs: [],
      balances: [],
      caps: [3],
      canJoin: (chosen) => chosen.length < 2,
    };
    expect(solve(problem)).toMatchObject({ score: 5, chosen: [0, null, null], isOptimal: true });
  });
});
