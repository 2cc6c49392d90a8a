import type { Variation } from '../catalogue';
import type { ClearedRange, ClinicianRole, Family, LimitId, Side, TraitId } from '../vocabulary';

/** What a clinician allowed: which movements, how far, how heavy, which side, up to which pain. Nothing beyond it. */
export interface ClearanceScope {
  /** Families allowed; at least one, or the clearance clears nothing. */
  families: readonly Family[];
  range: ClearedRange;
  /** External load in kg; null: the clinician named no bound. */
  maxLoadKg: number | null;
  side: Side;
  /** Known pain that may be trained with, 0–10; null: the usual bands. */
  painUpTo: number | null;
}

/** Who cleared somebody, in which role, when, about what, for what, until when. Dates are ISO days. */
export interface Clearance {
  id: string;
  role: ClinicianRole;
  on: string;
  until: string;
  about: readonly LimitId[];
  scope: ClearanceScope;
}

/** Traits that go beyond the middle of a joint's range. Common practice, no source. */
const DEEP: readonly TraitId[] = ['deep-knee', 'deep-hinge', 'deep-lunge', 'deficit', 'end-range', 'cossack', 'knee-forward'];
const HOLD: readonly TraitId[] = ['hold', 'long-hold'];

/** Whether a clearance holds on a day: from the day it was given to its last day. It then turns into a question. */
export const isInForce = ({ on, until }: Pick<Clearance, 'on' | 'until'>, today: string): boolean =>
  on <= today && today <= until;

/** Whether a scope is wide enough for a limit on this side. A limit in the middle or on both sides needs both. */
export const coversSide = (scope: ClearanceScope, side: Side): boolean => scope.side === 'both' || scope.side === side;

/** Whether a scope allows a movement: its family, and no more range than was cleared. */
export const coversMovement = (scope: ClearanceScope, variation: Pick<Variation, 'family' | 'traits'>): boolean => {
  if (!scope.families.includes(variation.family)) return false;
  if (scope.range === 'full') return true;
  if (scope.range === 'holds-only') return HOLD.some((trait) => variation.traits.includes(trait));
  return !DEEP.some((trait) => variation.traits.includes(trait));
};

/** The heaviest external load the scopes of one limit allow for a movement; null for no bound. */
export const loadCapOf = (scopes: readonly ClearanceScope[], variation: Pick<Variation, 'family' | 'traits'>): number | null => {
  const covering = scopes.filter((scope) => coversMovement(scope, variation));
  const bounds = covering.map(({ maxLoadKg }) => maxLoadKg);
  if (bounds.length === 0 || bounds.includes(null)) return null;
  return Math.max(...bounds.map((kg) => kg ?? 0));
};
