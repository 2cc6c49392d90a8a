import type { Variation } from '../catalogue';
import { reason } from '../vocabulary';
import type { LimitId, LimitState, Reason, Side } from '../vocabulary';
import { coversMovement, loadCapOf } from './clearance';
import type { ClearanceScope } from './clearance';
import { LIMIT_RULES } from './matrix';
import type { LimitRule, Selector } from './types';

/** A limit a person has. Severity 0–10 for graded ones; null where it wasn't asked or isn't graded. */
export interface PersonLimit {
  limit: LimitId;
  severity: number | null;
  /** Left out: both, or a thing without sides. */
  side?: Side;
  /** What clearances in force allow in spite of this limit; left out or empty: nothing. */
  cleared?: readonly ClearanceScope[];
}

/** What a person's limits make of one movement: the strictest wins; every rule that speaks is given as a reason. */
export interface LimitAnswer {
  state: LimitState;
  reasons: readonly Reason[];
}

/** From these severities a limit restricts and locks where its rule names no other. Basis: house default. */
export const LIMIT_BANDS = { restrictsFrom: 3, locksFrom: 4, cutsAt: 5 } as const;

const matches = (variation: Variation, who: Selector): boolean =>
  isNamed(variation, who) && !variation.levers.some(({ lever }) => lever === who.lacks);

const isNamed = (variation: Variation, who: Selector): boolean =>
  (who.traits?.some((trait) => variation.traits.includes(trait)) ?? false) ||
  (who.ids?.includes(variation.id) ?? false) ||
  (who.families?.includes(variation.family) ?? false) ||
  (who.loadedOnly === true && !variation.unloadedAllowed) ||
  (who.loadPositions?.some((position) => variation.loadPositions[0] === position) ?? false) ||
  (who.allBut !== undefined && !who.allBut.includes(variation.family));

/** An unknown severity is never taken as mild: it is read as enough to lock. */
const isAtLeast = (rule: LimitRule, severity: number | null, from: number): boolean =>
  !rule.graded || severity === null || severity >= from;

/** What a clearance opens it opens only within its bounds, so it reads as something to keep to. */
const clearedWithin = (variation: Variation, { limit, cleared = [] }: PersonLimit, basis: LimitRule['basis']): Reason | null => {
  const scope = cleared.find((candidate) => coversMovement(candidate, variation));
  if (!scope) return null;
  const values = { limit, range: scope.range, maxLoadKg: loadCapOf(cleared, variation), side: scope.side };
  return reason('cleared-within', values, basis);
};

const speak = (variation: Variation, rule: LimitRule, given: PersonLimit): Reason[] => {
  const { severity } = given;
  const felt = rule.graded && severity !== null ? { severity } : {};
  const { id: limit, basis } = rule;
  const variationId = variation.id;
  const listed = rule.locks
    .filter(({ who, from }) => isAtLeast(rule, severity, from ?? LIMIT_BANDS.locksFrom) && matches(variation, who))
    .map(({ unlock }) => reason('limit-locks', { limit, variationId, unlock, ...felt }, basis));
  // Above 5 everything the row speaks of stops.
  const isTooSore = rule.graded && severity !== null && severity > LIMIT_BANDS.cutsAt;
  const stops = isTooSore
    ? rule.restricts
        .filter(({ who }) => matches(variation, who))
        .slice(0, 1)
        .map(() => reason('limit-locks', { limit, variationId, unlock: 'soreness-below-4', ...felt }, basis))
    : [];
  const restricts = rule.restricts
    .filter(({ who, from }) => isAtLeast(rule, severity, from ?? LIMIT_BANDS.restrictsFrom) && matches(variation, who))
    .map(({ how }) => reason('limit-restricts', { limit, variationId, how, ...felt }, basis));
  const locks = [...listed, ...(listed.length > 0 ? [] : stops)];
  const favours = rule.favours.some((who) => matches(variation, who))
    ? [reason('limit-favours', { limit, variationId }, basis)]
    : [];
  // A movement a limit holds back isn't favoured by the same limit.
  const within = locks.length > 0 ? clearedWithin(variation, given, basis) : null;
  if (within) return [within, ...restricts];
  if (locks.length > 0 || restricts.length > 0) return [...locks, ...restricts];
  return severity === 0 ? [] : favours;
};

/**
 * What a person's limits do to a movement: `locked` with what unlocks it, `restricted` with what to keep to,
 * `favoured`, or `open`. Several limits combine by the strictest. A custom movement is judged by its own traits.
 * @example limitOn(walkingLunge, [{ limit: 'knee-front', severity: 5 }]).state // 'locked'
 */
export const limitOn = (variation: Variation, limits: readonly PersonLimit[]): LimitAnswer => {
  const reasons = limits.flatMap((limit) => {
    const rule = LIMIT_RULES.find(({ id }) => id === limit.limit);
    return rule ? speak(variation, rule, limit) : [];
  });
  const has = (code: Reason['code']) => reasons.some((given) => given.code === code);
  const state = has('limit-locks')
    ? 'locked'
    : has('limit-restricts') || has('cleared-within')
      ? 'restricted'
      : has('limit-favours')
        ? 'favoured'
        : 'open';
  return { state, reasons };
};

/** Nothing is loaded before four questions are answered, nor after a birth before a clearance. */
const isUnloaded = ({ limit, cleared = [] }: PersonLimit): boolean =>
  limit === 'health-not-asked' || (limit === 'recent-birth' && cleared.length === 0);

/**
 * The limit at 5 that speaks of a movement: its one cut stands for every other. Null where none is that sore; above 5 the
 * movement is locked.
 */
export const cutBy = (variation: Variation, limits: readonly PersonLimit[]): PersonLimit | null =>
  limits.find(
    (given) =>
      given.severity === LIMIT_BANDS.cutsAt &&
      limitOn(variation, [given]).reasons.some(({ code }) => code === 'limit-restricts' || code === 'limit-locks'),
  ) ?? null;

/** The heaviest external load a person's clearances allow for a movement, in kg; null where none bounds it. */
export const loadCapFor = (variation: Variation, limits: readonly PersonLimit[]): number | null => {
  if (limits.some(isUnloaded)) return 0;
  const caps = limits.flatMap(({ cleared = [] }) => loadCapOf(cleared, variation) ?? []);
  return caps.length === 0 ? null : Math.min(...caps);
};
