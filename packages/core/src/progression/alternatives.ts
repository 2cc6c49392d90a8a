import { METHODS } from '../vocabulary';
import type { MethodId } from '../vocabulary';
import { lever } from './change-lever';
import { decideExercise } from './decide';
import { easeOneStep } from './ease';
import { isSameDose } from '../dose';
import { stay } from './stay';
import { metGate, toNextRung } from './gates/move-on';
import type { ExerciseLog, Outcome } from './types';
import { workDone } from './work-done';

/** What the trainer can pick instead, and where it comes from. */
export interface Alternative {
  by: 'same' | 'easier' | 'setting' | 'next-stage' | 'method';
  method: MethodId | null;
  outcome: Outcome;
}

/**
 * What else could be done with what was logged: the same again, one step easier, one setting harder, the next stage
 * where its gate is met, and what the other methods would say. Nothing that equals the proposal or another choice; no
 * step up where safety said no.
 */
export const alternativesTo = (log: ExerciseLog, proposal: Outcome): Alternative[] => {
  const done = workDone(log);
  const isHeld = proposal.verdict === 'leave-out' || proposal.verdict === 'ease-back';
  const gate = isHeld ? null : metGate(log);
  const next = gate && toNextRung(log, gate);
  const setting = isHeld ? null : lever(log, done.load, 'harder');
  const all: Alternative[] = [
    { by: 'same', method: null, outcome: stay(log, done, []) },
    { by: 'easier', method: null, outcome: { ...easeOneStep(log, done.load), verdict: 'ease-back' } },
    ...(setting ? [{ by: 'setting', method: null, outcome: setting } as const] : []),
    ...(next ? [{ by: 'next-stage', method: null, outcome: next } as const] : []),
    ...(isHeld ? [] : METHODS.filter((method) => method !== log.method)).map((method): Alternative => ({
      by: 'method',
      method,
      outcome: decideExercise({ ...log, method }),
    })),
  ];
  const kept: Alternative[] = [];
  for (const candidate of all) {
    const isKnown = [proposal, ...kept.map(({ outcome }) => outcome)].some((other) => isSameOutcome(other, candidate.outcome));
    if (!isKnown) kept.push(candidate);
  }
  return kept;
};

const isSameOutcome = (a: Outcome, b: Outcome): boolean =>
  a.verdict === b.verdict &&
  isSameDose(a.dose, b.dose) &&
  a.variationId === b.variationId &&
  JSON.stringify(a.values ?? null) === JSON.stringify(b.values ?? null);
