import { dayNumber, defaultKit, loadsForVariation } from '@drubo/core';
import type { SetRecord } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { adviseAfterSet, decideSession, PAIN_NOT_ASKED } from '@drubo/core/judging';
import type { ExerciseLog, PastExercise } from '@drubo/core/judging';
import { percentiles } from './percentiles';

const ADVICE_AIM_MS = 5;
const VERDICT_AIM_MS = 20;
const TWO_YEARS = 2 * 52 * 2;
const RUNS = 60;

const tempo = { lowering: 3, bottom: 1, lifting: 1, top: 0 } as const;

/** A logged work set with nothing unusual about it. */
const loggedSet = (over: Pick<SetRecord, 'id' | 'setIndex' | 'side' | 'reps' | 'reserve' | 'externalKg'>): SetRecord => ({
  sessionId: 'session',
  itemId: 'item',
  kind: 'work',
  round: null,
  parentSetId: null,
  plannedReps: 10,
  plannedSeconds: null,
  seconds: null,
  endedBy: 'planned',
  faults: [],
  clean: 'yes',
  jointPain: 0,
  feltWhere: [],
  reserveFrom: 'client',
  tempoMeasured: null,
  implements: [],
  bodyMassKg: 70,
  restBeforeSeconds: 90,
  loggedBy: 'trainer',
  deviceId: 'bench',
  deviceSeq: 0,
  loggedAt: '2026-11-24T10:00:00.000Z',
  removed: false,
  receivedAt: null,
  revision: 1,
  ...over,
});

/** One exercise with two years of sessions behind it, three sets each. */
const longLog = (variationId: string): ExerciseLog => {
  const kit = defaultKit('kg');
  const variation = getVariation(builtInCatalogue, variationId);
  const loads = loadsForVariation(kit, variation);
  const today = dayNumber('2026-11-24');
  const sidesOf = variation.stance === 'two-leg' ? (['both'] as const) : (['left', 'right'] as const);
  const sets = (session: number) =>
    [0, 1, 2].flatMap((setIndex) =>
      sidesOf.map((side) => {
        const load = loads[Math.min(loads.length - 1, 4 + Math.floor(session / 24))];
        const reps = 8 + ((session + setIndex) % 5);
        const externalKg = load?.externalKg ?? 0;
        return loggedSet({
          id: `s${session}-${setIndex}-${side}`,
          setIndex,
          side,
          reps,
          reserve: session % 3 ? 2 : null,
          externalKg,
        });
      }),
    );
  const dose = {
    sets: 3,
    repsLow: 8,
    repsHigh: 12,
    repsBeyond: 0,
    load: loads[8] ?? { position: 'none' as const, implements: [], externalKg: 0 },
    tempo,
    restSeconds: 90,
    reserve: 2,
  };
  const past = Array.from({ length: TWO_YEARS }, (_, session): PastExercise => ({
    sessionId: `session-${session}`,
    day: today - 3.5 * (TWO_YEARS - session),
    dose,
    values: {},
    sets: sets(session),
  }));
  return {
    itemId: variationId,
    variation,
    values: {},
    dose,
    method: 'reserve-led',
    sets: sets(TWO_YEARS),
    day: today,
    past,
    loads,
    bodyMassKg: 70,
    context: {
      catalogue: builtInCatalogue,
      kit,
      room: null,
      person: { goal: 'build-muscle', trainingAge: 'intermediate', massKg: 70 },
      limits: [],
      pain: PAIN_NOT_ASKED,
    },
  };
};

/** The same log as a new thing, so that nothing kept from the run before helps. */
const fresh = (log: ExerciseLog): ExerciseLog => ({ ...log, past: [...log.past] });

const milliseconds = (work: () => unknown): number[] =>
  Array.from({ length: RUNS }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });

const line = (what: string, times: readonly number[], aimMs: number): string => {
  const { p50, p95 } = percentiles(times);
  return `  ${what}: median ${p50.toFixed(2)} ms, ${(p50 / aimMs).toFixed(2)} of the aim of ${aimMs} ms; p95 ${p95.toFixed(2)} ms`;
};

/** Advice after a set, and the verdict of a session of four, each with two years of history behind it. */
export const benchAdvice = (): string[] => {
  const logs = ['goblet-squat', 'dumbbell-romanian-deadlift', 'split-squat', 'glute-bridge'].map(longLog);
  const [squat] = logs;
  if (!squat) throw new Error('no exercise to measure');
  const advise = () =>
    adviseAfterSet({
      ...fresh(squat),
      today: squat.sets.slice(0, 1),
      next: { kind: 'work', setIndex: 1, side: 'both' },
      feelers: 0,
    });
  return [
    `Two years of history (${TWO_YEARS} sessions of three sets an exercise):`,
    line('advice after a set', milliseconds(advise), ADVICE_AIM_MS),
    line(
      'verdicts of four exercises',
      milliseconds(() => decideSession(logs.map(fresh))),
      VERDICT_AIM_MS,
    ),
  ];
};
