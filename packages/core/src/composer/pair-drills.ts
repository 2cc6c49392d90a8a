import { findVariation } from '../catalogue';
import { accessTo } from '../selection';
import type { KitItem } from '../vocabulary';
import { reason } from '../vocabulary';
import { settingsWithin } from './choose-start';
import { fitTogether, standingNeeds } from './kit-together';
import type { Option } from './option';
import { planItem } from './plan-item';
import type { SheetInput } from './types';

/** Timed drills that go with a lift, both legs at once so that thirty seconds are thirty seconds. House default. */
const DRILLS = [
  'squat-lunge-combination',
  'plank',
  'lateral-band-walk',
  'calf-raise',
  'wall-sit',
  'toe-raise',
  'reverse-plank',
] as const;
/** Work of the drill, s. Common practice: 30–45 s. */
const SECONDS = 30;

/** A drill for each lift, a different one each time while there are any; null where none is open. Both fit set up at once. */
export const drillsFor = (
  input: SheetInput,
  lifts: readonly Option[],
  { room, things }: { room: ReadonlySet<KitItem>; things: ReadonlyMap<KitItem, number> },
): (Option | null)[] => {
  const open = DRILLS.flatMap((id) => {
    const variation = findVariation(input.context.catalogue, id);
    const access = variation && accessTo(variation, input.context);
    return variation && access && access.state !== 'locked' && !input.dislikes?.includes(id) ? [{ variation, access }] : [];
  });
  const used = new Set(lifts.map(({ variation }) => variation.id));
  return lifts.map((lift, at) => {
    const found = open.find(
      ({ variation }) =>
        !used.has(variation.id) && fitTogether([standingNeeds(lift.variation, room), standingNeeds(variation, room)], things),
    );
    if (!found) return null;
    const { variation, access } = found;
    used.add(variation.id);
    const told = reason('pairs-with', { variationId: variation.id, withVariationId: lift.variation.id }, 'common-practice');
    const start = {
      variationId: variation.id,
      values: settingsWithin(variation, access).values,
      reasons: [told, ...access.reasons],
    };
    const item = planItem(input, { slot: `finisher-${at + 1}`, role: 'finisher' }, start);
    const { sets } = lift.item.dose;
    const dose = { ...item.dose, sets, seconds: SECONDS, restSeconds: 0 };
    return { ...lift, key: variation.id, variation, item: { ...item, feelers: 0, dose } };
  });
};
