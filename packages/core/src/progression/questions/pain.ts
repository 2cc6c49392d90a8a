import { cutBy, PAIN_BANDS, PAIN_RISE_STOPS, painBand } from '../../limits';
import { reason } from '../../vocabulary';
import type { Reason } from '../../vocabulary';
import { lever } from '../change-lever';
import { cutLoad } from '../cut-load';
import type { TrackMemory } from '../memory';
import type { ExerciseLog, Outcome, Question, WorkDone } from '../types';
import { fewerForPain, painlessLoadKg, wasCutForPain } from '../pain-before';
import { worstPain } from '../worst-pain';

/** Cleared and settled pain up to here is borne. */
const BORNE_UP_TO = 3;

/**
 * Safety first: above 5, or up by 2 from the day's start to 3 or more, leaves the exercise out. 3 to 5, or a set ended by pain,
 * eases once: the load by a fifth to a third, whoever asked first that day; where it was cut before, a setting, then
 * fewer sets, then leaving out. Known pain up to 3 (or as far as the clearance goes) that is no worse than at the start
 * is borne. At 2 or less nothing is cut.
 */
export const pain: Question = {
  id: 'pain',
  ask: (log, done) => {
    const worst = worstPain(log);
    const why = stops(log, worst);
    if (why) return leaveOut(log, done, [why]);
    const ease = eases(log, worst);
    return ease ? easeOnce(log, done, ease) : null;
  },
};

const stops = ({ context }: ExerciseLog, worst: number | null): Reason | null => {
  if (worst === null) return null;
  const { atStart } = context.pain;
  if (painBand(worst) === 'stop') {
    return reason('pain-stop', { pain: worst, limit: PAIN_BANDS.acceptableUpTo }, 'pain-monitoring-thomee');
  }
  if (atStart !== null && worst >= BORNE_UP_TO && worst - atStart >= PAIN_RISE_STOPS)
    return reason('pain-rose', { from: atStart, to: worst }, 'common-practice');
  return null;
};

const eases = ({ context, sets }: ExerciseLog, worst: number | null): Reason | null => {
  const { clearedUpTo, atStart } = context.pain;
  const ended = sets.find((set) => set.endedBy === 'pain');
  if (worst !== null && painBand(worst) === 'safe') return null;
  if (ended && worst === null) return reason('pain-ended', { setIndex: ended.setIndex }, 'common-practice');
  if (worst === null) return null;
  const borne = clearedUpTo !== null && worst <= Math.max(BORNE_UP_TO, clearedUpTo) && (atStart === null || worst <= atStart);
  if (borne && !ended) return null;
  return painBand(worst) === 'ease'
    ? reason('pain-ease', { pain: worst, limit: PAIN_BANDS.safeUpTo }, 'pain-monitoring-thomee')
    : ended
      ? reason('pain-ended', { setIndex: ended.setIndex }, 'common-practice')
      : null;
};

/** What stood before, kept from the first time something was taken off. */
const remembered = (log: ExerciseLog, step: 'load' | 'setting' | 'sets' | null): TrackMemory => {
  const { memory = {}, usual = log.dose } = log;
  const before = memory.eased?.because === 'pain' ? memory.eased : null;
  return {
    ...memory,
    eased: {
      because: 'pain',
      day: log.day,
      sets: before?.sets ?? usual.sets,
      loadKg: before?.loadKg ?? Math.max(usual.load.externalKg, log.dose.load.externalKg, painlessLoadKg(log)),
      values: before?.values ?? log.values,
      steps: [...(before?.steps ?? []), ...(step ? [step] : [])],
      good: 0,
    },
  };
};

const leaveOut = (log: ExerciseLog, done: WorkDone, reasons: readonly Reason[]): Outcome => {
  const lighter = cutLoad(log.loads, done.load);
  return {
    verdict: 'leave-out',
    change: null,
    dose: { ...log.dose, load: lighter ?? done.load, repsBeyond: 0, repsAim: undefined },
    reasons,
    memory: remembered(log, lighter ? 'load' : null),
  };
};

const easeOnce = (log: ExerciseLog, done: WorkDone, why: Reason): Outcome => {
  const { dose, memory } = log;
  const steps = memory?.eased?.because === 'pain' ? memory.eased.steps : [];
  const isStanding = cutBy(log.variation, log.context.limits) !== null;
  // Today's sets may have been cut already, by the check-in or on the floor: that was the one cut.
  const lightest = Math.min(...done.rows.map(({ externalKg }) => externalKg), dose.load.externalKg);
  const cutToday = log.loads.find(
    ({ externalKg }) => Math.abs(externalKg - lightest) < 0.001 && externalKg < dose.load.externalKg - 0.001,
  );
  // One report, one cut: what the floor made lighter is taken over and nothing more.
  const isCut = steps.includes('load') || wasCutForPain(log, worstPain(log));
  if ((cutToday || !isCut) && !isStanding) {
    const lighter = cutToday ?? cutLoad(log.loads, dose.load);
    if (lighter) {
      return {
        verdict: 'ease-back',
        change: { lever: 'load', from: dose.load.externalKg, to: lighter.externalKg },
        dose: { ...dose, load: lighter, repsBeyond: 0, repsAim: undefined },
        reasons: [why],
        memory: remembered(log, 'load'),
      };
    }
  }
  const load = cutToday ?? dose.load;
  const notch = steps.includes('setting') ? null : lever(log, load, 'easier');
  if (notch) return { ...notch, reasons: [why, ...notch.reasons], memory: remembered(log, 'setting') };
  const sets = fewerForPain(dose.sets);
  if (!steps.includes('sets') && sets >= 1) {
    return {
      verdict: 'ease-back',
      change: { lever: 'sets', from: dose.sets, to: sets },
      dose: { ...dose, load, sets, repsAim: undefined },
      reasons: [why, reason('pain-fewer-sets', { sets, usualSets: dose.sets }, 'house-default')],
      memory: remembered(log, 'sets'),
    };
  }
  return leaveOut(log, done, [why, reason('pain-nothing-left', {}, 'house-default')]);
};
