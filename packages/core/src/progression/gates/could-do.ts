import { isEstimable, lifterFor, predict, sdOfLoadFor, tellingKg } from '../../strength';
import { replayedFor, sidesOf, withToday } from '../estimate-next';
import type { EstimateFrom } from '../estimate-next';
import type { ExerciseLog, PastExercise } from '../types';
import { AMPLE } from './evidence';
import type { GateTarget, Strength } from './evidence';

/** A gate is read from strength only while the log load for its reps is known to this spread. House default. */
const SURE_SD = 0.08;

/**
 * Whether so many reps could be done at a load, by the movement's own belief after the sessions given, the weaker leg deciding;
 * `down`: taken one deviation down instead of asking that it be sure.
 */
export const couldDo = (from: EstimateFrom, loadKg: number, reps: number, down = false): boolean => {
  if (!isEstimable(from.variation) || from.past.length === 0) return false;
  const totalKg = loadKg + tellingKg(lifterFor(from.variation, from.context.person));
  if (totalKg <= 0) return false;
  return sidesOf(from).every((side) => {
    const { history, at } = replayedFor(from, side);
    if (!history.some(({ sets }) => sets.some((set) => !set.isLeadIn && set.reps > 0))) return false;
    const sd = sdOfLoadFor(at.belief, reps);
    if (!down && sd >= SURE_SD) return false;
    return predict(at.belief, down ? totalKg * Math.exp(sd) : totalKg, 0).reps >= reps;
  });
};

/** What strength says of a gate after the last of the sessions in `from`. */
const strengthAfter = (from: EstimateFrom, { loadKg, reps, seconds }: GateTarget): Strength => {
  if (seconds !== null || !couldDo(from, loadKg ?? 0, reps)) return 'none';
  return loadKg !== null && couldDo(from, AMPLE * loadKg, reps) ? 'ample' : 'enough';
};

/**
 * The sessions a gate is read from, this one last, the last two with what strength says now: gates ask for the clean sets of two
 * sessions at most, and for a belief that bears them. Older ones count by their sets alone.
 */
export const withStrength = (
  log: ExerciseLog,
  sessions: readonly PastExercise[],
  target: GateTarget,
): (PastExercise & { strength?: Strength })[] => {
  const strength = strengthAfter({ ...log, past: withToday(log) }, target);
  return sessions.map((session, at) => (at >= sessions.length - 2 ? { ...session, strength } : session));
};
