import { formatMass } from '../format';
import { formatDate } from '../../formats';
import {
  BODY_SIDE_LABELS,
  CAREFUL_WORDS,
  HEALTH_TOPIC_LABELS,
  RANGE_LABELS,
  READINESS_ASKS,
  ROLE_LABELS,
} from '../health-labels';
import { KIT_LABELS, LIMIT_LABELS, POSITION_LABELS as POSITION_WORDS } from '../labels';
import { RESTRICTION_WORDS, UNLOCK_WORDS } from '../limit-words';
import type { RestrictionId, UnlockId } from '@drubo/core/limits';
import type { Side } from '@drubo/core/vocabulary';
import type { HealthReasons } from '@drubo/core/reason-codes/health';
import { load, sentence } from './parts';
import type { WordsFor } from './types';
import { inSentence } from '../in-sentence';
import { counted } from '../counted';

const onSide = (side: Side): string => (side === 'both' ? '' : `, ${BODY_SIDE_LABELS[side]}`);
const felt = (severity: number | null): string => (severity === null ? '' : ` at ${severity} of 10`);

/** Why a person may train, with what held back, in words. */
export const HEALTH_WORDS: WordsFor<HealthReasons> = {
  'flag-answer': (v) => `Answered yes: “${READINESS_ASKS[v.question]}”. A clinician has to look first.`,
  'flag-sign': (v) => `Warning sign on ${formatDate(v.on)}: ${v.sign}. A clinician has to look first.`,
  'flag-pressure': (v) => `Blood pressure ${v.systolic}/${v.diastolic} mmHg on ${formatDate(v.on)}.`,
  'limit-by-answer': (v) => `Answered yes: “${READINESS_ASKS[v.question]}”. Treated as: ${LIMIT_LABELS[v.limit]}.`,
  'limit-on-record': (v) =>
    `${sentence(LIMIT_LABELS[v.limit])}${onSide(v.side)}${felt(v.severity)}, asked ${formatDate(v.askedOn)}.`,
  'limit-ask-again': (v) =>
    `Ask again: ${LIMIT_LABELS[v.limit]}${onSide(v.side)}. Last asked ${counted(v.days, 'day')} ago; it holds until you answer.`,
  'surgery-on-record': (v) =>
    `Operation: ${v.procedure}, ${formatDate(v.on)}${onSide(v.side)}. Only what a clearance lists is open.`,
  'guardian-missing': (v) =>
    v.age >= 18
      ? 'May still be under 18: a guardian’s consent is not on record.'
      : `${v.age} years: a guardian’s consent is not on record.`,
  'cleared-by': (v) => `Cleared by: ${inSentence(ROLE_LABELS[v.role])}, until ${formatDate(v.until)}.`,
  'clearance-ended': (v) =>
    `The clearance by ${inSentence(ROLE_LABELS[v.role])} ended on ${formatDate(v.until)}. Is there a new one?`,
  'pressure-ask-again': (v) => `Blood pressure was last measured ${counted(v.days, 'day')} ago.`,
  'readiness-not-asked': (v) =>
    `${counted(v.open, 'health question is', 'health questions are')} not asked yet. Nothing is assumed from that.`,
  'cleared-within': (v, c) =>
    `Cleared in spite of ${LIMIT_LABELS[v.limit]}: ${inSentence(RANGE_LABELS[v.range])}` +
    `${v.maxLoadKg === null ? '' : `, up to ${formatMass(v.maxLoadKg, c.unit)}`}${onSide(v.side)}.`,
  'kit-lacks': (v) => `Not at this place: ${KIT_LABELS[v.item]}.`,
  'kit-no-load': (v, c) => `Nothing here loads ${c.nameOf(v.variationId)}.`,
  'bar-without-safeties': (v) => `${v.alone ? 'Alone' : 'At home'} and no safety bars: no free bar over the body.`,
  'bar-wants-spotter': () =>
    'No safety bars, no spotter, and getting out from under the bar not practised: arrange one of them first.',
  'bar-without-collars': () => 'No collars here: both ends of the bar need one before anything is loaded.',
  'small-discs': () => 'Small discs start the bar lower than usual: blocks under them, or count the deficit.',
  disliked: (v, c) => `${c.nameOf(v.variationId)} is not liked.`,
  'reserve-alone': (v) => `Alone or at home: ${v.reserve} in reserve instead of ${v.usualReserve}.`,
  'health-topic-not-asked': (v) => `Not asked yet: ${inSentence(HEALTH_TOPIC_LABELS[v.topic])}. Nothing is loaded until it is.`,
  'nothing-loaded-yet': (v) =>
    v.why === 'birth'
      ? 'After a birth nothing is loaded before a clearance.'
      : 'Nothing in the hands yet: pregnancy, heart and pressure, operation and pain have to be asked first.',
  'position-locks': (v) =>
    `A weight ${POSITION_WORDS[v.position]} is locked by ${LIMIT_LABELS[v.limit]}${felt(v.severity ?? null)}. What opens it: ${UNLOCK_WORDS[v.unlock as UnlockId]}.`,
  'position-restricts': (v) =>
    `A weight ${POSITION_WORDS[v.position]} with ${LIMIT_LABELS[v.limit]}${felt(v.severity ?? null)}: ${RESTRICTION_WORDS[v.how as RestrictionId]}.`,
  careful: (v) => `Loads rise by one small step, after two clean sessions: ${CAREFUL_WORDS[v.cause]}.`,
  'severe-cut': (v, c) =>
    `${sentence(LIMIT_LABELS[v.limit])} at 5 of 10: ${load(v.loadKg, c.unit)} instead of ${load(v.usualKg, c.unit)}, ${v.sets} of ${counted(v.usualSets, 'set')}, at the top of the range. That is the one cut.`,
  'load-cleared-up-to': (v, c) => `The clearance goes to ${formatMass(v.maxLoadKg, c.unit)}, so ${load(v.loadKg, c.unit)}.`,
};
