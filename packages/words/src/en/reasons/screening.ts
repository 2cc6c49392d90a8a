import { formatDate, formatNumber } from '../../formats';
import { BODY_SIDE_LABELS, TASK_WORDS } from '../health-labels';
import { FAULT_LABELS, LIMIT_LABELS } from '../labels';
import type { ScreeningReasons } from '@drubo/core/reason-codes/screening';
import type { ScreeningTaskId } from '@drubo/core/vocabulary';
import { sentence } from './parts';
import type { WordsFor } from './types';
import { inSentence } from '../in-sentence';

const inTask = (task: ScreeningTaskId): string => inSentence(TASK_WORDS[task].name);

/** What was seen, and why a sheet starts where it starts, in words. */
export const SCREENING_WORDS: WordsFor<ScreeningReasons> = {
  'seen-fault': (v) => `Seen in the ${inTask(v.task)}: ${FAULT_LABELS[v.fault]}.`,
  'seen-both': (v) => `Seen in the ${inTask(v.task)}: ${FAULT_LABELS[v.fault]} and ${FAULT_LABELS[v.other]}, together.`,
  'seen-one-side': (v) =>
    `${sentence(FAULT_LABELS[v.fault])} on the ${BODY_SIDE_LABELS[v.side]} only: sets start with that side.`,
  'seen-clean': (v) => `${TASK_WORDS[v.task].name}: clean.`,
  'seen-pain': (v) =>
    `Pain ${v.severity} of 10 in the ${inTask(v.task)}: ${LIMIT_LABELS[v.limit]}${v.side === 'both' ? '' : `, ${BODY_SIDE_LABELS[v.side]}`}.`,
  'short-reach': (v) =>
    `${sentence(BODY_SIDE_LABELS[v.side])} knee reaches ${formatNumber(v.reachCm)} cm, short of ${formatNumber(v.shortCm)} cm` +
    `${v.ankleDeg === null ? '' : ` (about ${v.ankleDeg}° of ankle)`}: the heels will rise in a deep squat.`,
  'reach-differs': (v) =>
    `Knee to wall left ${formatNumber(v.leftCm)} cm, right ${formatNumber(v.rightCm)} cm: a gap of ${formatNumber(v.gapCm)} cm or more is no measuring error.`,
  'not-seen': (v) => `${TASK_WORDS[v.task].name} could not be judged, so nothing is assumed.`,
  'start-usual': (v, c) => `${c.nameOf(v.variationId)} is the usual start here; nothing seen speaks against it.`,
  'start-supported': (v, c) =>
    `65 or older, new to it, and nobody watched them move yet: ${c.nameOf(v.variationId)} first. What they show leads on from there.`,
  'start-by-screening': () => 'The start comes from what was seen when they moved.',
  'start-by-hand': (v) => `You placed them here on ${formatDate(v.on)}.`,
  'start-lower': (v, c) => `${c.nameOf(v.to)} instead of ${c.nameOf(v.from)}: the hardest that is open.`,
  'left-for-minutes': (v, c) =>
    `${c.nameOf(v.variationId)} would make it ${formatNumber(v.minutes, 0)} minutes, over the ${v.budget} there are.`,
  'nothing-open': (v) => `Nothing of the ${v.slot} family is open for this person here.`,
  'kept-to': (v, c) => `${c.nameOf(v.variationId)} is set up to keep within the limits: ${v.settings}.`,
};
