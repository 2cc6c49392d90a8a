import { builtInCatalogue, getVariation } from '../catalogue';
import { mayGoRound } from '../dose';
import { defaultKit, roomOf } from '../kit';
import type { PastExercise } from '../progression';
import { aJudgeContext, anExerciseLog, aSet } from '../testing';
import { STUDIO_ITEMS } from '../vocabulary';
import { intervalsFor, roundsFor, wholeCircuits } from './capacity';
import { planItem } from './plan-item';
import { compose } from '.';
import type { SheetInput, Track } from '.';

const COUNTS = { counts: [5, 4, 3, 2], restSeconds: 60 };
const { dose: squat } = anExerciseLog({ loadKg: 12 });
const round = { ...squat, sets: 3, restSeconds: 0, repsLow: 10, repsHigh: 15, reserve: 3, repsAim: 12 };

const track = (over: Partial<Track> = {}): Track => ({
  slot: 'squat',
  variationId: 'goblet-squat',
  values: {},
  method: 'reserve-led',
  methodChosen: false,
  dose: round,
  leftOut: false,
  lastDecision: null,
  ...over,
});

/** Earlier circuits of one movement, whole but for those named. */
const circuits = (count: number, broken: readonly number[] = []): PastExercise[] =>
  Array.from({ length: count }, (_, at) => ({
    sessionId: `circuit-${at}`,
    day: 97 - 3 * (count - 1 - at),
    dose: round,
    values: {},
    sets: Array.from({ length: broken.includes(at) ? 2 : 3 }, (_set, setIndex) =>
      aSet({ setIndex, reps: 12, externalKg: 12, reserve: 3 }),
    ),
  }));

const input = (past: readonly PastExercise[], over: Partial<SheetInput> = {}, careful: string[] = []): SheetInput => ({
  context: aJudgeContext({
    room: roomOf(defaultKit('kg'), STUDIO_ITEMS),
    person: { goal: 'fat-loss-and-capacity', trainingAge: 'intermediate', massKg: 80 },
    ...(careful.length > 0 ? { careful: careful as never } : {}),
  }),
  tracks: [track()],
  stage: { sessionsDone: 12, dayOfTraining: 80, daysSinceLast: 3 },
  schools: {},
  day: 100,
  pastOf: (id) => (id === 'goblet-squat' ? past : []),
  ...over,
});
const rounds = (count: number, over: Partial<SheetInput> = {}, careful: string[] = []) => {
  const found = roundsFor(input(circuits(count), over, careful), COUNTS);
  return [Math.max(...found.counts), found.restSeconds];
};

// Source: design: rounds, then seconds or reps, then load, then rest 45 → 30 → 15 s; how many circuits each: house defaults.
describe('how circuits go on', () => {
  it('three rounds at first; one more after two whole circuits; then less rest', () => {
    expect([0, 1, 2, 3, 4, 7, 8, 12, 16, 40].map((count) => rounds(count))).toEqual([
      [3, 60],
      [3, 60],
      [4, 60],
      [4, 60],
      [5, 60],
      [5, 60],
      [5, 45],
      [5, 30],
      [5, 15],
      [5, 15],
    ]);
  });

  it('new to circuits: one lift by itself, 2 × 6–10, before three rounds; in turn once a round is earned, or where time is short', () => {
    // Source: design: new to it at most three rounds, one lift 2 × 6–10 first.
    const made = (count: number, minutes = 45) => compose(input(circuits(count), { tracks: [] }), { shape: 'circuit', minutes });
    const kinds = (count: number, minutes?: number) => made(count, minutes).blocks.map(({ kind }) => kind);
    expect([kinds(0), kinds(1), kinds(2), kinds(0, 10)]).toEqual([
      ['straight', 'rounds'],
      ['straight', 'rounds'],
      ['rounds'],
      ['rounds'],
    ]);
    const [lead, ...others] = made(1).items;
    expect(lead?.dose).toMatchObject({ sets: 2, repsLow: 6, repsHigh: 10 });
    expect(lead?.dose.restSeconds).toBeGreaterThan(0);
    expect(lead?.why.sets.map(({ code }) => code)).toContain('circuit-lead');
    expect(new Set(others.map(({ dose }) => dose.sets))).toEqual(new Set([3]));
    const spared = compose(input(circuits(1), { tracks: [] }, ['pregnancy']), { shape: 'circuit', minutes: 45 });
    expect(spared.items[0]!.dose.repsLow).toBeGreaterThanOrEqual(8);
  });

  it('only circuits done whole count; straight sets of the same movement are none', () => {
    expect(wholeCircuits(input(circuits(6, [1, 4])))).toBe(4);
    const straight = circuits(4).map((one) => ({ ...one, dose: { ...round, restSeconds: 60 } }));
    expect(wholeCircuits(input(straight))).toBe(0);
  });

  it('rounds earned stay earned when every movement has moved on to another stage', () => {
    expect(wholeCircuits(input(circuits(4), { tracks: [track({ variationId: 'double-kettlebell-front-squat' })] }))).toBe(4);
    expect(rounds(4, { tracks: [] })).toEqual([5, 60]);
  });

  it('the first three weeks, and whoever is to be careful, keep 45 s after a round', () => {
    expect(rounds(20, { stage: { sessionsDone: 20, dayOfTraining: 20, daysSinceLast: 1 } })[1]).toBe(45);
    expect(rounds(20, {}, ['heart-or-pressure'])[1]).toBe(45);
  });

  it('the sheet has the rounds that were earned, as the minutes allow, and says why', () => {
    const made = (count: number) => compose(input(circuits(count)), { shape: 'circuit', minutes: 60 });
    const of = (count: number) => made(count).items.at(-1)?.dose.sets;
    expect([of(0), of(2), of(4)]).toEqual([3, 4, 5]);
    expect(made(8).blocks.find(({ kind }) => kind === 'rounds')?.roundRestSeconds).toBe(45);
    const why = made(4)
      .items.at(-1)
      ?.why.sets.map(({ code }) => code);
    expect(why).toContain('rounds-earned');
  });

  it('whoever goes round by plan goes on from the load and aim of the last circuit; a first one starts a step lower', () => {
    const loadOf = (tracks: readonly Track[], past: readonly PastExercise[]) =>
      compose(input(past, { tracks }), { shape: 'circuit', minutes: 10 }).items.find(({ slot }) => slot === 'squat')?.dose;
    expect(loadOf([track()], circuits(3))).toMatchObject({ load: { externalKg: 12 }, repsAim: 12 });
    const straight = circuits(3).map((one) => ({ ...one, dose: { ...round, restSeconds: 90 } }));
    const first = loadOf([track({ dose: { ...round, restSeconds: 90 } })], straight);
    expect(first?.repsAim).toBeUndefined();
    expect(first?.load.externalKg).not.toBe(12);
  });

  it('a slow day of somebody who goes round is worked out anew: lighter, and its own reps', () => {
    const of = (shape: 'circuit' | 'tempo-circuit') =>
      compose(input(circuits(3)), { shape, minutes: 45 }).items.find(({ slot }) => slot === 'squat')!.dose;
    expect(of('tempo-circuit').load.externalKg).toBeLessThan(of('circuit').load.externalKg);
    expect(of('tempo-circuit')).toMatchObject({ repsLow: 10, repsHigh: 10 });
  });

  it('back in straight sets an exercise has its rest again', () => {
    const made = compose(input(circuits(3)), { shape: 'straight-sets', minutes: 45 });
    const found = made.items.find(({ slot }) => slot === 'squat');
    expect(found?.dose.restSeconds).toBeGreaterThan(0);
  });

  it('nothing with a bar and no jump goes round, however strong somebody is', () => {
    const made = compose(
      input([], { context: { ...input([]).context, person: { goal: 'power', trainingAge: 'advanced', massKg: 90 } } }),
      { shape: 'circuit', minutes: 45 },
    );
    for (const { variationId } of made.items) {
      expect([variationId, mayGoRound(getVariation(builtInCatalogue, variationId))]).toEqual([variationId, true]);
    }
  });
});

describe('how interval finishers go on', () => {
  const finishers = (count: number): PastExercise[] =>
    circuits(count).map((one) => ({ ...one, dose: { ...round, sets: 3, seconds: 20 } }));
  const of = (count: number, careful: string[] = []) => {
    const { dose } = intervalsFor(input([], {}, careful), squat, finishers(count));
    return [dose.sets, dose.seconds, dose.restSeconds];
  };

  it('20:40, then 30:30, then 40:20; six minutes at first, twelve at most', () => {
    // Source: design, minutes of intervals (20:40 → 30:30 → 40:20; 6–12 min).
    expect([0, 2, 4, 8, 30].map((count) => of(count))).toEqual([
      [6, 20, 40],
      [7, 20, 40],
      [8, 30, 30],
      [10, 40, 20],
      [12, 40, 20],
    ]);
  });

  it('never 40:20 for whoever is to be careful: 20 s at most, 45 s of rest at least', () => {
    for (const count of [0, 4, 8, 30]) {
      const [, seconds, rest] = of(count, ['from-65']);
      expect([seconds, rest]).toEqual([20, 45]);
    }
  });

  it('are intervals whoever plans them, also the first time after a lay-off', () => {
    // Seen in the demo: forty days away, and “1 × 20 s” at the end of the session.
    const away = input([], { stage: { sessionsDone: 20, dayOfTraining: 100, daysSinceLast: 40 } });
    const start = { variationId: 'squat-lunge-combination', values: {}, reasons: [] };
    const { dose, trackDose, why } = planItem(away, { slot: 'finisher', role: 'finisher' }, start);
    expect([dose.sets, dose.seconds, trackDose.sets]).toEqual([6, 20, 6]);
    expect(why.sets.map(({ code }) => code)).toEqual(['intervals']);
  });

  it('a capacity session ends with whole minutes of it, or without', () => {
    const made = (minutes: number) =>
      compose(input([], { tracks: [] }), { shape: 'prep-compounds-accessories', minutes }).items.filter(
        ({ slot }) => slot === 'finisher',
      );
    // Where capacity is the goal it comes before extras: at 35 min there is one.
    for (const minutes of [35, 45, 75]) expect([minutes, made(minutes).length]).toEqual([minutes, 1]);
    for (const minutes of [20, 30, 45, 60, 75]) {
      for (const { dose } of made(minutes)) expect(dose.sets).toBeGreaterThanOrEqual(6);
    }
  });
});
