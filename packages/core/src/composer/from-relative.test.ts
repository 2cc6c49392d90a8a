import { defaultKit, roomOf } from '../kit';
import type { PastExercise } from '../progression';
import { aJudgeContext, anExerciseLog, aSet } from '../testing';
import { STUDIO_ITEMS } from '../vocabulary';
import { planItem } from './plan-item';
import type { SheetInput } from '.';

const { dose } = anExerciseLog({ loadKg: 20 });

/** Three sessions of a lift, three clean sets of 8 with 2 left. */
const known = (loadKg: number): PastExercise[] =>
  [90, 93, 96].map((day) => ({
    sessionId: `s-${day}`,
    day,
    dose,
    values: {},
    sets: [0, 1, 2].flatMap((setIndex) =>
      (['left', 'right'] as const).map((side) => aSet({ setIndex, side, reps: 8, externalKg: loadKg, reserve: 2 })),
    ),
  }));

const planned = (variationId: string, pasts: Record<string, PastExercise[]>, careful: string[] = []) => {
  const kit = defaultKit('kg');
  const input: SheetInput = {
    context: aJudgeContext({
      kit,
      room: roomOf(kit, STUDIO_ITEMS),
      person: { goal: 'build-muscle', trainingAge: 'intermediate', massKg: 80 },
      careful: careful as never,
    }),
    tracks: [],
    stage: { sessionsDone: 12, dayOfTraining: 80, daysSinceLast: 3 },
    schools: {},
    day: 100,
    pastOf: (id) => pasts[id] ?? [],
  };
  return planItem(input, { slot: 'x', role: 'main' }, { variationId, values: {}, reasons: [] });
};
const kgOf = (...args: Parameters<typeof planned>) => planned(...args).dose.load.externalKg;

// Source: ratios between lifts are common practice, from memory; how careful they are read is a house default.
describe('a lift never done, where a close one is known', () => {
  it('begins where the known one leaves it, on the careful side, with feelers and the reason', () => {
    const { dose: first, feelers, why } = planned('barbell-glute-bridge', { 'romanian-deadlift': known(100) });
    // 100 kg × 8 with 2 left in the deadlift is a maximum near 130; a bridge of 1.4 times that bears about 140 for 10.
    expect(first.load.externalKg).toBeGreaterThan(kgOf('barbell-glute-bridge', {}));
    expect(first.load.externalKg).toBeLessThan(140);
    expect(feelers).toBe(2);
    expect(why.load.find(({ code }) => code === 'load-from-relative')?.values).toMatchObject({
      variationId: 'romanian-deadlift',
    });
  });

  it('a heavier known lift never gives a lighter beginning, and a light one never less than the first guess', () => {
    const begins = [10, 40, 60, 80, 100, 120].map((kg) => kgOf('barbell-glute-bridge', { 'romanian-deadlift': known(kg) }));
    expect(begins).toEqual([...begins].sort((a, b) => a - b));
    expect(begins[0]).toBe(kgOf('barbell-glute-bridge', {}));
    expect(begins.at(-1)).toBeGreaterThan(begins[0]!);
  });

  it('of one family nobody has a ratio for, first guesses are compared', () => {
    expect(kgOf('walking-lunge', { 'forward-lunge': known(60) })).toBeGreaterThan(kgOf('walking-lunge', {}));
  });

  it('who is to be careful keeps the first guess; a lift that tells nothing changes nothing', () => {
    expect(kgOf('barbell-glute-bridge', { 'romanian-deadlift': known(100) }, ['from-65'])).toBe(
      kgOf('barbell-glute-bridge', {}, ['from-65']),
    );
    expect(kgOf('barbell-glute-bridge', { 'calf-raise': known(100) })).toBe(kgOf('barbell-glute-bridge', {}));
  });
});
