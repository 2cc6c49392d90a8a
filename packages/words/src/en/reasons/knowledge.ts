import type { UnlockId, RestrictionId } from '@drubo/core/limits';
import { formatMass } from '../format';
import { formatNumber } from '../../formats';
import { LIMIT_LABELS } from '../labels';
import { RESTRICTION_WORDS, UNLOCK_WORDS } from '../limit-words';
import type { KnowledgeReasons } from '@drubo/core/reason-codes/knowledge';
import { load } from './parts';
import type { WordsFor } from './types';

const felt = ({ severity }: { severity?: number }): string => (severity === undefined ? '' : ` at ${severity} of 10`);

/** What limits and the posture model say, in words. */
export const KNOWLEDGE_WORDS: WordsFor<KnowledgeReasons> = {
  'limit-locks': (v) => `Locked: ${LIMIT_LABELS[v.limit]}${felt(v)}. Opens with ${UNLOCK_WORDS[v.unlock as UnlockId]}.`,
  'limit-restricts': (v) => `Keep to: ${RESTRICTION_WORDS[v.how as RestrictionId]} (${LIMIT_LABELS[v.limit]}${felt(v)}).`,
  'limit-favours': (v, c) => `${c.nameOf(v.variationId)} is a good choice with: ${LIMIT_LABELS[v.limit]}.`,
  'posture-balance': (v, c) =>
    `The joints are set so that a body of ${formatNumber(v.heightCm, 0)} cm and ${formatMass(v.massKg, c.unit)}, ankles ${formatNumber(v.ankleDeg, 0)}°, holding ${load(v.loadKg, c.unit)}, balances over the middle of the foot. A still model, not a measurement.`,
  'posture-share': (v) =>
    `Each leg: about ${formatNumber(v.kneeNm, 0)} N·m at the knee and ${formatNumber(v.hipNm, 0)} N·m at the hip; the share is knee over both.`,
  'posture-low-back': (v) =>
    `About ${formatNumber(v.lowBackNm, 0)} N·m where the lowest back vertebra sits, shown as a band of ± ${v.bandPercent} %: nobody’s back is this exact.`,
};
