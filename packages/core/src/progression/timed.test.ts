import { anExerciseLog, aSet } from '../testing';
import type { ExerciseLog } from './types';
import { timedWork } from './methods/timed';

/** A carry of so many seconds a set, held for `held`, the same session once before where `before`. */
const carry = (asked: number, held: readonly number[], { before = true, loadKg = 32 } = {}): ExerciseLog => {
  const log = anExerciseLog({ variationId: 'farmer-carry', dose: { sets: held.length, seconds: asked }, reps: [] });
  const load = log.loads.find(({ externalKg }) => externalKg === loadKg) ?? log.loads.at(-1)!;
  const dose = { ...log.dose, load };
  const sets = held.map((seconds, setIndex) =>
    aSet({ kind: 'timed', setIndex, seconds, reps: null, externalKg: load.externalKg }),
  );
  const past = before ? [{ sessionId: 'p', day: log.day - 3, dose, values: {}, sets }] : [];
  return { ...log, dose, sets, past };
};

/** A hold with nothing in the hands, at its longest twice. */
const hold = (variationId: string): Partial<ExerciseLog> => {
  const log = anExerciseLog({ variationId, reps: [] });
  const seconds = log.variation.seconds?.high ?? 40;
  const dose = { ...log.dose, sets: 2, seconds, load: { position: 'none' as const, implements: [], externalKg: 0 } };
  const sets = [0, 1].flatMap((setIndex) =>
    (['left', 'right'] as const).map((side) => aSet({ kind: 'timed', setIndex, side, seconds, reps: null, externalKg: 0 })),
  );
  const { variation, values, loads } = log;
  return { variation, values, loads, dose, sets, past: [{ sessionId: 'p', day: log.day - 3, dose, values: {}, sets }] };
};

// Source: the practice's own rule for timed work; that what is carried then gets heavier is common practice, no source.
describe('work counted in seconds', () => {
  it('clean in every set twice: five seconds more, a tenth from 30 s on', () => {
    expect(timedWork(carry(20, [20, 20])).dose.seconds).toBe(25);
    expect(timedWork(carry(30, [30, 30])).dose.seconds).toBe(33);
    expect(timedWork(carry(20, [20, 20], { before: false }))).toMatchObject({ verdict: 'same-again', change: null });
    expect(timedWork(carry(20, [20, 18]))).toMatchObject({ verdict: 'same-again' });
  });

  it('held for its longest: the next weight of the kit, from the shortest again', () => {
    const log = carry(40, [40, 40]);
    const heavier = timedWork(log);
    const next = log.loads.find(({ externalKg }) => externalKg > log.dose.load.externalKg)!;
    expect(heavier).toMatchObject({ verdict: 'move-up', change: { lever: 'load', from: 32, to: next.externalKg } });
    expect([heavier.dose.load.externalKg, heavier.dose.seconds]).toEqual([next.externalKg, 20]);
    expect(heavier.reasons.map(({ code }) => code)).toEqual(['timed-longest', 'timed-heavier']);
  });

  it('at the heaviest there is it stays and says so; nothing held or walked gets a tempo', () => {
    const log = carry(40, [40, 40], { loadKg: 1000 });
    expect(timedWork(log)).toMatchObject({ verdict: 'same-again', reasons: [{ code: 'timed-longest' }] });
  });

  it('with nothing held and no setting left: a first weight, where the movement has a place for one', () => {
    const held = { ...carry(40, [40, 40], { loadKg: 0 }), ...hold('held-split-squat') };
    const loaded = timedWork(held);
    expect(loaded).toMatchObject({ change: { lever: 'load-position', from: 'none', to: 'sides' }, dose: { seconds: 15 } });
    expect(loaded.dose.load.externalKg).toBeGreaterThan(0);
    expect(loaded.reasons.map(({ code }) => code)).toEqual(['timed-longest', 'held-elsewhere']);
    // A plank has none.
    expect(timedWork({ ...carry(45, [45, 45], { loadKg: 0 }), ...hold('plank') }).change?.lever).not.toBe('load-position');
  });

  it('once is enough where every set could have gone on for a third longer; not where one of them was not asked', () => {
    const once = (left: readonly (number | null)[], before = false) => {
      const log = carry(30, [30, 30], { before });
      return timedWork({ ...log, sets: log.sets.map((set, at) => ({ ...set, secondsLeft: left[at] ?? null })) });
    };
    expect(once([15, 10])).toMatchObject({ verdict: 'move-up', dose: { seconds: 33 }, reasons: [{ code: 'timed-easy' }, {}] });
    expect(once([15, 5]).verdict).toBe('same-again');
    // A third of 36 s is 12.
    const long = carry(36, [36, 36], { before: false });
    const left = (secondsLeft: number) => timedWork({ ...long, sets: long.sets.map((set) => ({ ...set, secondsLeft })) }).verdict;
    expect([left(11), left(12)]).toEqual(['same-again', 'move-up']);
    expect(once([15, null]).verdict).toBe('same-again');
    expect(once([15, 10], true).reasons.map(({ code }) => code)).toEqual(['timed-longer']);
  });

  it('two sets well short: five seconds less, never under ten', () => {
    expect(timedWork(carry(30, [20, 20])).dose.seconds).toBe(25);
    expect(timedWork(carry(10, [5, 5])).dose.seconds).toBe(10);
  });
});
