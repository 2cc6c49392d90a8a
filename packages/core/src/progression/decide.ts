import { reason } from '../vocabulary';
import type { MethodId } from '../vocabulary';
import { withToday } from './estimate-next';
import { ladderGate } from './methods/ladder-gate';
import { rangeThenLoad } from './methods/range-then-load';
import { reserveLed } from './methods/reserve-led';
import { straightLine } from './methods/straight-line';
import { twoForTwo } from './methods/two-for-two';
import { cutShort } from './questions/cut-short';
import { faults } from './questions/faults';
import { grip } from './questions/grip';
import { notDone } from './questions/not-done';
import { pain } from './questions/pain';
import { dip } from './second-looks/dip';
import { mayMoveUp } from './second-looks/may-move-up';
import { stall } from './second-looks/stall';
import { sideReason } from './sides';
import { stay } from './stay';
import type { Decision, ExerciseLog, Method, Outcome, Question, SecondLook, TraceStep } from './types';
import { workDone } from './work-done';

/** Stored with every decision, so a later engine can tell what judged it. */
export const ENGINE_VERSION = '3';

/** Safety, then whether there is anything to judge, then clean, the hands, and whether it was cut short. The method answers last. */
const QUESTIONS: readonly Question[] = [pain, notDone, faults, grip, cutShort];

const METHODS_BY_ID: Record<MethodId, Method> = {
  'reserve-led': reserveLed,
  'range-then-load': rangeThenLoad,
  'two-for-two': twoForTwo,
  'straight-line': straightLine,
  'ladder-gate': ladderGate,
};

/** Asked of what the method says: a stall, a dip, and whether anything stands against moving up. */
const SECOND_LOOKS: readonly SecondLook[] = [stall, dip, mayMoveUp];

/** Exercises that may move up in one session. House default. */
const MOVE_UP_LIMIT = 3;

/**
 * The next dose of one exercise from what was logged, with one change at most and the trace that led there.
 * @example decideExercise(log).verdict // 'move-up'
 */
export const decideExercise = (log: ExerciseLog): Decision => {
  const done = workDone(log);
  const trace: TraceStep[] = [];
  let outcome: Outcome | null = null;
  for (const question of QUESTIONS) {
    outcome = question.ask(log, done);
    trace.push({ question: question.id, spoke: outcome !== null });
    if (outcome) break;
  }
  if (!outcome) {
    outcome = METHODS_BY_ID[log.method].decide(log, done);
    trace.push({ question: 'method', spoke: true });
    for (const second of SECOND_LOOKS) {
      const changed = second.look(outcome, log, done);
      trace.push({ question: second.id, spoke: changed !== null });
      outcome = changed ?? outcome;
    }
    outcome = { ...outcome, reasons: [...outcome.reasons, ...sideReason({ ...log, past: withToday(log) })] };
  }
  return {
    ...outcome,
    itemId: log.itemId,
    method: log.method,
    engineVersion: ENGINE_VERSION,
    usedSets: log.sets.map((set) => ({ setId: set.id, revision: set.revision })),
    trace,
  };
};

/** Judges a whole session: each exercise on its own, then at most three move up and the rest stay, with why. */
export const decideSession = (logs: readonly ExerciseLog[]): Decision[] => {
  let movedUp = 0;
  return logs.map((log) => {
    const decision = decideExercise(log);
    if (decision.verdict !== 'move-up') return decision;
    movedUp += 1;
    if (movedUp <= MOVE_UP_LIMIT) return decision;
    const capped = reason('session-cap', { limit: MOVE_UP_LIMIT }, 'house-default');
    const { variationId: _, values: __, ...kept } = decision;
    return {
      ...kept,
      ...stay(log, workDone(log), [...decision.reasons, capped]),
      trace: [...(decision.trace ?? []), { question: 'session-cap', spoke: true }],
    };
  });
};
