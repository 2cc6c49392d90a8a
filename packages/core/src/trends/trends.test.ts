import { standardDeviation, sampleStandardDeviation, mean } from 'simple-statistics';
import { builtInCatalogue, getVariation } from '../catalogue';
import { anExerciseLog, aSet } from '../testing';
import { dayNumber, mondayOf } from '../units';
import { exercisePoints, monotonyOf, trendWeeks } from '.';
import type { TrendSession } from '.';

const SQUAT = getVariation(builtInCatalogue, 'goblet-squat');
const BRIDGE = getVariation(builtInCatalogue, 'glute-bridge');
const { dose } = anExerciseLog({ loadKg: 24 });
const session = (date: string, over: Partial<TrendSession> = {}): TrendSession => ({
  day: dayNumber(date),
  effort: 7,
  minutes: 40,
  joints: null,
  exercises: [{ variation: SQUAT, dose, sets: [aSet({ setIndex: 0 }), aSet({ setIndex: 1 }), aSet({ setIndex: 2 })] }],
  ...over,
});

it('weeks begin on Monday, whatever the day', () => {
  // Independent: the weekday of the platform's own calendar.
  for (let day = 20_000; day < 20_021; day += 1) {
    expect(new Date(mondayOf(day) * 86_400_000).getUTCDay()).toBe(1);
    expect(day - mondayOf(day)).toBeLessThan(7);
  }
});

describe('monotony', () => {
  it('is mean over sample spread of the seven days, as an independent library has it', () => {
    // Source: Foster 1998, from memory; the statistics by simple-statistics.
    const days = [320, 0, 280, 0, 350, 0, 0];
    expect(monotonyOf(days)).toBeCloseTo(mean(days) / sampleStandardDeviation(days), 2);
    expect(monotonyOf(days)).not.toBeCloseTo(mean(days) / standardDeviation(days), 2);
  });

  it('says nothing of a week with too few days, or with no spread', () => {
    expect(monotonyOf([300, 0, 0, 300, 0, 0, 0])).toBeNull();
    expect(monotonyOf([200, 200, 200, 200, 200, 200, 200])).toBeNull();
  });
});

describe('weeks', () => {
  const [first, second, third] = trendWeeks([
    session('2026-11-03'),
    session('2026-11-05', { effort: null }),
    session('2026-11-16', { joints: [{ area: 'knee', pain: 2 }] }),
  ]);

  it('sums sessions by week, and keeps the weeks between', () => {
    expect([first?.sessions, second?.sessions, third?.sessions]).toEqual([2, 0, 1]);
    expect(first?.setsByFamily).toEqual({ squat: 6 });
    expect(first?.setsByMuscle['front-thigh']).toBeCloseTo(6 * (SQUAT.emphasis['front-thigh'] ?? 0), 1);
    expect([first?.kneeSets, first?.hipSets]).toEqual([6, 0]);
    expect(third?.painByArea).toEqual({ knee: 2 });
  });

  it('load is effort times minutes, of the sessions where both are known', () => {
    expect([first?.load, first?.loadSessions]).toEqual([280, 1]);
    const known = trendWeeks([session('2026-11-02'), session('2026-11-04'), session('2026-11-06')])[0];
    expect([known?.load, known?.strain]).toEqual([840, Math.round(840 * (known?.monotony ?? 0))]);
    const unknown = trendWeeks([session('2026-11-02'), session('2026-11-04'), session('2026-11-06', { minutes: null })])[0];
    expect([unknown?.monotony, unknown?.strain]).toEqual([null, null]);
  });

  it('easy sets are done but not hard; both legs of a set are one; warm-ups are neither', () => {
    const sets = [
      aSet({ side: 'left' }),
      aSet({ side: 'right' }),
      aSet({ setIndex: 1, reserve: 6 }),
      aSet({ kind: 'ramp', setIndex: 4 }),
    ];
    const [week] = trendWeeks([session('2026-11-03', { exercises: [{ variation: BRIDGE, dose, sets }] })]);
    expect([week?.setsByFamily.bridge, week?.setsDone, week?.setsPlanned, week?.hipSets]).toEqual([1, 2, 3, 1]);
  });

  it('unknown stays unknown: no pain asked, no tempo measured', () => {
    expect([first?.worstPain, first?.tempoKept]).toEqual([null, null]);
    const sets = [
      aSet({ jointPain: 3, tempoMeasured: [2, 0, 1, 0] }),
      aSet({ setIndex: 1, jointPain: 1, tempoMeasured: [9, 9, 9, 9] }),
    ];
    const [week] = trendWeeks([
      session('2026-11-03', {
        exercises: [{ variation: SQUAT, dose: { ...dose, tempo: { lowering: 2, bottom: 0, lifting: 1, top: 0 } }, sets }],
      }),
    ]);
    expect([week?.worstPain, week?.tempoKept]).toEqual([3, 0.5]);
  });

  it('nothing done is no weeks', () => expect(trendWeeks([])).toEqual([]));
});

describe('one movement over time', () => {
  const past = (loads: readonly number[], variationId = 'goblet-squat') => {
    const base = anExerciseLog({ variationId, loadKg: 24 });
    return {
      ...base,
      past: loads.map((externalKg, at) => ({
        sessionId: `s${at}`,
        day: 100 + 4 * at,
        dose: base.dose,
        values: {},
        sets: [0, 1, 2].map((setIndex) => aSet({ setIndex, externalKg, reserve: 2, reps: 10 })),
      })),
    };
  };

  it('a point a session, with the estimate as it stood then', () => {
    const points = exercisePoints(past([16, 20, 24, 28]));
    expect(points.map(({ loadKg, reps, sets, reserve }) => [loadKg, reps, sets, reserve])).toEqual([
      [16, 10, 3, 2],
      [20, 10, 3, 2],
      [24, 10, 3, 2],
      [28, 10, 3, 2],
    ]);
    const best = points.map(({ oneRepMax }) => oneRepMax.both!);
    expect(best.map(({ kg }) => kg)).toEqual([...best.map(({ kg }) => kg)].sort((a, b) => a - b));
    for (const { lowKg, kg, highKg } of best) expect([lowKg <= kg, kg <= highKg]).toEqual([true, true]);
    // What is known later changes nothing of what stood before.
    expect(exercisePoints(past([16, 20])).at(-1)?.oneRepMax).toEqual(points[1]?.oneRepMax);
    expect(best[3]!.highKg - best[3]!.lowKg).toBeLessThan(best[0]!.highKg - best[0]!.lowKg);
  });

  it('legs that work apart are compared, the weaker one named by the sign', () => {
    const base = past([10], 'split-squat');
    const sets = (left: number, right: number) =>
      [0, 1].flatMap((setIndex) => [
        aSet({ setIndex, side: 'left', externalKg: 16, reps: left, reserve: 2 }),
        aSet({ setIndex, side: 'right', externalKg: 16, reps: right, reserve: 2 }),
      ]);
    const sessions = [0, 1, 2, 3].map((at) => ({ ...base.past[0]!, sessionId: `s${at}`, day: 100 + 4 * at, sets: sets(7, 11) }));
    const points = exercisePoints({ ...base, past: sessions });
    expect(points.at(-1)?.leftBehind?.share).toBeGreaterThan(0.03);
    expect(exercisePoints(past([16])).at(-1)?.leftBehind).toBeNull();
  });

  it('holds have seconds and no estimate; sessions with only warm-ups are no points', () => {
    const base = anExerciseLog({ variationId: 'wall-sit' });
    const hold = {
      sessionId: 's',
      day: 1,
      dose: base.dose,
      values: {},
      sets: [aSet({ kind: 'timed', reps: null, seconds: 40, externalKg: 0 })],
    };
    expect(exercisePoints({ ...base, past: [hold] })).toMatchObject([{ seconds: 40, reps: null, oneRepMax: {} }]);
    const warm = { ...hold, sets: [aSet({ kind: 'ramp' })] };
    expect(exercisePoints({ ...base, past: [warm] })).toEqual([]);
  });
});
