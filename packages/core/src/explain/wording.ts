import type { MassUnit, ReasonCode, ReasonValues } from '../vocabulary';
import { formatMass, formatNumber, formatRest } from './format';
import type { RestrictionId, UnlockId } from '../limits';
import { FAULT_LABELS, GOAL_LABELS, LIMIT_LABELS, SIDE_LABELS, TRAINING_AGE_LABELS } from './labels';
import { RESTRICTION_WORDS, UNLOCK_WORDS } from './limit-words';

/** What the words need besides the values: the trainer's unit, and names of variations. */
export interface WordingContext {
  unit: MassUnit;
  nameOf(variationId: string): string;
}

type Wording = { [C in ReasonCode]: (values: ReasonValues[C], context: WordingContext) => string };

const set = (setIndex: number): string => `set ${setIndex + 1}`;
const goal = (id: keyof typeof GOAL_LABELS): string => GOAL_LABELS[id].toLowerCase();
const load = (kg: number, unit: MassUnit): string => (kg === 0 ? 'bodyweight' : formatMass(kg, unit));

/** The one place reasons become sentences. Plain, short, second person to the trainer. */
export const WORDING: Wording = {
  'sets-by-goal': (v) =>
    `${v.sets} sets: the usual for “${goal(v.goal)}” and “${TRAINING_AGE_LABELS[v.trainingAge].toLowerCase()}”.`,
  'sets-first-session': (v) => `First session: ${v.sets} sets instead of ${v.usualSets}, so nobody is sore for a week.`,
  'reps-by-goal': (v) => `${v.repsLow} to ${v.repsHigh} clean reps suit “${goal(v.goal)}”.`,
  'reps-by-variation': (v, c) => `${c.nameOf(v.variationId)} is done for ${v.repsLow} to ${v.repsHigh} reps.`,
  'tempo-by-goal': (v) => `${v.tempo} (${formatNumber(v.secondsPerRep)} s a rep) is the pace for “${goal(v.goal)}”.`,
  'tempo-by-variation': (v, c) => `${c.nameOf(v.variationId)} goes at ${v.tempo}, ${formatNumber(v.secondsPerRep)} s a rep.`,
  'rest-by-goal': (v) => `${formatRest(v.restSeconds)} rest suits “${goal(v.goal)}”.`,
  'reserve-by-goal': (v) => `Stop with ${v.reserve} in reserve: the target for “${goal(v.goal)}”.`,
  'reserve-first-session': (v) =>
    `First session: keep ${v.reserve} in reserve instead of ${v.usualReserve}. You don't know this person's limits yet.`,
  'reserve-first-weeks': (v) =>
    `Day ${v.dayOfTraining + 1} of training: ${v.reserve} in reserve instead of ${v.usualReserve} for the first three weeks.`,
  'load-first-guess': (v, c) =>
    `First guess: ${formatNumber(v.share, 2)} × ${formatMass(v.bodyMassKg, c.unit)} body mass = ${formatMass(v.guessKg, c.unit)}. ` +
    `The nearest your kit makes without going over is ${load(v.loadKg, c.unit)}.`,
  'load-mass-unknown': (v, c) =>
    `Body mass was not asked, so it starts at the lightest your kit makes: ${load(v.loadKg, c.unit)}.`,
  'load-none-first': (v, c) => `${c.nameOf(v.variationId)} starts with nothing in the hands.`,
  'carried-forward': (v) => `Decided from the session of ${v.sessionDate}.`,
  'trainer-edited': (v) => `You set this yourself after the session of ${v.sessionDate}.`,
  'not-done': () => 'Nothing was logged, so nothing can be judged.',
  'sets-missing': (v) => `${v.done} of ${v.planned} sets were done. All of them have to reach the top first.`,
  'pain-stop': (v) => `Pain ${v.pain} of 10, above ${v.limit}: stop this exercise. If it stays, see a clinician.`,
  'pain-ease': (v) => `Pain ${v.pain} of 10, above ${v.limit}: one step easier.`,
  'pain-ended': (v) => `Pain ended ${set(v.setIndex)}: one step easier.`,
  'fault-dangerous': (v) => `Dangerous in ${set(v.setIndex)}: ${FAULT_LABELS[v.faultId]}. One step lighter.`,
  'fault-breaks': (v) => `Not clean in ${set(v.setIndex)}: ${FAULT_LABELS[v.faultId]}. Same dose until it is.`,
  'not-clean': (v) => `You marked ${set(v.setIndex)} as not clean. Same dose until it is.`,
  'clean-not-judged': (v) => `Nobody watched ${set(v.setIndex)}, so it can't count as clean.`,
  'grip-ended': (v) => `Grip ended ${set(v.setIndex)}. That says nothing about the legs.`,
  'other-load-than-planned': (v, c) =>
    `${set(v.setIndex)[0]?.toUpperCase()}${set(v.setIndex).slice(1)} was lighter: ${load(v.loadKg, c.unit)}, not ${load(v.plannedKg, c.unit)}.`,
  'under-reserve': (v) =>
    `${v.reserve} in reserve in ${set(v.setIndex)}, ${v.target} asked for. Reach it with ${v.target} first.`,
  'top-of-range': (v) => `All ${v.sets} sets reached ${v.reps}, clean.`,
  'within-range': (v) => `Lowest set ${v.lowestReps} reps. All sets at ${v.repsHigh} earns the next step.`,
  'short-once': (v) =>
    `${v.repsLow - v.reps} short in ${set(v.setIndex)}${v.side === 'both' ? '' : `, ${SIDE_LABELS[v.side]}`}. Once is worth another look.`,
  'short-of-range': (v, c) => `${v.shortSets} sets under ${v.repsLow}, the worst ${v.worstReps}, at ${load(v.loadKg, c.unit)}.`,
  'jump-within-limit': (v, c) =>
    `${load(v.fromKg, c.unit)} to ${load(v.toKg, c.unit)} is ${formatNumber(v.jumpPercent)} % more ${onWhat(v.on)}, within ${v.limitPercent} %.`,
  'jump-too-big': (v, c) =>
    `${load(v.toKg, c.unit)} would be ${formatNumber(v.jumpPercent)} % more ${onWhat(v.on)}, over ${v.limitPercent} %. Reps to ${v.repsTo} first.`,
  'jump-after-extra-reps': (v, c) =>
    `${v.reps} reps are in hand, so ${load(v.toKg, c.unit)} is fair although it is ${formatNumber(v.jumpPercent)} % more.`,
  'no-heavier-load': (v, c) => `${load(v.loadKg, c.unit)} is the heaviest your kit makes. Reps to ${v.repsTo}.`,
  'at-the-ceiling': (v, c) =>
    `${v.reps} reps at ${load(v.loadKg, c.unit)}, the heaviest your kit makes. Time for a harder exercise.`,
  'no-lighter-load': (v, c) => `${load(v.loadKg, c.unit)} is the lightest there is, so fewer reps: ${v.repsTo} at most.`,
  'limit-locks': (v) => `Locked: ${LIMIT_LABELS[v.limit]}${felt(v)}. Opens with ${UNLOCK_WORDS[v.unlock as UnlockId]}.`,
  'limit-restricts': (v) => `Keep to: ${RESTRICTION_WORDS[v.how as RestrictionId]} (${LIMIT_LABELS[v.limit]}${felt(v)}).`,
  'limit-favours': (v, c) => `${c.nameOf(v.variationId)} is a good choice with: ${LIMIT_LABELS[v.limit]}.`,
  'posture-balance': (v, c) =>
    `The joints are set so that a body of ${formatNumber(v.heightCm, 0)} cm and ${formatMass(v.massKg, c.unit)}, ankles ${formatNumber(v.ankleDeg, 0)}°, holding ${load(v.loadKg, c.unit)}, balances over the middle of the foot. A still model, not a measurement.`,
  'posture-share': (v) =>
    `Each leg: about ${formatNumber(v.kneeNm, 0)} N·m at the knee and ${formatNumber(v.hipNm, 0)} N·m at the hip; the share is knee over both.`,
  'posture-low-back': (v) =>
    `About ${formatNumber(v.lowBackNm, 0)} N·m where the lowest back vertebra sits, shown as a band of ± ${v.bandPercent} %: nobody’s back is this exact.`,
  'session-cap': (v) => `${v.limit} exercises already move up. This one waits a session.`,
};

const onWhat = (on: 'total' | 'external'): string => (on === 'total' ? 'for the legs' : 'in the hands');

const felt = ({ severity }: { severity?: number }): string => (severity === undefined ? '' : ` at ${severity} of 10`);
