import type { Variation } from '../catalogue';
import type { PersonLimit } from '../limits';
import { PAIN_NOT_ASKED } from '../progression';
import type { PainContext } from '../progression';
import { reason } from '../vocabulary';
import type { Reason } from '../vocabulary';
import { loadsJoint, worksMuscle } from './areas';
import { SORE } from './rules/soreness';
import type { CheckIn } from './types';

/** The pain the person's clearances allow to train with, 0–10; null: the usual bands. */
export const clearedPain = (limits: readonly PersonLimit[]): number | null => {
  const bounds = limits.flatMap(({ cleared = [] }) => cleared.flatMap(({ painUpTo }) => painUpTo ?? []));
  return bounds.length === 0 ? null : Math.min(...bounds);
};

/**
 * What is known of pain for one movement today: where the joints it loads stood before the first set, painkillers, and
 * whether the last session's pain had settled by morning. What was not asked stays unknown.
 */
export const painToday = (
  variation: Variation,
  limits: readonly PersonLimit[],
  checkIn: CheckIn | null,
  lastTime: number | null = null,
): PainContext => {
  const asked = checkIn?.joints ?? null;
  const felt = asked?.filter(({ area }) => loadsJoint(variation, area)).map(({ pain }) => pain) ?? [];
  const morning = checkIn?.morning ?? null;
  return {
    ...PAIN_NOT_ASKED,
    clearedUpTo: clearedPain(limits),
    atStart: asked === null ? null : Math.max(0, ...felt),
    painkillers: checkIn?.painkillers ?? false,
    settledByMorning: morning === null ? null : morning !== 'not-settled',
    lastTime,
  };
};

/** Why a movement doesn't move up today whatever was done: its muscles came in too sore. */
export const holdsToday = (variation: Variation, checkIn: CheckIn | null): Reason[] =>
  (checkIn?.soreness ?? [])
    .filter(({ muscle, level }) => level >= SORE.holdFrom && worksMuscle(variation, muscle))
    .map(({ muscle, level }) => reason('check-sore-holds', { muscle, level }, 'common-practice'));
