import type { SessionReasons } from '@drubo/core/reason-codes/session';
import { formatRest } from '../format';
import { CAUSE_WORDS, JOINT_LABELS, MUSCLE_LABELS } from '../session-labels';
import type { WordsFor } from './types';
import { inSentence } from '../in-sentence';
import { counted } from '../counted';

/** What a check-in changes, what was cut short, and what a sensor saw, in words. */
export const SESSION_WORDS: WordsFor<SessionReasons> = {
  'check-sore': (v, c) =>
    `${MUSCLE_LABELS[v.muscle]} sore, ${v.level} of 10: ${c.nameOf(v.variationId)} down from ${v.setsFrom} to ${counted(v.setsTo, 'set')}.`,
  'check-sore-tempo': (v, c) =>
    `${MUSCLE_LABELS[v.muscle]} sore, ${v.level} of 10: ${c.nameOf(v.variationId)} lowered in ${v.loweringTo} s, not ${v.loweringFrom}.`,
  'check-sore-leave': (v, c) =>
    `${MUSCLE_LABELS[v.muscle]} very sore, ${v.level} of 10: leave ${inSentence(c.nameOf(v.variationId))} today.`,
  'check-sore-holds': (v) => `${MUSCLE_LABELS[v.muscle]} came in sore, ${v.level} of 10: no move up today.`,
  'check-joint-ease': (v, c) => `${JOINT_LABELS[v.area]} pain ${v.pain} of 10: ${c.nameOf(v.variationId)} one step easier.`,
  'check-joint-again': (v, c) =>
    `${JOINT_LABELS[v.area]} pain ${v.pain} of 10, and ${inSentence(c.nameOf(v.variationId))} was made lighter for it before: ${
      v.setsTo === 0 ? 'leave it today' : `${counted(v.setsTo, 'set')} instead of ${v.setsFrom}`
    }. If it stays, change the movement.`,
  'check-joint-leave': (v, c) =>
    `${JOINT_LABELS[v.area]} pain ${v.pain} of 10: leave ${inSentence(c.nameOf(v.variationId))} today.`,
  'check-painkillers': () => 'Painkillers in the last 8 h: pain numbers don’t count, so nothing moves up today.',
  'check-ill': () => 'Fever or a chest illness: no session until it has been gone for a day or two.',
  'check-ill-over': (v, c) =>
    `Just over an illness: ${c.nameOf(v.variationId)} ${counted(v.setsTo, 'set')} instead of ${v.setsFrom}, ${v.reserve} in reserve. Signs again tomorrow: a clinician.`,
  'check-pressure': (v) => `Blood pressure ${v.systolic}/${v.diastolic} mmHg: no session today.`,
  'sets-cut': (v) => `${counted(v.sets, 'set')} of ${v.planned}, cut ${CAUSE_WORDS[v.cause]}: the same again.`,
  'eased-today': (v) => `Made easier today ${CAUSE_WORDS[v.cause]}: the usual comes back next time.`,
  'swapped-for-today': (v, c) => `Stood in for ${inSentence(c.nameOf(v.variationId))} today, which comes back next time.`,
  'rest-longer-short': (v) =>
    `${v.reserve === 0 ? 'Nothing' : `Only ${v.reserve}`} left in that set: rest ${formatRest(v.restSeconds)} before the next.`,
  'session-load': (v) => `Effort ${v.effort} times ${v.minutes} min is a session load of ${v.load}.`,
  'week-monotony': (v) =>
    `Mean daily load over its spread: monotony ${v.monotony}. Times the week’s load of ${v.load}, a strain of ${v.strain}. High monotony with high load is when people fall ill or sore.`,
  slowing: (v) => `The last of ${v.reps} reps went up ${v.percent} % slower than the quickest.`,
  'tempo-kept': (v) => `${v.percent} % of ${v.reps} reps kept the tempo.`,
};
