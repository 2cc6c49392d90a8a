import { remediesFor, valueAt } from '../../catalogue/knowledge';
import { reason } from '../../vocabulary';
import type { FaultId } from '../../vocabulary';
import { asEased, easeOneStep } from '../ease';
import type { Eased } from '../memory';
import { isFarShort } from '../short-of-range';
import { stay } from '../stay';
import type { ExerciseLog, Outcome, Question, WorkDone } from '../types';
import { heldLoad } from '../work-done';

/** Sessions running with the same fault breaking sets before something is changed. Three strikes would be too slow. */
const RUNNING = 2;

/**
 * A dangerous fault takes one step off; one that breaks a set keeps the dose the first time, and moves one notch on its
 * own remedy when it broke sets the session before as well. Notes are only recorded.
 */
export const faults: Question = {
  id: 'clean',
  onlyHolds: true,
  ask: (log, done) => {
    const seen = log.sets.flatMap((set) => set.faults.map((fault) => ({ ...fault, setIndex: set.setIndex })));
    const dangerous = seen.find((fault) => fault.severity === 'dangerous');
    if (dangerous) {
      const why = reason('fault-dangerous', { faultId: dangerous.id, setIndex: dangerous.setIndex }, 'common-practice');
      return asEased(easeOneStep(log, done.load), [why]);
    }
    const breaking = seen.find((fault) => fault.severity === 'breaks');
    if (breaking) return broke(log, done, breaking);
    const unclean = done.rows.find((row) => row.clean === 'no');
    return unclean ? stay(log, held(log, done), [reason('not-clean', { setIndex: unclean.setIndex }, 'common-practice')]) : null;
  },
};

const held = (log: ExerciseLog, done: WorkDone) => ({ load: heldLoad(log, done) });

const broke = (log: ExerciseLog, done: WorkDone, { id, setIndex }: { id: FaultId; setIndex: number }): Outcome => {
  const sessions = 1 + runningWith(log, id);
  // A set that hardly began says more than how it looked: the method answers that.
  if (sessions < RUNNING || isFarShort(log, done))
    return stay(log, held(log, done), [reason('fault-breaks', { faultId: id, setIndex }, 'common-practice')]);
  const why = reason('fault-again', { faultId: id, sessions }, 'common-practice');
  const eased = remedyNotch(log, done, id) ?? (isInMost(log, id) ? easeOneStep(log, done.load) : null);
  // No setting of its own left, and most sets were clean: it is said and watched; the load is not its remedy.
  if (!eased) return stay(log, held(log, done), [why]);
  const memory = eased.values ? { ...log.memory, eased: log.memory?.eased ?? asItStood(log, done) } : log.memory;
  return { ...asEased(eased, [why]), memory };
};

/** A fault in at least this share of the sets is one that load or the movement must answer. House default. */
const MOST_SHARE = 0.5;

const isInMost = ({ sets }: Pick<ExerciseLog, 'sets'>, id: FaultId): boolean => {
  const work = sets.filter(({ kind }) => kind === 'work' || kind === 'timed');
  const broken = work.filter(({ faults: seen }) => seen.some((fault) => fault.id === id && fault.severity !== 'note'));
  return broken.length >= MOST_SHARE * work.length;
};

/** What stands before a setting is eased, so that it comes back. */
const asItStood = ({ day, dose, values }: ExerciseLog, done: WorkDone): Eased => ({
  because: 'fault',
  day,
  sets: dose.sets,
  loadKg: done.load.externalKg,
  values,
  steps: ['setting'],
  good: 0,
});

/** Sessions just before this one, in a row, in which the fault broke a set. */
const runningWith = ({ past, day }: Pick<ExerciseLog, 'past' | 'day'>, faultId: FaultId): number => {
  const earlier = past.filter((session) => session.day <= day).sort((a, b) => b.day - a.day);
  const at = earlier.findIndex(
    ({ sets }) => !sets.some((set) => set.faults.some(({ id, severity }) => id === faultId && severity !== 'note')),
  );
  return at < 0 ? earlier.length : at;
};

/** One notch on the first of the fault's own levers that can still move that way. */
const remedyNotch = ({ variation, values, dose }: ExerciseLog, done: WorkDone, faultId: FaultId): Outcome | null => {
  for (const remedy of remediesFor(variation, faultId)) {
    if (remedy.kind !== 'lever' || remedy.way !== 'easier') continue;
    const scale = variation.levers.find(({ lever }) => lever === remedy.lever);
    if (!scale?.ordered) continue;
    const from = valueAt(scale, values);
    const at = scale.steps.indexOf(from);
    const to = scale.steps[at - 1];
    if (at < 1 || to === undefined) continue;
    return {
      verdict: 'ease-back',
      change: { lever: scale.lever, from, to },
      dose: { ...dose, load: done.load },
      values: { ...values, [scale.lever]: to },
      reasons: [reason('lever-notch', { lever: scale.lever, from, to, unit: scale.unit }, 'common-practice')],
    };
  }
  return null;
};
