import { getVariation } from '../catalogue';
import type { Variation } from '../catalogue';
import { planItem, removeItem, startOf } from '../composer';
import type { PlannedItem, SheetInput } from '../composer';
import { allowedLoads, isSameDose, loadsForVariation, positionOf } from '../dose';
import type { Dose } from '../dose';
import { isSameMass } from '../kit';
import { positionOn } from '../limits';
import { settingsKept } from '../progression';
import { accessTo } from '../selection';
import { MAIN_FAMILIES, reason } from '../vocabulary';
import type { ItemId, LeverId, LeverValue, LeverValues, Reason, Role } from '../vocabulary';
import { roleOf, tracksFor } from './roles';
import type { SheetItem, SheetPlan } from './types';
import { withinMinutes } from './within-minutes';

/** What changed about one exercise since its sheet was agreed. */
export interface Since {
  /** Stable as long as the change is the same. */
  id: string;
  itemId: ItemId;
  kind: 'locked' | 'restricted' | 'capped' | 'kit' | 'lay-off';
  /** Safety applies at once; everything else is taken or left. */
  isSafety: boolean;
  /** The exercise as it would be; null: it leaves the sheet. */
  after: SheetItem | null;
  reasons: readonly Reason[];
}

const roleIn = ({ blocks }: SheetPlan, { blockId }: SheetItem): Role => blocks.find(({ id }) => id === blockId)?.role ?? 'main';

/** Today's numbers with no more sets than were agreed: the minutes had their say when it was. */
const noLonger = (agreed: Dose, today: Dose): Dose => (today.sets > agreed.sets ? { ...today, sets: agreed.sets } : today);

const withPlan = (item: SheetItem, plan: PlannedItem, dose: Dose = noLonger(item.dose, plan.dose)): SheetItem => ({
  ...item,
  ...plan,
  slot: item.slot,
  proposed: dose,
  dose,
});

/** What stands in for a movement that is locked today: of a big lift the hardest open one below it; of others nothing. */
const standIn = (input: SheetInput, item: SheetItem, role: Role): SheetItem | null => {
  const slot = MAIN_FAMILIES.find((family) => family === item.slot);
  if (!slot || role !== 'main') return null;
  const track = input.tracks.find((one) => one.slot === slot);
  const start = startOf(input, slot, track?.variationId === item.variationId ? track : undefined);
  if (!start || start.variationId === item.variationId) return null;
  return { ...withPlan(item, planItem(input, { slot, role }, start)), isOwn: false };
};

const isHarder = (item: SheetItem, input: SheetInput, kept: LeverValues): boolean => {
  const { levers } = getVariation(input.context.catalogue, item.variationId);
  return (Object.entries(kept) as [LeverId, LeverValue][]).some(([lever, value]) => {
    const scale = levers.find((one) => one.lever === lever);
    if (!scale) return false;
    const now = item.values[lever] === undefined ? scale.steps[scale.usual] : item.values[lever];
    return scale.ordered ? scale.steps.indexOf(now ?? null) > scale.steps.indexOf(value) : now !== value;
  });
};

/** Why a weight may not be held where the item has it. */
const placeReasons = (variation: Variation, item: SheetItem, { context }: SheetInput): readonly Reason[] =>
  positionOn(positionOf(variation, item.values), context.limits).reasons;

const hasLoad = (loads: readonly { externalKg: number }[], { load }: Dose): boolean =>
  loads.some(({ externalKg }) => isSameMass(externalKg, load.externalKg));

const LAY_OFF = new Set<Reason['code']>(['lay-off-load', 'lay-off-first']);

/** The day's gentler numbers over what was agreed: never more of anything. */
const gentler = (agreed: Dose, today: Dose): Dose => ({
  ...agreed,
  sets: Math.min(agreed.sets, today.sets),
  reserve: Math.max(agreed.reserve, today.reserve),
  ...(today.load.externalKg < agreed.load.externalKg - 0.001 ? { load: today.load, repsAim: today.repsAim, repsBeyond: 0 } : {}),
});

const sinceOf = (input: SheetInput, sheet: SheetPlan, item: SheetItem): Since[] => {
  const role = roleIn(sheet, item);
  const variation = getVariation(input.context.catalogue, item.variationId);
  const access = accessTo(variation, input.context);
  const of = (kind: Since['kind'], isSafety: boolean, after: SheetItem | null, reasons: readonly Reason[]): Since => ({
    id: `${kind}-${item.id}`,
    itemId: item.id,
    kind,
    isSafety,
    after,
    reasons,
  });
  if (access.state === 'locked') {
    const locked = reason('warn-locked', { variationId: variation.id }, 'house-default');
    const reasons = [locked, ...access.reasons.filter(({ code }) => code !== 'limit-favours')];
    return [of(access.isKit ? 'kit' : 'locked', !access.isKit, standIn(input, item, role), reasons)];
  }
  const start = { variationId: variation.id, values: item.values, reasons: item.chosenWhy };
  const today = planItem(input, { slot: item.slot, role, intent: sheet.intent }, start);
  const kept = settingsKept(variation, input.context);
  // A place that a limit locks a weight at, or no longer leaves safe: held elsewhere, at once.
  const isHeldWrong =
    item.dose.load.externalKg > 0 && positionOn(positionOf(variation, item.values), input.context.limits).state === 'locked';
  if (isHeldWrong && positionOf(variation, today.values) !== positionOf(variation, item.values)) {
    return [of('restricted', true, withPlan(item, today), [...access.reasons, ...placeReasons(variation, item, input)])];
  }
  if (isHarder(item, input, kept)) return [of('restricted', true, withPlan(item, today), access.reasons)];
  const inKit = loadsForVariation(input.context.kit, variation, item.values);
  const allowed = allowedLoads(input.context.kit, input.context.limits, variation, item.values);
  const told = [...today.why.load, ...today.why.sets, ...today.why.reserve];
  const isCut = told.some(({ code }) => code === 'severe-cut') && today.dose.load.externalKg < item.dose.load.externalKg - 0.001;
  const isCapped = hasLoad(inKit, item.dose) && !hasLoad(allowed, item.dose);
  if (isCut || isCapped) return [of('capped', true, withPlan(item, today), [...access.reasons, ...told.filter(isWhy)])];
  if (!hasLoad(inKit, item.dose)) return [of('kit', false, withPlan(item, today), told.filter(isWhy))];
  const away = told.filter(({ code }) => LAY_OFF.has(code));
  const dose = gentler(item.dose, today.dose);
  if (away.length > 0 && !isSameDose(dose, item.dose)) return [of('lay-off', false, withPlan(item, today, dose), away)];
  return [];
};

const WHY = new Set<Reason['code']>(['load-as-here', 'load-cleared-up-to', 'severe-cut', 'nothing-loaded-yet']);
const isWhy = ({ code }: Reason): boolean => WHY.has(code);

/**
 * What changed since a sheet was agreed: limits, kit, a long gap, a clearance that ended. Worked out when it is read, with
 * or without a network; nothing of the agreed sheet is written over.
 */
export const sinceAgreed = (given: SheetInput, sheet: SheetPlan): Since[] => {
  const input = {
    ...given,
    tracks: tracksFor(given.tracks, sheet.dayRole ?? roleOf(sheet.splitDay), given.trainsOn ?? given.day),
  };
  return sheet.items.flatMap((item) => sinceOf(input, sheet, item));
};

/** A sheet with some of what changed on it, within its minutes. */
export const withSince = (input: SheetInput, sheet: SheetPlan, taken: readonly Since[]): SheetPlan => {
  if (taken.length === 0) return sheet;
  const after = new Map(taken.map((one) => [one.itemId, one]));
  const gone = taken.filter((one) => one.after === null);
  const changed: SheetPlan = {
    ...sheet,
    items: sheet.items.map((item) => after.get(item.id)?.after ?? item),
    leftOff: [
      ...sheet.leftOff,
      ...gone.flatMap(({ itemId, reasons }) => {
        const item = sheet.items.find(({ id }) => id === itemId);
        return item ? [{ slot: item.slot, variationId: item.variationId, reasons }] : [];
      }),
    ],
  };
  const left = gone.reduce<SheetPlan>((now, { itemId }) => {
    const content = removeItem(now, itemId);
    return { ...now, blocks: content.blocks, items: content.items };
  }, changed);
  return withinMinutes(input, left, sheet);
};

/** A sheet as its session starts with it: what safety asks for, and what was taken. */
export const fixedAtStart = (input: SheetInput, sheet: SheetPlan, takenIds: readonly string[]): SheetPlan =>
  withSince(
    input,
    sheet,
    sinceAgreed(input, sheet).filter(({ id, isSafety }) => isSafety || takenIds.includes(id)),
  );
