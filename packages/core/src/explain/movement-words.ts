import type { CustomProblem, Gate, Notch, Remedy } from '../catalogue';
import type { RestrictionId, UnlockId } from '../limits';
import type { Difference, WhyNot } from '../selection';
import type { PostureRemedies } from '../body';
import type { KitItem } from '../vocabulary';
import { EMPHASIS_LABELS, FAMILY_LABELS, KIT_LABELS, LIMIT_LABELS, POSITION_LABELS, STANCE_LABELS } from './labels';
import { formatNumber } from './format';
import { formatLeverValue, LEVER_WORDS } from './lever-words';
import type { Family } from '../vocabulary';

type NameOf = (variationId: string) => string;

/** What earns the next rung: '3 × 10 clean at half of body mass, or the heaviest that can be held, in two sessions'. */
export const formatGate = (gate: Gate, isPerSide: boolean): string => {
  const side = isPerSide ? ' a side' : '';
  const work =
    gate.seconds !== undefined
      ? `${gate.sets} × ${gate.seconds} s${side}`
      : gate.reps === 'top'
        ? `top of the range in ${gate.sets} sets${side}`
        : `${gate.sets} × ${gate.reps}${side}`;
  const load =
    gate.bodyMassShare === undefined
      ? ''
      : ` at ${gate.bodyMassShare === 0.5 ? 'half' : gate.bodyMassShare === 0.25 ? 'a quarter' : formatNumber(gate.bodyMassShare, 2)} of body mass, or the heaviest the hands can hold`;
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

const AID_WORDS: Record<Extract<Remedy, { kind: 'aid' }>['aid'], string> = {
  wedge: 'a wedge under the heels',
  'band-above-knees': 'a band above the knees',
  'band-to-push-on': 'a band to push on',
  pillow: 'a pillow under the head',
  straps: 'straps',
  chalk: 'chalk',
  'wall-near': 'a wall near by',
  lighter: 'lighter',
  'cue-tuck': 'the “tail under first” cues',
};

const WAY_WORDS = { easier: 'one notch easier', longer: 'longer', shorter: 'shorter', nearer: 'nearer', wider: 'wider' } as const;

/** What to do about a fault, short. */
export const formatRemedy = (remedy: Remedy, nameOf: NameOf): string => {
  switch (remedy.kind) {
    case 'lever':
      return `${LEVER_WORDS[remedy.lever].label.toLowerCase()} ${WAY_WORDS[remedy.way]}`;
    case 'load-position':
      return `load ${POSITION_LABELS[remedy.to]}`;
    case 'aid':
      return AID_WORDS[remedy.aid];
    case 'variation':
      return nameOf(remedy.variationId).toLowerCase();
  }
};

/** What differs about a stand-in, short. */
export const formatDifference = (difference: Difference): string => {
  switch (difference.code) {
    case 'same-pattern':
      return 'same pattern';
    case 'other-pattern':
      return `a ${FAMILY_LABELS[difference.family as Family].toLowerCase()} instead`;
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
      return `needs a ${KIT_LABELS[difference.item]}`;
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

export const RESTRICTION_WORDS: Record<RestrictionId, string> = {
  'knee-travel-limited': 'knees held at the toes',
  'box-above-sore-range': 'a box above the sore range',
  'low-step-few-reps': 'lowest step and few reps first',
  'kneel-by-contact-pain': 'kneeling only as contact pain allows, on a thick pad',
  'heel-lift-only-pain-free': 'a heel lift makes the knee work more: only when pain-free',
  'box-above-pinch': 'a box above the pinch',
  'mid-range': 'middle of the range only',
  'no-crossing': 'no crossing the midline',
  'no-hip-drop': 'no hip drop, wide base',
  'short-stride': 'a shorter stride',
  'feet-near': 'feet nearer',
  'less-range': 'less range',
  narrower: 'a narrower stance',
  'lighter-and-higher': 'lighter and less deep',
  'keep-load-close': 'the load close to the body',
  'no-lean-back': 'trunk level at the top, no further',
  'ribs-down-overhead': 'ribs down overhead',
  'lower-rear-foot': 'a lower rear foot',
  'heel-lift-or-box': 'a heel lift (count the shoe’s heel) or a box',
  'heel-by-pain': 'raised heels only as pain allows',
  'calf-by-pain': 'calf load by how it feels next morning',
  'head-supported': 'head supported',
  'front-hold-instead': 'front with crossed arms or straps, or a safety bar',
  'crossed-or-straps': 'arms crossed or straps instead of fingers',
  'on-fists': 'on the fists or forearms',
  'load-off-the-hands': 'straps, or load at the chest, hips or belt',
  'support-on': 'support on, wide base',
  'small-steps': 'small steps in load',
  'slow-small-steps': 'slow, small steps, middle of the range',
  'rise-slowly': 'rise slowly',
  spotter: 'with a spotter',
  'thick-pad': 'a thick pad',
  'no-impact': 'no impact',
  'not-flat-for-long': 'flat on the back short or not at all: inclined',
  'symptoms-ease': 'leak, heaviness or doming: one notch easier, suggest a pelvic-health clinician',
  'keep-breathing': 'keep breathing, no breath-holding, not to failure',
};

export const UNLOCK_WORDS: Record<UnlockId, string> = {
  clearance: 'a clearance that names it',
  'soreness-below-4': 'soreness below 4',
  'clean-two-leg-hinge': 'a clean two-leg hinge',
  'twelve-weeks': 'twelve weeks after the birth',
  'thick-pad-and-clearance': 'a thick pad and a clearance',
  'limit-gone': 'the limit gone, or a clearance that names it',
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
