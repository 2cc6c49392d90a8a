import { findVariation, getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { accessTo } from '../selection';
import { isDrillSlot, reason } from '../vocabulary';
import type { Family, Reason, Role } from '../vocabulary';
import type { Content } from './content';
import { option, simpleStart, WORTH } from './option';
import type { Ask, Option } from './option';
import { planItem } from './plan-item';
import type { PlannedItem, SheetInput } from './types';

/**
 * A restorative day between hard ones, in the order it is done: down into the hips and ankles, across, then back to standing.
 * Basis: shapes seen in the trade, no source.
 */
const MOBILITY = [
  'rock-back',
  'adductor-rock',
  'ninety-ninety',
  'half-kneeling-hip-flexor-stretch',
  'ankle-rock',
  'lateral-squat-hold',
  'deep-squat-hold',
  'bird-dog',
] as const;

/** What eases off after a pattern. Common practice, no source. */
const AFTER: Partial<Record<Family, readonly string[]>> = {
  squat: ['half-kneeling-hip-flexor-stretch', 'deep-squat-hold'],
  step: ['half-kneeling-hip-flexor-stretch'],
  lunge: ['half-kneeling-hip-flexor-stretch', 'ankle-rock'],
  lateral: ['adductor-rock'],
  hinge: ['ninety-ninety', 'rock-back'],
  bridge: ['half-kneeling-hip-flexor-stretch', 'rock-back'],
  power: ['ninety-ninety'],
  calf: ['ankle-rock'],
};

/** Drills after the work at most, and times round on a mobility day. House default. */
const COOL_DOWN = 3;
export const MOBILITY_ROUNDS = 2;
/** A second time round is worth less than another drill. House default. */
const AGAIN = 0.4;

/** A drill where it may be done at all, for who does not refuse it. */
const drillFor = (
  input: SheetInput,
  id: string,
  role: Extract<Role, 'prep' | 'cool-down'>,
  told: Reason,
): { item: PlannedItem; variation: Variation } | null => {
  const variation = findVariation(input.context.catalogue, id);
  const access = variation && accessTo(variation, input.context);
  if (!variation || !access || access.state === 'locked' || input.dislikes?.includes(id)) return null;
  const start = simpleStart(input, variation, access, [told]);
  return { variation, item: planItem(input, { slot: `${role}-${id}`, role, intent: 'build' }, start) };
};

/** A group for each drill of a day of mobility, what the screening asks for first, once or twice round. */
export const mobilityGroups = (input: SheetInput, ask: Ask): Option[][] => {
  const { drills = [] } = input;
  return [...new Set([...drills, ...MOBILITY])].flatMap((id, at) => {
    const told = drills.includes(id)
      ? reason('answers-finding', { variationId: id }, 'house-default')
      : reason('restores', { variationId: id }, 'common-practice');
    const made = drillFor(input, id, 'prep', told);
    if (!made) return [];
    const worth = (drills.includes(id) ? WORTH.findingDrill : WORTH.generalDrill) - 0.1 * at;
    const { item, variation } = made;
    return [
      Array.from({ length: MOBILITY_ROUNDS }, (_, more) =>
        option(input, ask, {
          role: 'prep',
          variation,
          item: { ...item, dose: { ...item.dose, sets: item.dose.sets + more } },
          worth: worth + AGAIN * more,
        }),
      ),
    ];
  });
};

/**
 * A short cool-down for the patterns a sheet holds, in the order they were trained, each drill once; what stands on the sheet
 * already is not asked again. Empty where the sheet holds no work, or nothing is open.
 */
export const coolDownFor = (input: SheetInput, { items }: Pick<Content, 'items'>): PlannedItem[] => {
  const held = new Set(items.map(({ variationId }) => variationId));
  const work = items.filter(({ slot }) => !isDrillSlot(slot));
  const families = [...new Set(work.map(({ variationId }) => getVariation(input.context.catalogue, variationId).family))];
  const asked = families.map((family) => AFTER[family] ?? []);
  // The first of each pattern, then the second.
  const ids = [0, 1].flatMap((turn) => asked.flatMap((drills) => drills[turn] ?? []));
  return [...new Set(ids)]
    .filter((id) => !held.has(id))
    .flatMap((id) => drillFor(input, id, 'cool-down', reason('eases-off', { variationId: id }, 'common-practice'))?.item ?? [])
    .slice(0, COOL_DOWN);
};
