import { mustBeLoaded } from '../catalogue';
import { isHardKind } from '../log';
import { historyOf, sidesOf } from '../progression';
import type { EstimateFrom, PastExercise } from '../progression';
import { isEstimable, lifterFor, replayEach, sdOfStrength, tellingKg } from '../strength';
import type { Checkpoint } from '../strength';
import type { SessionId, Side } from '../vocabulary';

/** An estimate with its band of two thirds: one standard deviation each way. External kg, on top of the body's own share. */
export interface Banded {
  kg: number;
  lowKg: number;
  highKg: number;
}

/** One session of one movement. */
export interface ExercisePoint {
  sessionId: SessionId;
  day: number;
  /** The heaviest work load, external kg, and the reps done with it, one leg's where it is one-sided. */
  loadKg: number;
  reps: number | null;
  seconds: number | null;
  sets: number;
  /** Mean reps in reserve of the sets it was asked about; null: of none. */
  reserve: number | null;
  clean: boolean | null;
  /** Estimated one-rep maximum after this session, by side; none where the estimator has no say. */
  oneRepMax: Partial<Record<Side, Banded>>;
  /** How much weaker the left leg is than the right, as a share, with its error; null where legs are not compared. */
  leftBehind: { share: number; error: number } | null;
}

const tenth = (value: number): number => Math.round(value * 10) / 10;

const banded = (checkpoint: Checkpoint, bodyLoadKg: number): Banded => {
  const middle = checkpoint.belief.mean[0] ?? 0;
  const sd = sdOfStrength(checkpoint.belief);
  const external = (log: number): number => tenth(Math.max(0, Math.exp(log) - bodyLoadKg));
  return { kg: external(middle), lowKg: external(middle - sd), highKg: external(middle + sd) };
};

/** The estimate after each session of one side, by session; one that tells nothing of it leaves it as it was. */
const standings = (from: EstimateFrom, side: Side): Map<string, Checkpoint> => {
  const after = replayEach(historyOf(from, side), lifterFor(from.variation, from.context.person));
  const known = new Map<string, Checkpoint>();
  let read = 0;
  for (const session of [...from.past].sort((a, b) => a.day - b.day)) {
    if (historyOf({ ...from, past: [session] }, side).length > 0) read += 1;
    const at = after[read - 1];
    if (at) known.set(session.sessionId, at);
  }
  return known;
};

const heaviest = ({ sets }: PastExercise): Pick<ExercisePoint, 'loadKg' | 'reps' | 'seconds'> => {
  const work = sets.filter(({ kind }) => isHardKind(kind));
  const loadKg = Math.max(0, ...work.map(({ externalKg }) => externalKg));
  const at = work.filter(({ externalKg }) => externalKg >= loadKg - 0.001);
  const most = (values: readonly (number | null)[]): number | null => {
    const known = values.filter((value): value is number => value !== null);
    return known.length === 0 ? null : Math.max(...known);
  };
  return { loadKg, reps: most(at.map(({ reps }) => reps)), seconds: most(at.map(({ seconds }) => seconds)) };
};

/**
 * One movement over time, a point a session, oldest first: what was done, and the estimated one-rep maximum as it stood
 * after that session, by leg where legs work apart.
 */
export const exercisePoints = (from: EstimateFrom): ExercisePoint[] => {
  const isRead = isEstimable(from.variation) && (mustBeLoaded(from.variation) || from.variation.bodyMassShare > 0);
  const sides = sidesOf(from);
  const bodyKg = tellingKg(lifterFor(from.variation, from.context.person));
  const bySide = new Map(isRead ? sides.map((side) => [side, standings(from, side)] as const) : []);
  return [...from.past]
    .sort((a, b) => a.day - b.day)
    .filter(({ sets }) => sets.some(({ kind }) => isHardKind(kind)))
    .map((session): ExercisePoint => {
      const work = session.sets.filter(({ kind }) => isHardKind(kind));
      const asked = work.flatMap(({ reserve }) => reserve ?? []);
      const judged = work.filter(({ clean }) => clean !== 'not-judged');
      const at = (side: Side) => bySide.get(side)?.get(session.sessionId);
      const [left, right] = [at('left'), at('right')];
      return {
        sessionId: session.sessionId,
        day: session.day,
        ...heaviest(session),
        sets: new Set(work.map(({ setIndex }) => setIndex)).size,
        reserve: asked.length === 0 ? null : tenth(asked.reduce((sum, value) => sum + value, 0) / asked.length),
        clean: judged.length === 0 ? null : judged.every(({ clean }) => clean === 'yes'),
        oneRepMax: Object.fromEntries(
          sides.flatMap((side) => {
            const known = at(side);
            return known ? [[side, banded(known, bodyKg)]] : [];
          }),
        ),
        leftBehind: left && right ? behind(left, right) : null,
      };
    });
};

const behind = (left: Checkpoint, right: Checkpoint): { share: number; error: number } => {
  const gap = (right.belief.mean[0] ?? 0) - (left.belief.mean[0] ?? 0);
  // Both legs share one rep curve and one habit of reporting, so most of their error is common.
  const error = Math.hypot(sdOfStrength(left.belief), sdOfStrength(right.belief)) / 2;
  return { share: Math.round((1 - Math.exp(-gap)) * 1000) / 1000, error: Math.round(error * 1000) / 1000 };
};
