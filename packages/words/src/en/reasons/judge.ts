import { formatNumber } from '../../formats';
import { CAREFUL_WORDS } from '../health-labels';
import { FAULT_LABELS, POSITION_LABELS, SIDE_LABELS } from '../labels';
import { formatLeverValue, LEVER_WORDS } from '../lever-words';
import type { MassUnit } from '@drubo/core/vocabulary';
import type { JudgeReasons } from '@drubo/core/reason-codes/judge';
import { allSets, goal, load, sentence, set } from './parts';
import type { WordsFor } from './types';
import { inSentence } from '../in-sentence';
import { counted } from '../counted';

const onWhat = (on: 'total' | 'external'): string => (on === 'total' ? 'for the legs' : 'in the hands');

/** What a set toward a gate is: '12 reps', '30 s'. */
const what = ({ reps, seconds }: { reps: number; seconds: number | null }): string =>
  seconds === null ? `${reps} reps` : `${seconds} s`;
const atLoad = (loadKg: number | null, unit: MassUnit): string => (loadKg === null ? '' : ` at ${load(loadKg, unit)}`);
const shown = (v: JudgeReasons['gate-met'], unit: MassUnit): string => `${v.sets} × ${what(v)}${atLoad(v.loadKg, unit)}`;

/** Why a verdict is what it is, in words. */
export const JUDGE_WORDS: WordsFor<JudgeReasons> = {
  'not-done': () => 'No work set was logged, so nothing can be judged.',
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
  'top-of-range': (v) => `${allSets(v.sets)} reached ${v.reps}, clean.`,
  'within-range': (v) => `Lowest set ${v.lowestReps} reps. All sets at ${v.repsHigh} earns the next step.`,
  'short-once': (v) =>
    `${v.repsLow - v.reps} short in ${set(v.setIndex)}${v.side === 'both' ? '' : `, ${SIDE_LABELS[v.side]}`}. Once is worth another look.`,
  'short-of-range': (v, c) =>
    `${counted(v.shortSets, 'set')} under ${v.repsLow}, the worst ${v.worstReps}, at ${load(v.loadKg, c.unit)}.`,
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
  'session-cap': (v) => `${v.limit} exercises already move up. This one waits a session.`,
  'gate-met': (v, c) =>
    `${shown(v, c.unit)} clean in ${counted(v.sessions, 'session')}: that earns ${c.nameOf(v.toVariationId)}.`,
  'gate-progress': (v, c) =>
    `${v.sets} of ${counted(v.setsNeeded, 'set')} of ${what(v)}${atLoad(v.loadKg, c.unit)} clean today; ${v.sessions} of ${counted(v.sessionsNeeded, 'session')} so far earn the next stage.`,
  'gate-another-set': (v) =>
    `${v.reps} clean reps in every set; the next stage asks for ${counted(v.setsNeeded, 'set')}, so ${v.sets} next time.`,
  'gate-none': (v, c) => `${c.nameOf(v.variationId)} may stay for good: no stage has to be earned.`,
  'rung-bypassed': (v, c) =>
    `${c.nameOf(v.variationId)} is passed over: ${v.why === 'limit' ? 'a limit locks it' : 'the kit is not here'}.`,
  'rung-locked': (v, c) => `${c.nameOf(v.variationId)} would come next and is locked for now, so it stays here.`,
  'gate-with-aid': (v) =>
    `The stage is shown, with ${inSentence(LEVER_WORDS[v.lever].label)} at ${formatLeverValue(v.lever, v.value, v.unit)}, which the next one has no place for: that goes first.`,
  'gate-with-pain': (v) =>
    `The stage is shown, with pain of ${v.pain} here in the last ${counted(v.days, 'day')}: no new stage from that.`,
  'rung-unearned': (v, c) => `${c.nameOf(v.variationId)} builds on ${c.nameOf(v.buildsOn)}, which can't be trained here.`,
  'way-chosen': (v) => `The first of ${v.ways} ways on, for the goal: ${goal(v.goal)}. Staying and adding load is another.`,
  'empty-bar': (v) =>
    `The bar begins empty: more is free once ${v.share === 0.5 ? 'half' : formatNumber(v.share, 2)} of body mass is shown in the hands.`,
  'rung-below': (v, c) =>
    `Neither load nor settings go lower on ${c.nameOf(v.fromVariationId)}: ${c.nameOf(v.toVariationId)}, the stage below.`,
  'rung-dose': (v, c) =>
    `${c.nameOf(v.toVariationId)} starts at ${load(v.loadKg, c.unit)}. The new stage and its dose are one change.`,
  'two-for-two-met': (v) => `${v.repsOver} reps over ${v.goalReps} in the last set, ${counted(v.sessions, 'session')} running.`,
  'two-for-two-waiting': (v) =>
    `${v.lastReps} reps in the last set. Two over ${v.goalReps}, two sessions running, earn the next load (${v.sessions} so far).`,
  'straight-line-done': (v) => `${allSets(v.sets)} done at ${v.reps} or more: one small step.`,
  'straight-line-missed': (v) => `${counted(v.missedSets, 'set')} missed, ${v.reps} reps the fewest.`,
  'lever-notch': (v) =>
    `${LEVER_WORDS[v.lever].label}: ${formatLeverValue(v.lever, v.from, v.unit)} → ${formatLeverValue(v.lever, v.to, v.unit)}. Nothing else changes.`,
  'pain-not-asked': () => 'There is a limit here and nobody asked about pain, so it can’t move up.',
  'pain-new': (v) => `New pain of ${v.pain}: above ${v.limit} never moves up.`,
  'pain-rose': (v) => `Pain rose from ${v.from} to ${v.to}.`,
  'pain-morning-unknown': (v) => `Pain ${v.pain}, and nobody knows whether it had settled by morning.`,
  'pain-not-settled': (v) => `Pain ${v.pain} had not settled by morning.`,
  painkillers: () => 'Painkillers within 8 hours: pain numbers don’t count, so nothing moves up.',
  'fault-again': (v) =>
    `${sentence(FAULT_LABELS[v.faultId])} broke sets ${counted(v.sessions, 'session')} running: one notch easier.`,
  'stall-range': (v) =>
    `${counted(v.sessions, 'session')} without more load or reps: ${v.repsLow}–${v.repsHigh} reps for a change.`,
  'stall-lighter': (v, c) =>
    `${counted(v.sessions, 'session')} without progress: a lighter week, ${counted(v.sets, 'set')} at ${load(v.loadKg, c.unit)}.`,
  'staying-is-success': (v) => `${counted(v.sessions, 'session')} at the same work. For “${goal(v.goal)}” that is success.`,
  dip: (v) => `Down ${v.percent} % over ${counted(v.sessions, 'session')}: ease back.`,
  'side-difference': (v) =>
    `${sentence(SIDE_LABELS[v.weaker])} about ${v.percent} % weaker over ${counted(v.sessions, 'session')}: it goes first, the other matches it.`,
  'set-doubtful': (v) => `${sentence(set(v.setIndex))} can’t be right (${v.field}). Put it right and decide again.`,
  'not-enough': (v) => `${counted(v.sets, 'set')}: not enough to say how strong this is, so the plain range decides.`,
  'pain-fewer-sets': (v) => `The load was cut already, so fewer sets: ${v.sets} of ${v.usualSets}.`,
  'pain-nothing-left': () => 'Load, settings and sets are down already: another exercise instead, until it settles.',
  'pain-return-unknown': () => 'It was eased for pain, and nobody asked about pain this time: it waits where it is.',
  'coming-back': (v) =>
    v.because === 'pain'
      ? `${counted(v.good, 'session')} without pain: what was taken off comes back, settings first, then load.`
      : `${v.because === 'fault' ? 'Clean again' : 'The limit is gone'}: one notch back.`,
  'back-again': (v, c) => `Back at what stood before: ${load(v.loadKg, c.unit)}.`,
  'setting-stays': () => 'What was eased stands where it stood before.',
  'timed-waiting': (v) =>
    `Shortest set ${v.seconds} s of ${v.asked} s. Every set that long, clean, in two sessions running earns more; ${v.sessions} so far.`,
  'timed-heavier': (v, c) =>
    `So the next weight, ${load(v.toKg, c.unit)} after ${load(v.fromKg, c.unit)}, from ${v.seconds} s again.`,
  'held-elsewhere': (v, c) => `Held another way more is possible: ${POSITION_LABELS[v.to]}, from ${load(v.loadKg, c.unit)}.`,
  'one-leg-next': (v, c) =>
    `Nothing here makes ${c.nameOf(v.fromVariationId)} harder any more: one leg at a time, ${c.nameOf(v.toVariationId)}.`,
  'timed-easy': (v) => `Every set could have gone on for ${v.left} s or more: once is enough.`,
  'timed-longest': (v) => `${v.seconds} s is as long as this is held.`,
  'timed-longer': (v) => `Held ${v.from} s in every set, twice running: ${v.to} s next.`,
  'timed-shorter': (v) => `Two sets fell well short of ${v.from} s: ${v.to} s next.`,
  'stall-set': (v) =>
    `No stronger over ${counted(v.sessions, 'session')}. Ask about sleep, and watch the range; then one set more: ${v.sets}.`,
  'aim-up': (v) => `${v.from} reps were asked for; ${v.to} are there now.`,
  'aim-down': (v) => `${v.from} reps were asked for; ${v.to} are what the last sets bear.`,
  'own-range': (v) =>
    `That is the heaviest here, so the movement’s own range: ${v.repsLow} to ${v.repsHigh}, then what its settings give.`,
  'too-easy': (v) => `About ${v.more} more reps could be done than are asked: the same again would be wasted.`,
  spent: (v) =>
    `About ${v.left} left was said where ${v.target} were meant${v.sessions > 1 ? ', twice running' : ''}. It is taken at its word: ${CAREFUL_WORDS[v.cause]}.`,
  'feelers-not-done': (v) =>
    `${v.sets === 1 ? 'A feeler' : 'Feelers'} down to ${v.loadKg} kg could not be done: this is not there yet.`,
  'careful-waits': (v) =>
    `${counted(v.sessions, 'session')} clean at this load so far; with care it takes two: ${CAREFUL_WORDS[v.cause]}.`,
  'no-new-rung': (v) => `No new stage now: ${CAREFUL_WORDS[v.cause]}.`,
  'grip-changed': (v) =>
    `Grip ended it ${counted(v.sessions, 'session')} running: ${
      v.how === 'straps'
        ? 'straps from now on, chalk or one palm each way if you prefer'
        : 'the legs get a harder setting at the load the hands can hold'
    }.`,
  'day-of-its-own': () => 'A day of its own: it counts for what is known of the person, and moves nothing.',
  'loan-over': () => 'The lighter session was a loan: what stood before comes back.',
};
