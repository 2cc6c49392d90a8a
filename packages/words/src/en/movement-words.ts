import type { CustomProblem, Gate } from '@drubo/core/catalogue';
import type { Notch, Remedy } from '@drubo/core/knowledge';
import type { Difference, WhyNot } from '@drubo/core/selection';
import type { PostureRemedies } from '@drubo/core';
import type { Family, KitItem } from '@drubo/core/vocabulary';
import { aKitItem, EMPHASIS_LABELS, FAMILY_LABELS, KIT_LABELS, LIMIT_LABELS, POSITION_LABELS, STANCE_LABELS } from './labels';
import { formatNumber } from '../formats';
import { formatLeverValue, LEVER_WORDS } from './lever-words';
import { AID_WORDS, WAY_WORDS } from './remedy-words';
import { inSentence } from './in-sentence';
import { counted } from './counted';

type NameOf = (variationId: string) => string;

const SHARES: readonly { share: number; words: string }[] = [
  { share: 1 / 2, words: 'half' },
  { share: 1 / 3, words: 'a third' },
  { share: 1 / 4, words: 'a quarter' },
];
const shareWords = (share: number): string =>
  SHARES.find((one) => Math.abs(one.share - share) < 0.001)?.words ?? formatNumber(share, 2);

/** What earns the next rung: '3 × 10, clean at a third of body mass, 24 kg at most, in two sessions'. */
export const formatGate = (gate: Gate, isPerSide: boolean): string => {
  const side = isPerSide ? ' a side' : '';
  const work =
    gate.seconds !== undefined
      ? `${gate.sets} × ${gate.seconds} s${side}`
      : gate.reps === 'top'
        ? `top of the range in ${counted(gate.sets, 'set')}${side}`
        : gate.reps === 'low'
          ? `in the range in ${counted(gate.sets, 'set')}${side}`
          : `${gate.sets} × ${gate.reps}${side}`;
  const load =
    gate.bodyMassShare === undefined
      ? ''
      : ` at ${shareWords(gate.bodyMassShare)} of body mass${gate.mostKg === undefined ? '' : `, ${gate.mostKg} kg at most`}`;
  return `${work}, clean${load}${gate.sessions > 1 ? ', in two sessions' : ''}`;
};

const BY_WORDS: Record<Extract<Notch, { kind: 'variation' }>['by'], string> = {
  base: 'another base',
  'load-position': 'load carried elsewhere',
  surface: 'another surface',
  support: 'support',
  range: 'range',
};

/** One notch as what changes: 'Heel lift: 12 mm → flat'. */
export const formatNotch = (notch: Notch, nameOf: NameOf): string => {
  if (notch.kind === 'variation') return `${nameOf(notch.variationId)} (${BY_WORDS[notch.by]})`;
  if (notch.kind === 'rung') return `${nameOf(notch.variationId)} (next stage)`;
  const { lever, unit } = notch;
  return `${LEVER_WORDS[lever].label}: ${formatLeverValue(lever, notch.from, unit)} → ${formatLeverValue(lever, notch.to, unit)}`;
};

/** What to do about a fault, short. */
export const formatRemedy = (remedy: Remedy, nameOf: NameOf): string => {
  switch (remedy.kind) {
    case 'lever':
      return `${inSentence(LEVER_WORDS[remedy.lever].label)} ${WAY_WORDS[remedy.way]}`;
    case 'load-position':
      return `load ${POSITION_LABELS[remedy.to]}`;
    case 'aid':
      return AID_WORDS[remedy.aid];
    case 'variation':
      return inSentence(nameOf(remedy.variationId));
  }
};

/** What differs about a stand-in, short. */
export const formatDifference = (difference: Difference): string => {
  switch (difference.code) {
    case 'same-pattern':
      return 'same pattern';
    case 'other-pattern':
      return `a ${inSentence(FAMILY_LABELS[difference.family as Family])} instead`;
    case 'same-emphasis':
      return 'trains the same';
    case 'less-of':
      return `less ${EMPHASIS_LABELS[difference.emphasis]}`;
    case 'more-of':
      return `more ${EMPHASIS_LABELS[difference.emphasis]}`;
    case 'more-knee':
      return 'more knee, less hip';
    case 'more-hip':
      return 'more hip, less knee';
    case 'other-stance':
      return STANCE_LABELS[difference.stance];
    case 'easier':
      return 'easier';
    case 'harder':
      return 'a little harder';
    case 'needs-no':
      return `needs no ${KIT_LABELS[difference.item]}`;
    case 'needs':
      return `needs ${aKitItem(difference.item)}`;
    case 'uses-instead':
      return `${KIT_LABELS[difference.use]} for the ${KIT_LABELS[difference.item]}`;
    case 'kinder-to':
      return `kinder to: ${LIMIT_LABELS[difference.limit]}`;
  }
};

const oneOf = (need: readonly KitItem[]): string => need.map((item) => KIT_LABELS[item]).join(' or ');

/** Missing kit: 'needs: bar; rack'. */
export const formatMissing = (missing: readonly (readonly KitItem[])[]): string => `Needs ${missing.map(oneOf).join(', and ')}.`;

/** Why a near movement is not offered. */
export const formatWhyNot = (why: WhyNot): string => {
  switch (why.code) {
    case 'locked':
      return 'Locked by a limit.';
    case 'kit':
      return formatMissing(why.missing);
    case 'too-hard':
      return 'Much further up its ladder.';
    case 'retired':
      return 'Retired.';
  }
};

/** Ways out of a position that can't be held: 'about 30 mm under the heels, or 7 kg held in front'. */
export const formatPostureRemedies = (remedies: PostureRemedies): string[] => [
  ...(remedies.heelLiftMm === null ? [] : [`about ${remedies.heelLiftMm} mm under the heels`]),
  ...(remedies.counterweightKg === null ? [] : [`${formatNumber(remedies.counterweightKg)} kg held out in front`]),
  ...(remedies.ankleDeg === null ? [] : [`${remedies.ankleDeg}° of ankle range`]),
  ...(remedies.thighDeg === null ? [] : [`stopping ${Math.max(0, 90 - remedies.thighDeg)}° above a level thigh`]),
];

/** What is wrong with a movement of the studio's own; reads on after the field's name. */
export const formatCustomProblem = (problem: CustomProblem, nameOf: NameOf): string => {
  switch (problem.code) {
    case 'unknown-variation':
      return `names “${problem.variationId}”, which is not in the catalogue`;
    case 'based-on-own':
      return `is “${nameOf(problem.variationId)}”, a movement of your own: base it on one that ships with Drubo`;
    case 'taken':
      return 'is the id of a movement that ships with Drubo';
    case 'name-taken':
      return 'is in use already';
    case 'position-not-allowed':
      return `may not be “${POSITION_LABELS[problem.position]}”: ${nameOf(problem.basedOn)} isn’t loaded that way`;
    case 'lever-not-there':
      return `has “${LEVER_WORDS[problem.lever].label}”, which ${nameOf(problem.basedOn)} doesn’t offer`;
    case 'cycle':
      return `leads back to itself: ${problem.through.map(nameOf).join(' → ')}`;
  }
};

export { formatBandPull, formatLeverValue, LEVER_WORDS } from './lever-words';
