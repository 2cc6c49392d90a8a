import { reason } from '../vocabulary';
import type { MethodId } from '../vocabulary';
import { withToday } from './estimate-next';
import type { TrackMemory } from './memory';
import { ladderGate } from './methods/ladder-gate';
import { rangeThenLoad } from './methods/range-then-load';
import { reserveLed } from './methods/reserve-led';
import { straightLine } from './methods/straight-line';
import { twoForTwo } from './methods/two-for-two';
import { timedWork } from './methods/timed';
import { comingBack } from './questions/coming-back';
import { cutShort } from './questions/cut-short';
import { faults } from './questions/faults';
import { grip } from './questions/grip';
import { notDone } from './questions/not-done';
import { pain } from './questions/pain';
import { dip } from './second-looks/dip';
import { mayMoveUp } from './second-looks/may-move-up';
import { stall } from './second-looks/stall';
import { spent } from './second-looks/spent';
import { tooEasy } from './second-looks/too-easy';
import { shortOfRange } from './short-of-range';
import { sideReason } from './sides';
import { stay } from './stay';
import type { Decision, ExerciseLog, Method, Outcome, Question, SecondLook, TraceStep, WorkDone } from './types';
import { heldLoad, workDone } from './work-done';

/** Stored with every decision, so a later engine can tell what judged it. */
export const ENGINE_VERSION = '9';

/** Safety, then whether there is anything to judge, then clean, the hands, and whether it was cut short. The method answers last. */
const QUESTIONS: readonly Question[] = [pain, notDone, faults, grip, cutShort, comingBack];

const METHODS_BY_ID: Record<MethodId, Method> = {
  'reserve-led': reserveLed,
  'range-then-load': rangeThenLoad,
  'two-for-two': twoForTwo,
  'straight-line': straightLine,
  'ladder-gate': ladderGate,
};

/** Asked of what the method says: a stall, a dip, too easy, too hard, and whether anything stands against moving up. */
const SECOND_LOOKS: readonly SecondLook[] = [stall, dip, tooEasy, spent, mayMoveUp];

/** Exercises that may move up in one session. House default. */
const MOVE_UP_LIMIT = 3;

const byMethod = (log: ExerciseLog, done: WorkDone): Outcome =>
  log.dose.seconds === undefined ? METHODS_BY_ID[log.method].decide(log, done) : timedWork(log);

/**
 * What was too hard eases, fewer reps too, though something else only held the work where it is: by the method, or because sets
 * stopped under the range, however they looked.
 */
const tooHard = (log: ExerciseLog, done: WorkDone, held: Outcome): Outcome | null => {
  const said = [byMethod(log, done), ...(log.dose.seconds === undefined ? [shortOfRange(log, done)] : [])];
  const outcome = said.find((one) => one?.verdict === 'ease-back');
  if (!outcome) return spent.look(held, log, done);
  return { ...outcome, reasons: [...held.reasons, ...outcome.reasons] };
};

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
    if (!outcome) continue;
    if (question.onlyHolds && outcome.verdict === 'same-again') outcome = tooHard(log, done, outcome) ?? outcome;
    break;
  }
  if (!outcome) {
    outcome = byMethod(log, done);
    trace.push({ question: 'method', spoke: true });
    for (const second of SECOND_LOOKS) {
      const changed = second.look(outcome, log, done);
      trace.push({ question: second.id, spoke: changed !== null });
      outcome = changed ?? outcome;
    }
    outcome = { ...outcome, reasons: [...outcome.reasons, ...sideReason({ ...log, past: withToday(log) })] };
  } else if (outcome.verdict === 'move-up') {
    const held = mayMoveUp.look(outcome, log, done);
    trace.push({ question: 'may-move-up', spoke: held !== null });
    outcome = held ?? outcome;
  }
  return {
    ...outcome,
    memory: remembered(log, outcome),
    itemId: log.itemId,
    method: log.method,
    engineVersion: ENGINE_VERSION,
    usedSets: log.sets.map((set) => ({ setId: set.id, revision: set.revision })),
    trace,
  };
};

/** Whether a verdict counts among the move-ups of a session: reps don't, and what only comes back doesn't. */
const isMove = ({ verdict, change, isReturn }: Outcome): boolean =>
  verdict === 'move-up' && change?.lever !== 'reps' && isReturn !== true;

/** What the track remembers: what the verdict says, with the day of the last move; a loan is over with its session. */
const remembered = (log: ExerciseLog, outcome: Outcome): TrackMemory => {
  const from = outcome.memory ?? { ...log.memory, loan: undefined };
  const gripped = log.sets.some(({ endedBy }) => endedBy === 'grip');
  const grip = gripped || from.grip?.changed ? from.grip : undefined;
  const moved = isMove(outcome) ? { movedOn: log.day, stall: outcome.memory?.stall } : {};
  const all: TrackMemory = { ...from, grip, ...moved };
  return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined));
};

/**
 * Judges a whole session: each exercise on its own, then at most three move up by load, sets, a setting or a stage, those
 * that moved longest ago first, and the rest stay, with why. Reps to aim at are no move of that kind.
 */
export const decideSession = (logs: readonly ExerciseLog[]): Decision[] => {
  const decisions = logs.map(decideExercise);
  const moving = logs
    .map((log, at) => ({ at, movedOn: log.memory?.movedOn ?? -Infinity, decision: decisions[at] }))
    .filter(({ decision }) => decision && isMove(decision))
    .sort((a, b) => a.movedOn - b.movedOn || a.at - b.at);
  const mayMove = new Set(moving.slice(0, MOVE_UP_LIMIT).map(({ at }) => at));
  return decisions.map((decision, at) => {
    const log = logs[at];
    if (!log || !isMove(decision) || mayMove.has(at)) return decision;
    const capped = reason('session-cap', { limit: MOVE_UP_LIMIT }, 'house-default');
    const { variationId: _, values: __, ...kept } = decision;
    return {
      ...kept,
      ...stay(log, { load: heldLoad(log, workDone(log)) }, [...decision.reasons, capped]),
      memory: remembered(log, { ...decision, verdict: 'same-again', memory: log.memory ?? {} }),
      trace: [...(decision.trace ?? []), { question: 'session-cap', spoke: true }],
    };
  });
};
