import fc from 'fast-check';
import { senseSet } from '../simulation';
import { believable, doubtsOfRep, keptOnAverage, slowDown, tempoKept, tempoMeasured } from '.';
import type { SensedRep } from '.';

const rep = (over: Partial<SensedRep> = {}): SensedRep => ({
  index: 1,
  loweringSeconds: 3,
  bottomSeconds: 1,
  liftingSeconds: 1,
  topSeconds: 0,
  meanSpeedMps: 0.5,
  ...over,
});
const TEMPO = { lowering: 3, bottom: 1, lifting: 1, top: 0 };

/** The same numbers whenever the test runs. Method: linear congruential, Numerical Recipes, from memory. */
const seeded = (seed: number) => {
  let state = seed >>> 0;
  return () => {
    state = (1664525 * state + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
};

it.each([
  [{}, []],
  [{ index: 0 }, ['index']],
  [{ index: 1.5 }, ['index']],
  [{ loweringSeconds: -2 }, ['phases']],
  [{ bottomSeconds: Number.NaN }, ['phases']],
  [{ topSeconds: 90 }, ['phases']],
  [{ loweringSeconds: 0, liftingSeconds: 0.1 }, ['phases']],
  [{ meanSpeedMps: 0 }, ['speed']],
  [{ meanSpeedMps: 40 }, ['speed']],
  [{ index: -1, meanSpeedMps: Number.NaN }, ['index', 'speed']],
])('a rep of %j is doubted for %j', (over, doubts) => expect(doubtsOfRep(rep(over))).toEqual(doubts));

it('reps told twice or out of order count once, in order; nonsense is left out and counted', () => {
  const told = [rep({ index: 2 }), rep({ index: 1 }), rep({ index: 2, loweringSeconds: 2.5 }), rep({ meanSpeedMps: 99 })];
  const { reps, doubted } = believable(told);
  expect([reps.map(({ index }) => index), reps[1]?.loweringSeconds, doubted]).toEqual([[1, 2], 2.5, 1]);
});

it('tempo: half a second either way is kept, a quarter of a long phase too; a fast lift is anything quick', () => {
  expect(tempoKept(TEMPO, [])).toBeNull();
  expect(tempoKept(TEMPO, [rep(), rep({ loweringSeconds: 3.7 }), rep({ loweringSeconds: 2 }), rep({ bottomSeconds: 0.4 })])).toBe(
    0.5,
  );
  expect(tempoKept({ ...TEMPO, lifting: 'x' }, [rep({ liftingSeconds: 0.5 }), rep({ liftingSeconds: 1.6 })])).toBe(0.5);
  expect([keptOnAverage(TEMPO, null), keptOnAverage(TEMPO, [3.2, 1, 1.2, 0]), keptOnAverage(TEMPO, [1.5, 0, 1, 0])]).toEqual([
    null,
    true,
    false,
  ]);
});

it('what is measured is the mean of the phases; slowing down is against the quickest rep', () => {
  expect(tempoMeasured([])).toBeNull();
  expect(tempoMeasured([rep({ loweringSeconds: 2.8 }), rep({ loweringSeconds: 3.4 })])).toEqual([3.1, 1, 1, 0]);
  // Source: velocity loss, Sánchez-Medina & González-Badillo 2011, from memory: (fastest − last) ÷ fastest.
  expect(slowDown([{ meanSpeedMps: 0.7 }, { meanSpeedMps: 0.8 }, { meanSpeedMps: 0.6 }])).toBeCloseTo(0.25);
  expect([slowDown([]), slowDown([rep()])]).toEqual([null, null]);
});

it('a simulated sensor sends reps that can be believed, slower towards failure, and comes back after every silence', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 2 ** 31 }),
      fc.integer({ min: 1, max: 15 }),
      fc.integer({ min: 0, max: 6 }),
      (seed, reps, left) => {
        const events = senseSet(seeded(seed), { tempo: TEMPO, reps, toFailure: reps + left });
        const sent = events.flatMap((event) => (event.kind === 'rep' ? [event.rep] : []));
        expect(believable(sent)).toEqual({ reps: sent, doubted: 0 });
        const [lost, back] = (['lost', 'back'] as const).map((kind) => events.filter((event) => event.kind === kind).length);
        expect(lost).toBe(back);
        expect(Math.max(0, ...sent.map(({ index }) => index))).toBeLessThanOrEqual(reps);
      },
    ),
  );
  const mean = (left: number) => {
    const all = Array.from({ length: 40 }, (_, seed) =>
      senseSet(seeded(seed), { tempo: { ...TEMPO, lifting: 'x' }, reps: 8, toFailure: 8 + left }),
    );
    const losses = all.map((events) => slowDown(events.flatMap((event) => (event.kind === 'rep' ? [event.rep] : []))) ?? 0);
    return losses.reduce((sum, loss) => sum + loss, 0) / losses.length;
  };
  expect(mean(0)).toBeGreaterThan(mean(8) + 0.05);
});
