import type { Variation } from '../catalogue';
import { kitFor } from '../catalogue/knowledge';
import { canLoad } from '../kit';
import type { Kit } from '../kit';
import { limitOn, positionOn } from '../limits';
import type { PersonLimit } from '../limits';
import { reason } from '../vocabulary';
import type { KitItem, LimitState, Reason } from '../vocabulary';
import { barCautions, barSafety } from './place-safety';
import type { PlaceSafety } from './place-safety';

/** What a movement has to get past: the person's limits, the kit at the place, and what makes a bar safe there. */
export interface Situation {
  kit: Kit;
  /** What is in the room; null: not known, so kit locks nothing but a load that can't be made. */
  room: ReadonlySet<KitItem> | null;
  limits: readonly PersonLimit[];
  /** Left out: not known, so it locks nothing. */
  safety?: PlaceSafety | undefined;
}

/** Whether a movement may be done here by this person, and every reason that speaks. */
export interface Access {
  state: LimitState;
  reasons: readonly Reason[];
  /** Locked by the room alone: another place would open it. */
  isKit: boolean;
}

const kitReasons = (variation: Variation, { kit, room }: Situation): Reason[] => {
  const wanted = { unloadedToo: variation.unloadedAllowed, needs: variation.kit.flat() };
  const isLoadable = variation.loadPositions.some((position) => canLoad(kit, position, wanted));
  const noLoad = isLoadable ? [] : [reason('kit-no-load', { variationId: variation.id }, 'house-default')];
  if (room === null) return noLoad;
  const missing = kitFor(variation, room).missing.flatMap((need) => need[0] ?? []);
  return [...missing.map((item) => reason('kit-lacks', { item }, 'house-default')), ...noLoad];
};

/**
 * Where the weight of a movement that is always loaded may be held: locked when every place it has is. Where nothing may
 * be held at all it goes on unloaded, if it can be.
 */
const positionsOn = (variation: Variation, { limits }: Situation): { isLocked: boolean; reasons: Reason[] } => {
  const held = variation.loadPositions.filter((position) => position !== 'none' && position !== 'counterweight');
  const answers = held.map((position) => positionOn(position, limits));
  const isLocked = !variation.unloadedAllowed && held.length > 0 && answers.every(({ state }) => state === 'locked');
  return { isLocked, reasons: isLocked || variation.unloadedAllowed ? answers.flatMap(({ reasons }) => reasons) : [] };
};

/**
 * Whether a movement is open to a person where they train. The strictest answer wins; less kit, a worse limit or a less
 * safe place never opens anything.
 * @example accessTo(backSquat, { kit, room, limits: [], safety: homeAlone }).state // 'locked'
 */
export const accessTo = (variation: Variation, situation: Situation): Access => {
  const cautions = situation.safety ? barCautions(variation, situation.safety) : [];
  const limited = limitOn(variation, situation.limits);
  const kit = kitReasons(variation, situation);
  const bar = situation.safety ? barSafety(variation, situation.safety) : { locks: null, restricts: null };
  const held = positionsOn(variation, situation);
  const reasons = [
    ...limited.reasons,
    ...held.reasons,
    ...kit,
    ...(bar.locks ? [bar.locks] : []),
    ...(bar.restricts ? [bar.restricts] : []),
  ];
  if (limited.state === 'locked' || held.isLocked || bar.locks) return { state: 'locked', reasons, isKit: false };
  if (kit.length > 0) return { state: 'locked', reasons, isKit: true };
  const isBounded = bar.restricts !== null || cautions.length > 0;
  return { state: isBounded ? 'restricted' : limited.state, reasons, isKit: false };
};
