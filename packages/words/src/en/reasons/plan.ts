import { formatMass, formatRest } from '../format';
import { formatNumber } from '../../formats';
import { CAREFUL_WORDS } from '../health-labels';
import { daysAgoWords, LIFT_HOLD_WORDS, LIFT_SOURCE_WORDS } from '../known-lift-words';
import { TRAINING_AGE_LABELS } from '../labels';
import type { PlanReasons } from '@drubo/core/reason-codes/plan';
import { goal, load, sentence } from './parts';
import type { WordsFor } from './types';
import { inSentence } from '../in-sentence';
import { counted } from '../counted';

/** Why a sheet asks for what it asks, in words. */
export const PLAN_WORDS: WordsFor<PlanReasons> = {
  'sets-by-goal': (v) =>
    `${counted(v.sets, 'set')}: the usual for “${goal(v.goal)}” and “${inSentence(TRAINING_AGE_LABELS[v.trainingAge])}”.`,
  'sets-first-session': (v) =>
    `First session: ${counted(v.sets, 'set')} instead of ${v.usualSets}, so nobody is sore for a week.`,
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
  'load-from-known-lift': (v, c) =>
    `Known lift: ${load(v.liftedKg, c.unit)} × ${v.reps}, ${daysAgoWords(v.daysAgo)} (${LIFT_SOURCE_WORDS[v.source]}). ` +
    (v.isEarned
      ? `On the careful side that is ${load(v.loadKg, c.unit)} for what is asked today.`
      : `It earns no stage, so it starts at half of what that says: ${load(v.loadKg, c.unit)}.`),
  'start-known-lift': (v, c) =>
    `Known lift: ${c.nameOf(v.variationId)} ${load(v.loadKg, c.unit)} × ${v.reps}, ${daysAgoWords(v.daysAgo)} (${LIFT_SOURCE_WORDS[v.source]}): they start there.`,
  'known-lift-lower': (v, c) =>
    `Known lift: ${c.nameOf(v.variationId)} ${load(v.loadKg, c.unit)} × ${v.reps}. Since ${LIFT_HOLD_WORDS[v.hold]}, they start a stage lower, with feelers.`,
  'load-first-guess': (v, c) =>
    `First guess: ${formatNumber(v.share, 2)} × ${formatMass(v.bodyMassKg, c.unit)} body mass = ${formatMass(v.guessKg, c.unit)}. ` +
    `The nearest your kit makes without going over is ${load(v.loadKg, c.unit)}.`,
  'load-mass-unknown': (v, c) =>
    `Body mass was not asked, so it starts at the lightest your kit makes: ${load(v.loadKg, c.unit)}.`,
  'load-none-first': (v, c) => `${c.nameOf(v.variationId)} starts with nothing in the hands.`,
  'carried-forward': (v) => `Decided from the session of ${v.sessionDate}.`,
  'trainer-edited': (v) => `You set this yourself after the session of ${v.sessionDate}.`,
  'minutes-sum': (v) =>
    `${counted(v.exercises, 'exercise')}: ${formatNumber(v.workMinutes)} min of work, ${formatNumber(v.restMinutes)} of rest, ` +
    `${formatNumber(v.setUpMinutes)} of setting up, ${formatNumber(v.changeMinutes)} of changing over` +
    (v.leadInMinutes > 0 ? `, ${formatNumber(v.leadInMinutes)} of feeler sets.` : '.'),
  'feelers-first': (v, c) =>
    `Nobody knows this lift yet: ${v.sets} feeler sets first, from a guess of ${load(v.guessKg, c.unit)}. The load is chosen from what they show.`,
  'load-from-relative': (v, c) =>
    `From ${c.nameOf(v.variationId)} by the usual ratio of ${formatNumber(v.ratio, 2)}, on the careful side: ${load(v.loadKg, c.unit)}.`,
  'lay-off-load': (v, c) =>
    `${counted(v.days, 'day')} away cost about ${formatNumber(v.lossPercent)} % of strength: ${load(v.loadKg, c.unit)} instead of ${load(v.fromKg, c.unit)}.`,
  'lay-off-first': (v) => `First session after ${counted(v.days, 'day')}: ${counted(v.sets, 'set')} and ${v.reserve} in reserve.`,
  'school-rest': (v) => `Rest as you chose for this person: ${formatRest(v.restSeconds)}.`,
  'school-effort': (v) => `Effort as you chose for this person: ${v.reserve} in reserve.`,
  'dose-by-role': (v) => {
    const what = {
      prep: 'A drill before the work',
      main: 'A main lift',
      accessory: 'An accessory',
      finisher: 'A finisher',
      'cool-down': 'A drill after the work',
    }[v.role];
    const numbers = {
      sets: counted(v.sets, 'set'),
      reps: v.seconds === null ? `${v.repsLow} to ${v.repsHigh} reps` : `${v.seconds} s`,
      rest: `${formatRest(v.restSeconds)} rest`,
      reserve: `${v.reserve} in reserve`,
    };
    return `${what}: ${numbers[v.field]}.`;
  },
  'load-after-pain': (v, c) => `It hurt ${v.pain} of 10 the last time: no more than the ${load(v.loadKg, c.unit)} of that day.`,
  'lighter-load': (v, c) => `A lighter day: ${load(v.loadKg, c.unit)} instead of ${load(v.usualKg, c.unit)}.`,
  'lighter-day': (v) => `A lighter day: ${v.sets} of ${counted(v.usualSets, 'set')}, ${v.reserve} in reserve.`,
  'load-from-history': (v, c) =>
    `Done before, ${v.sessions === 1 ? 'once' : `${v.sessions} times`}: those sets bear ${load(v.loadKg, c.unit)} today.`,
  'load-as-here': (v, c) =>
    `${load(v.fromKg, c.unit)} can’t be made here: the nearest not above it is ${load(v.loadKg, c.unit)}.`,
  spared: (v) =>
    `${sentence(CAREFUL_WORDS[v.cause])}: ${v.reps} reps or more${v.reserve > 0 ? `, at least ${v.reserve} in reserve` : ''}.`,
  'reserve-new-movement': (v) =>
    v.sessions === 0
      ? `New to this person: ${v.reserve} in reserve instead of ${v.usualReserve}.`
      : `Done ${v.sessions === 1 ? 'once' : `${v.sessions} times`} so far: ${v.reserve} in reserve instead of ${v.usualReserve}.`,
  'half-after-birth': (v, c) =>
    `After a birth it starts at half: ${load(v.loadKg, c.unit)} instead of ${load(v.usualKg, c.unit)}.`,
  'loan-sets': (v) =>
    `One lighter session: ${v.sets} of ${counted(v.usualSets, 'set')}, ${v.reserve} in reserve. What stood before comes back.`,
  'shape-from-belief': (v, c) =>
    `For this shape ${load(v.loadKg, c.unit)} instead of ${load(v.usualKg, c.unit)}: about ${formatNumber(v.predictedReps)} reps could be done at its pace, and one step is kept back.`,
  'circuit-lead': (v) =>
    `New to circuits: one lift by itself first, ${counted(v.sets, 'set')} of ${v.repsLow} to ${v.repsHigh}, then the rounds.`,
  'rounds-earned': (v) =>
    `${v.rounds} rounds at most with ${v.restSeconds} s after each: ${v.circuits === 0 ? 'no whole circuit' : v.circuits === 1 ? 'one whole circuit' : `${v.circuits} whole circuits`} so far.` +
    (v.isSpared ? ' Easy effort, 4 to 6 of 10.' : ' Effort 6 to 8 of 10.'),
  intervals: (v) =>
    `${v.sets} intervals of ${v.seconds} s with ${v.restSeconds} s of rest, about a minute each: ${v.finishers === 0 ? 'none' : v.finishers} done whole so far.` +
    (v.isSpared ? ' Easy effort, 4 to 6 of 10.' : ' Effort 6 to 8 of 10.'),
  'sets-for-minutes': (v) => `${v.sets} of ${counted(v.usualSets, 'set')}, to stay within ${v.minutes} min.`,
};
