import { findVariation, getVariation } from '../catalogue';
import type { Ladder, Rung, Variation } from '../catalogue';
import { limitOn } from '../limits';
import type { JudgeContext } from '../progression';
import { accessTo } from '../selection';
import type { MainFamily, Reason } from '../vocabulary';
import { planItem } from './plan-item';
import type { SheetInput, Track } from './types';

type Situation = Pick<JudgeContext, 'catalogue' | 'kit' | 'room' | 'limits' | 'safety'>;

/** What a limit says against a movement itself; empty: nothing locks it. Where a load is held, and kit, are the rung's own matter. */
const limitLock = (variation: Variation | undefined, { limits }: Situation): readonly Reason[] => {
  const limited = variation ? limitOn(variation, limits) : null;
  return limited?.state === 'locked' ? limited.reasons : [];
};

/** Why no way up to a rung is open; empty: one is. */
const lockBelow = (ladder: Ladder, rung: Rung, context: Situation, seen: ReadonlySet<string> = new Set()): readonly Reason[] => {
  const ways = ladder.rungs.filter(({ id }) => rung.from.includes(id) && !seen.has(id));
  const locks = ways.map((way) => {
    const own = limitLock(findVariation(context.catalogue, way.variationId), context);
    return own.length > 0 ? own : lockBelow(ladder, way, context, new Set([...seen, rung.id]));
  });
  return locks.length > 0 && locks.every((lock) => lock.length > 0) ? (locks[0] ?? []) : [];
};

/**
 * Why somebody can't be placed on a rung by hand: it is locked for them here, or lies above a lock of theirs. Empty: they can.
 */
export const placementLock = (ladder: Ladder, rung: Rung, context: Situation): readonly Reason[] => {
  const variation = getVariation(context.catalogue, rung.variationId);
  const { state, reasons } = accessTo(variation, context);
  if (state === 'locked') return reasons.filter(({ code }) => code !== 'limit-favours');
  const buildsOn = variation.prerequisites.flatMap((id) => limitLock(findVariation(context.catalogue, id), context));
  return buildsOn.length > 0 ? buildsOn : lockBelow(ladder, rung, context);
};

/**
 * The track somebody placed on a rung goes on with: the dose that belongs to the rung (its own reps or seconds, as many sets as its
 * gate asks for), settings as the rung has them, the load from what is known of the person.
 */
export const placedOn = (input: SheetInput, slot: MainFamily, rung: Rung): Track => {
  const start = { variationId: rung.variationId, values: rung.values ?? {}, reasons: [] };
  const { trackDose, values, method } = planItem({ ...input, tracks: [] }, { slot, role: 'main' }, start);
  const dose = { ...trackDose, sets: Math.max(trackDose.sets, rung.gate?.sets ?? 0) };
  return {
    slot,
    variationId: rung.variationId,
    values,
    method,
    methodChosen: false,
    dose: dose.seconds === undefined ? { ...dose, repsAim: dose.repsLow } : dose,
    leftOut: false,
    memory: {},
    dayRole: 'all',
    lastDecision: null,
  };
};
