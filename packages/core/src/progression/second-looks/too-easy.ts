import { plannedReps } from '../../dose';
import type { Dose } from '../../dose';
import { reason } from '../../vocabulary';
import { carefulCause, predictedReps } from '../estimate-next';
import { lever } from '../change-lever';
import { stepUp } from '../step-up';
import { shownToward } from '../gates/move-on';
import type { ExerciseLog, SecondLook } from '../types';

/** Reps beyond the target that are too many to ask the same again, and sessions that must show it. House default. */
const TOO_EASY = { reps: 4, sessions: 2, sessionsAtGate: 4 } as const;

/** Sessions running, this one the last, that asked for the same load and reps. */
const askedBefore = ({ past, dose }: ExerciseLog): number => {
  const key = (asked: Dose): string => [asked.load.externalKg, plannedReps(asked), asked.sets].join();
  const earlier = [...past].sort((a, b) => b.day - a.day);
  const other = earlier.findIndex((session) => key(session.dose) !== key(dose));
  return 1 + (other < 0 ? earlier.length : other);
};

/**
 * No method says the same again while the belief says more than four reps beyond the target, two sessions running, unless
 * somebody is spared on purpose: then that is the reason given elsewhere.
 */
export const tooEasy: SecondLook = {
  id: 'too-easy',
  look: (outcome, log, done) => {
    if (outcome.verdict !== 'same-again' || outcome.change !== null || log.memory?.eased || log.cut) return null;
    if (askedBefore(log) < TOO_EASY.sessions || carefulCause(log) !== null) return null;
    // On a ladder the gate says when it is enough; one that is never shown, since nobody looks on, holds nobody for good.
    const isAtGate = log.method === 'ladder-gate' && shownToward(log) !== null;
    if (isAtGate && askedBefore(log) < TOO_EASY.sessionsAtGate) return null;
    const aim = outcome.dose.repsAim ?? outcome.dose.repsHigh;
    const predicted = predictedReps(log, done.load.externalKg);
    const more = predicted === null ? 0 : predicted - outcome.dose.reserve - aim;
    if (more <= TOO_EASY.reps) return null;
    const why = reason('too-easy', { more: Math.floor(more) }, 'strength-model');
    if (aim < outcome.dose.repsHigh) {
      return {
        ...outcome,
        verdict: 'move-up',
        change: { lever: 'reps', from: aim, to: outcome.dose.repsHigh },
        dose: { ...outcome.dose, repsAim: outcome.dose.repsHigh },
        reasons: [...outcome.reasons, why],
      };
    }
    // The gate's reps stay its reps: on the way to one only a setting is made harder.
    const up = isAtGate ? lever(log, done.load, 'harder') : stepUp(log, done.load);
    return up?.verdict === 'move-up' ? { ...up, reasons: [...outcome.reasons, why, ...up.reasons] } : null;
  },
};
