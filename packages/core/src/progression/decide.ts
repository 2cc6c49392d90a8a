import { reason } from '../vocabulary';
import type { MethodId } from '../vocabulary';
import { rangeThenLoad } from './methods/range-then-load';
import { faults } from './questions/faults';
import { notDone } from './questions/not-done';
import { pain } from './questions/pain';
import type { Decision, ExerciseLog, Method, Question } from './types';
import { workDone } from './work-done';

/** Stored with every decision, so a later engine can tell what judged it. */
export const ENGINE_VERSION = '1';

/** Safety, then whether there is anything to judge, then clean. The method answers last. */
const QUESTIONS: readonly Question[] = [pain, notDone, faults];

const METHODS_BY_ID: Record<MethodId, Method> = { 'range-then-load': rangeThenLoad };

/** Exercises that may move up in one session. House default. */
const MOVE_UP_LIMIT = 3;

/**
 * The next dose of one exercise from what was logged, with one change at most and the trace that led there.
 * @example decideExercise(log).verdict // 'move-up'
 */
export const decideExercise = (log: ExerciseLog): Decision => {
  const done = workDone(log);
  let outcome = null;
  for (const question of QUESTIONS) outcome ??= question.ask(log, done);
  outcome ??= METHODS_BY_ID[log.method].decide(log, done);
  return {
    ...outcome,
    itemId: log.itemId,
    method: log.method,
    engineVersion: ENGINE_VERSION,
    usedSets: log.sets.map((set) => ({ setId: set.id, revision: set.revision })),
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
    return {
      ...decision,
      verdict: 'same-again',
      change: null,
      dose: { ...log.dose, load: workDone(log).load },
      reasons: [...decision.reasons, capped],
    };
  });
};
