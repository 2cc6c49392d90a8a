import type { SheetContentDto } from '@drubo/contracts';
import { loadCapFor } from '@drubo/core/limits';
import { findVariation } from '@drubo/core/catalogue';
import type { Variation } from '@drubo/core/catalogue';
import { checkValues } from '@drubo/core/knowledge';
import { asShaped, planItem } from '@drubo/core/composing';
import type { SheetInput } from '@drubo/core/composing';
import { isSameDose } from '@drubo/core';
import { kitOfDay, roleAmong, roleOf, sinceAgreed } from '@drubo/core/loop';
import type { SheetItem } from '@drubo/core/loop';
import { accessTo } from '@drubo/core/selection';
import type { LeverId, LeverValue } from '@drubo/core/vocabulary';
import type { Context } from '../context';
import type { SheetItemRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../shared/errors';
import { composingOf, inputAt } from '../person/composing-of';
import type { PersonFile } from '../person/person-file';
import { findKit } from '../shared/find';
import { localDateOf } from '../shared/local-date';
import { usualDay } from './next-sheet';
import { asRow, itemsOf, writeItems } from './sheet-items';
import type { Standing } from './sheet-items';
import { toSheetPlan } from './sheet-plan';

type Item = SheetContentDto['items'][number];

/** The notch nearest to a number that is on none, in words; nothing where there are no numbers. */
const nearestTo = (variation: Variation, lever: LeverId, value: LeverValue): string => {
  const steps = variation.levers.find((scale) => scale.lever === lever)?.steps.filter((step) => typeof step === 'number') ?? [];
  if (typeof value !== 'number' || steps.length === 0) return '';
  const [nearest] = [...steps].sort((a, b) => Math.abs(a - value) - Math.abs(b - value));
  return `: the nearest is ${nearest}`;
};

/** What is wrong with an exercise as it was sent: unknown, a setting off its scale, or new and locked for the person. */
const problemsOf = (input: SheetInput, item: Item, at: number, isNew: boolean): { path: string; message: string }[] => {
  const path = `body.content.items.${at}`;
  const variation = findVariation(input.context.catalogue, item.variationId);
  if (!variation) return [{ path: `${path}.variationId`, message: 'is not in the catalogue' }];
  const offScale = checkValues(variation, item.values).map(({ lever, value, reason }) => ({
    path: `${path}.values.${lever}`,
    message:
      reason === 'no-such-lever'
        ? 'is not a setting of this movement'
        : `is not on its scale${nearestTo(variation, lever, value)}`,
  }));
  const access = accessTo(variation, input.context);
  const isLocked = isNew && access.state === 'locked' && !access.isKit;
  const capKg = loadCapFor(variation, input.context.limits);
  const isAbove = capKg !== null && item.dose.load.externalKg > capKg;
  return [
    ...offScale,
    ...(isLocked ? [{ path: `${path}.variationId`, message: 'is locked for this person' }] : []),
    ...(isAbove ? [{ path: `${path}.dose.load.externalKg`, message: aboveCap(capKg) }] : []),
  ];
};

/** Why a load is too much: more than was cleared, or anything at all before it may be loaded. */
const aboveCap = (capKg: number): string =>
  capKg === 0
    ? 'must be 0 kg: nothing is loaded before pregnancy, heart and pressure, operation and pain are asked, or after a birth before a clearance'
    : `must be at most ${capKg} kg: that is what was cleared`;

const isSameValues = (a: object, b: object): boolean =>
  JSON.stringify(Object.entries(a).sort()) === JSON.stringify(Object.entries(b).sort());

/** Whether anything but numbers differs: other exercises, another order, other blocks. */
const isRearranged = (sheet: SheetRow, stored: readonly SheetItemRow[], content: SheetContentDto): boolean =>
  JSON.stringify(sheet.blocks) !== JSON.stringify(content.blocks) ||
  JSON.stringify(stored.map(({ id, blockId, variationId }) => [id, blockId, variationId])) !==
    JSON.stringify(content.items.map(({ id, blockId, variationId }) => [id, blockId, variationId]));

/** Refuses exercises that stand on another sheet: an id is one sheet's. */
const refuseForeignItems = async (scope: Scope, sheet: SheetRow, content: SheetContentDto): Promise<void> => {
  const ids = content.items.map(({ id }) => id);
  const elsewhere = (await scope.all('sheetItems', { id: ids })).filter(({ sheetId }) => sheetId !== sheet.id);
  if (elsewhere.length === 0) return;
  const foreign = new Set(elsewhere.map(({ id }) => id));
  const fields = ids.flatMap((id, at) =>
    foreign.has(id) ? [{ path: `body.content.items.${at}.id`, message: 'stands on another sheet' }] : [],
  );
  throw new AppError('id-in-use', 'Some of these exercises stand on another sheet.', fields);
};

/**
 * Stores a whole sheet as the trainer arranged it. What Drubo proposes for each exercise, and why, is worked out here;
 * what the trainer set stands beside it.
 */
export const saveContent = async (
  scope: Scope,
  context: Context,
  file: PersonFile,
  sheet: SheetRow,
  content: SheetContentDto,
  timeZone: string,
): Promise<SheetRow> => {
  const { person } = file;
  if (content.kitId !== null) await findKit(scope, content.kitId);
  const { composing, catalogue } = await composingOf(scope, file, localDateOf(context.clock.now(), timeZone), sheet);
  const input = inputAt(composing, catalogue, content.kitId);
  const stored = await itemsOf(scope, sheet.id);
  const known = (item: Item) => stored.find(({ id, variationId }) => id === item.id && variationId === item.variationId);
  const problems = content.items.flatMap((item, at) => problemsOf(input, item, at, !known(item)));
  await refuseForeignItems(scope, sheet, content);
  if (problems.length > 0) {
    throw new AppError('locked-movement', 'Some exercises can’t be prescribed like this.', problems);
  }
  const since = sinceAgreed(input, toSheetPlan(sheet, stored));
  const rows = content.items.map((item, position) => {
    const row = known(item);
    const role = content.blocks.find(({ id }) => id === item.blockId)?.role ?? 'main';
    const start = { variationId: item.variationId, values: item.values, reasons: item.chosenWhy };
    const isSame = row && isSameValues(row.values, item.values);
    const at = { id: item.id, sheetId: sheet.id, position, blockId: item.blockId, isOwn: isSame ? row.isOwn : true };
    // What Drubo itself proposes since the sheet was agreed is taken with its reasons, and is no edit.
    const taken = since.find(
      ({ itemId, after }) =>
        itemId === item.id && after !== null && isSameDose(after.dose, item.dose) && isSameValues(after.values, item.values),
    )?.after;
    if (taken) return { ...at, ...planRow(taken, at), isOwn: row?.isOwn ?? false };
    const planned = asShaped(
      input,
      planItem(input, { slot: item.slot, role, intent: content.intent }, start),
      content.shape,
      item.dose,
    );
    // An exercise that only takes on another shape as Drubo has it is no edit.
    const isShapedAnew = content.shape !== sheet.shape && isSameDose(planned.dose, item.dose);
    const base = isSame && !isShapedAnew ? { ...row, ...at, removed: false } : asRow(planned, at);
    const { method, methodChosen, values, dose, slot, feelers } = item;
    return { ...withoutStudio(base), slot, values, dose, feelers, ...(methodChosen ? { method, methodChosen } : {}) };
  });
  const { items: _, forPlan = false, ...shape } = content;
  const isShaped = sheet.isShaped || isRearranged(sheet, stored, content);
  // Another shape, place or length is for this day alone unless it is said to be for every time.
  const { planned } = composing;
  const role = planned?.role ?? roleOf(content.splitDay);
  const usual = await usualDay(scope, person, input);
  const isUsual = planned?.isHistory !== true && roleAmong({ ...usual, kitId: kitOfDay(planned, usual.kitId) }, content) !== null;
  const dayRole = forPlan || isUsual ? role : null;
  const saved = { ...shape, dayRole, isShaped, version: sheet.version + 1, gaveUp: isShaped ? [] : sheet.gaveUp };
  await writeItems(scope, sheet.id, rows);
  await scope.update('sheets', saved, { id: sheet.id });
  return { ...sheet, ...saved };
};

const planRow = ({ chosenWhy, ...item }: SheetItem, at: Standing) => ({
  ...item,
  ...at,
  removed: false,
  chosenWhy: [...chosenWhy],
});

const withoutStudio = <Row extends object>(row: Row): Omit<Row, 'studioId'> => {
  const { studioId: _, ...rest } = row as Row & { studioId?: string };
  return rest;
};
