import type { BasisId, Family, LeverId, LimitId, LoadPosition, TraitId } from '../vocabulary';

/** Which movements a rule is about: any one of these is enough; `lacks` narrows them. */
export interface Selector {
  traits?: readonly TraitId[];
  ids?: readonly string[];
  families?: readonly Family[];
  loadPositions?: readonly LoadPosition[];
  /** What is never done with nothing held. */
  loadedOnly?: true;
  /** Everything but these families. */
  allBut?: readonly Family[];
  /** Of them only those without this setting. */
  lacks?: LeverId;
}

/** What to keep to while a limit restricts a movement. Wording stands in `explain`. */
export const RESTRICTIONS = [
  'knee-travel-limited',
  'box-above-sore-range',
  'low-step-few-reps',
  'kneel-by-contact-pain',
  'heel-lift-only-pain-free',
  'box-above-pinch',
  'mid-range',
  'no-crossing',
  'no-hip-drop',
  'short-stride',
  'feet-near',
  'less-range',
  'narrower',
  'lighter-and-higher',
  'keep-load-close',
  'no-lean-back',
  'ribs-down-overhead',
  'lower-rear-foot',
  'heel-lift-or-box',
  'heel-by-pain',
  'calf-by-pain',
  'head-supported',
  'front-hold-instead',
  'crossed-or-straps',
  'on-fists',
  'load-off-the-hands',
  'support-on',
  'small-steps',
  'slow-small-steps',
  'rise-slowly',
  'spotter',
  'thick-pad',
  'no-impact',
  'not-flat-for-long',
  'symptoms-ease',
  'keep-breathing',
] as const;
export type RestrictionId = (typeof RESTRICTIONS)[number];

/** What opens a locked movement again. */
export const UNLOCKS = [
  'clearance',
  'soreness-below-4',
  'clean-two-leg-hinge',
  'twelve-weeks',
  'thick-pad-and-clearance',
  'limit-gone',
  'clearance-that-lists-it',
  'guardian-consent',
  'four-answers',
] as const;
export type UnlockId = (typeof UNLOCKS)[number];

/** What one limit does. Severity 1–2 is noted, 3 restricts, 4 and more locks, unless the rule says otherwise. */
export interface LimitRule {
  id: LimitId;
  /** Whether it is felt from 0 to 10; an ungraded limit is there or not. */
  graded: boolean;
  locks: readonly { who: Selector; from?: number; unlock: UnlockId }[];
  restricts: readonly { who: Selector; how: RestrictionId; from?: number }[];
  favours: readonly Selector[];
  basis: BasisId;
}
