import { METHODS } from '../vocabulary';
import type { MethodId } from '../vocabulary';
import { lever } from './change-lever';
import { decideExercise } from './decide';
import { easeOneStep } from './ease';
import { isSameDose } from '../dose';
import { stay } from './stay';
import { metGate, toNextRung } from './gates/move-on';
import { stepUp } from './step-up';
import type { ExerciseLog, Outcome, WorkDone } from './types';
import { workDone } from './work-done';

/** What the trainer can pick instead, and where it comes from. */
export interface Alternative {
  by: 'same' | 'easier' | 'setting' | 'load' | 'next-stage' | 'method';
  method: MethodId | null;
  outcome: Outcome;
}

/**
 * What else could be done with what was logged: the same again, one step easier, one setting harder, every open stage
 * its gate leads to, and what the other methods would say. Nothing that equals the proposal or another choice; no
 * step up where safety said no.
 */
export const alternativesTo = (log: ExerciseLog, proposal: Outcome): Alternative[] => {
  const done = workDone(log);
  const isHeld = proposal.verdict === 'leave-out' || proposal.verdict === 'ease-back';
  const gate = isHeld ? null : metGate(log);
  const ways = gate ? gate.to.flatMap((rung) => toNextRung(log, gate, rung) ?? []) : [];
  // Staying and adding load is always one of the ways on.
  const more = ways.length > 0 ? addingLoad(log, done) : null;
  const setting = isHeld ? null : lever(log, done.load, 'harder');
  const all: Alternative[] = [
    ...ways.map((outcome) => ({ by: 'next-stage', method: null, outcome }) as const),
    ...(more ? [{ by: 'load', method: null, outcome: more } as const] : []),
    { by: 'same', method: null, outcome: stay(log, done, []) },
    { by: 'easier', method: null, outcome: { ...easeOneStep(log, done.load), verdict: 'ease-back' } },
    ...(setting ? [{ by: 'setting', method: null, outcome: setting } as const] : []),
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

/** The same movement with the next load, where the rack makes one. */
const addingLoad = (log: ExerciseLog, done: WorkDone): Outcome | null => {
  const up = stepUp(log, done.load);
  return up.change?.lever === 'load' ? up : null;
};

const isSameOutcome = (a: Outcome, b: Outcome): boolean =>
  a.verdict === b.verdict &&
  isSameDose(a.dose, b.dose) &&
  a.variationId === b.variationId &&
  JSON.stringify(a.values ?? null) === JSON.stringify(b.values ?? null);
