import type { EmphasisId, KitItem, LimitId, Reason, Stance } from '../vocabulary';

/** What is different, or the same, about a stand-in. Wording stands in `explain`. */
export type Difference =
  | { code: 'same-pattern' }
  | { code: 'other-pattern'; family: string }
  | { code: 'same-emphasis' }
  | { code: 'less-of'; emphasis: EmphasisId }
  | { code: 'more-of'; emphasis: EmphasisId }
  | { code: 'more-knee' }
  | { code: 'more-hip' }
  | { code: 'other-stance'; stance: Stance }
  | { code: 'easier' }
  | { code: 'harder' }
  | { code: 'needs-no'; item: KitItem }
  | { code: 'needs'; item: KitItem }
  | { code: 'uses-instead'; item: KitItem; use: KitItem }
  | { code: 'kinder-to'; limit: LimitId };

/** A stand-in, with what differs. `score` 0–1 orders the list and says nothing by itself. */
export interface StandIn {
  variationId: string;
  score: number;
  differs: readonly Difference[];
  /** What the person's limits say about it. */
  reasons: readonly Reason[];
}

/** Why something near is not offered. */
export type WhyNot =
  | { code: 'locked'; reasons: readonly Reason[] }
  | { code: 'kit'; missing: readonly (readonly KitItem[])[] }
  | { code: 'too-hard' }
  | { code: 'retired' };

/** Ranked stand-ins, and near ones left out with why. */
export interface StandIns {
  ranked: readonly StandIn[];
  leftOut: readonly { variationId: string; why: WhyNot }[];
}
