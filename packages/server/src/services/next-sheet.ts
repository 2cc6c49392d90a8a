import type { ComposingDto } from '@drubo/contracts';
import { dayNumber, isSameDose } from '@drubo/core';
import { carrySheet, compose, usualShape } from '@drubo/core/composing';
import type { Carried, Content, LeftOff, SheetInput, WaitingItem } from '@drubo/core/composing';
import type { Context } from '../context';
import type { PersonRow, SheetItemRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { composingOf, inputAt } from './composing-of';
import { localDateOf } from './local-date';
import { asRow, itemsOf, writeItems } from './sheet-items';

/** The sheet a person will do or is doing. */
export const openSheet = (scope: Scope, personId: string): Promise<SheetRow | null> =>
  scope.one('sheets', { personId, state: ['next', 'started'] });

type NewRow = Omit<SheetItemRow, 'studioId'>;

const waiting = (row: SheetItemRow): WaitingItem => ({
  id: row.id,
  blockId: row.blockId,
  slot: row.slot,
  variationId: row.variationId,
  values: row.leverValues,
  dose: row.dose,
  feelers: row.feelers,
  isOwn: row.isOwn,
  chosenWhy: row.chosenWhy,
});

/** An exercise planned again over the row that stands there: numbers and a method set by hand stay as they are. */
const over = (stored: SheetItemRow | undefined, planned: NewRow): NewRow => {
  if (!stored || stored.variationId !== planned.variationId) return planned;
  const isEdited = !isSameDose(stored.dose, stored.proposed);
  return {
    ...planned,
    ...(isEdited ? { dose: stored.dose } : {}),
    ...(stored.methodChosen ? { method: stored.method, methodChosen: true } : {}),
  };
};

/** The rows of a sheet planned again. */
const carriedRows = (sheetId: string, { content, planned }: Carried, stored: readonly SheetItemRow[]): NewRow[] =>
  content.items.flatMap((item, position) => {
    const plan = planned.get(item.id);
    if (!plan) return [];
    const row = stored.find(({ id }) => id === item.id);
    const at = { id: item.id, sheetId, position, blockId: item.blockId, isOwn: row?.isOwn ?? false };
    return [over(row, asRow(plan, at))];
  });

/** A sheet's shape and exercises as they are stored. */
type Made = Pick<
  SheetRow,
  'shape' | 'intent' | 'splitDay' | 'minutesBudget' | 'kitId' | 'blocks' | 'isShaped' | 'gaveUp' | 'leftOff'
> & {
  rows: NewRow[];
};

/** A session composed anew, in the shape of the last one; the other day of a split. */
const composed = (
  context: Context,
  sheetId: string,
  input: SheetInput,
  composing: ComposingDto,
  before: SheetRow | null,
): Made => {
  const minutes = before?.minutesBudget ?? composing.minutes;
  const shape = before?.shape ?? usualShape(input, minutes);
  const splitDay = shape === 'two-day-split' ? (before?.splitDay === 'a' ? 'b' : 'a') : null;
  const made = compose(input, { shape, minutes, ...(splitDay ? { splitDay } : {}) });
  return {
    shape,
    intent: 'build',
    splitDay,
    minutesBudget: before?.minutesBudget ?? null,
    kitId: before?.kitId ?? null,
    blocks: made.blocks,
    isShaped: false,
    gaveUp: made.gaveUp,
    leftOff: made.left,
    rows: made.items.map((item, position) =>
      asRow(item, { id: context.newId(), sheetId, position, blockId: item.blockId, isOwn: false }),
    ),
  };
};

/** The arrangement of an earlier sheet for the next time: movements follow their tracks, what was left out stays off. */
const again = (context: Context, sheetId: string, input: SheetInput, before: SheetRow, items: readonly SheetItemRow[]): Made => {
  const kept = items.flatMap((row): WaitingItem[] => {
    const track = input.tracks.find(({ slot }) => slot === row.slot);
    if (track?.leftOut) return [];
    const moved = track ? { variationId: track.variationId, values: track.values } : {};
    return [{ ...waiting(row), ...moved, id: context.newId(), isOwn: row.isOwn || track?.variationId === row.variationId }];
  });
  const content: Content<WaitingItem> = { blocks: before.blocks, items: kept };
  const carried = carrySheet(input, content, true, () => context.newId());
  const { shape, splitDay, minutesBudget, kitId } = before;
  return {
    shape,
    intent: 'build',
    splitDay,
    minutesBudget,
    kitId,
    blocks: [...carried.content.blocks],
    isShaped: true,
    gaveUp: [],
    leftOff: carried.left,
    rows: carriedRows(sheetId, carried, []),
  };
};

/** What the next sheet is made after: the last one done, or of a split the last of its other day. */
const beforeNext = async (scope: Scope, personId: string): Promise<{ last: SheetRow | null; pattern: SheetRow | null }> => {
  const done = await scope.all('sheets', { personId, state: 'done' }, { order: [['createdAt', 'DESC']], limit: 8 });
  const [last] = done;
  if (last?.shape !== 'two-day-split') return { last: last ?? null, pattern: last ?? null };
  const pattern = done.find(({ shape, splitDay }) => shape === 'two-day-split' && splitDay !== last.splitDay);
  return { last, pattern: pattern ?? null };
};

/**
 * Makes the person's next sheet. There must be no open one. A copy kept for the day comes first; a sheet the trainer
 * arranged by hand comes again with new numbers; otherwise the session is composed.
 */
export const makeNextSheet = async (scope: Scope, context: Context, person: PersonRow, timeZone: string): Promise<SheetRow> => {
  const now = context.clock.now();
  const plannedOn = localDateOf(now, timeZone);
  const { composing, catalogue } = await composingOf(scope, context, person, plannedOn);
  const copy = await copyFor(scope, person.id, composing.trainsOn);
  if (copy) {
    await scope.update('sheets', { state: 'next', forDate: null }, { id: copy.id });
    await replanSheet(scope, context, person, timeZone);
    return { ...copy, state: 'next' };
  }
  const { last, pattern } = await beforeNext(scope, person.id);
  const id = context.newId();
  const input = inputAt(composing, catalogue, last?.kitId ?? null);
  const { rows, ...made } = pattern?.isShaped
    ? again(context, id, input, pattern, await itemsOf(scope, pattern.id))
    : composed(context, id, input, composing, last);
  const sheet = {
    id,
    personId: person.id,
    version: 1,
    attempt: 0,
    state: 'next' as const,
    createdAt: now.toISOString(),
    plannedOn,
    forDate: null,
    ...made,
  };
  await scope.insert('sheets', sheet);
  await scope.insertAll('sheetItems', rows);
  return { ...sheet, studioId: scope.studioId };
};

/** The copy that waits for the day somebody trains next, or for one before it. */
const copyFor = async (scope: Scope, personId: string, trainsOn: number): Promise<SheetRow | null> => {
  const [copy] = await scope.all('sheets', { personId, state: 'later' }, { order: [['forDate', 'ASC']], limit: 1 });
  return copy?.forDate && dayNumber(copy.forDate) <= trainsOn ? copy : null;
};

/** A waiting sheet as it would be planned today. Days pass, a lay-off begins, a clearance ends without anybody writing. */
export const sheetAsOf = async (
  scope: Scope,
  context: Context,
  sheet: SheetRow,
  stored: readonly SheetItemRow[],
  person: PersonRow,
  today: string,
): Promise<{ items: readonly SheetItemRow[]; leftOff: readonly LeftOff[] }> => {
  if (sheet.state !== 'next' || sheet.plannedOn === today) return { items: stored, leftOff: sheet.leftOff };
  const { composing, catalogue } = await composingOf(scope, context, person, today);
  const content = { blocks: sheet.blocks, items: stored.map(waiting) };
  const carried = carrySheet(inputAt(composing, catalogue, sheet.kitId), content, sheet.isShaped, (slot) => slot);
  const items = carriedRows(sheet.id, carried, stored).filter((row) => stored.some(({ id }) => id === row.id));
  return { items: items.map((row) => ({ ...row, studioId: sheet.studioId })), leftOff: offBefore(sheet, carried.left) };
};

/** What is off a sheet now: what the planning says today, and what the minutes never held. */
const offBefore = ({ leftOff }: SheetRow, left: readonly LeftOff[]): LeftOff[] => [
  ...left,
  ...leftOff.filter(
    ({ slot, reasons }) =>
      reasons.some(({ code }) => code === 'left-for-minutes' || code === 'rests-48h') && !left.some((off) => off.slot === slot),
  ),
];

/**
 * Plans a waiting sheet again after tracks, kit or person changed, or a day has passed. What the trainer arranged or
 * edited by hand stays; a sheet that was started is a snapshot and is left alone. Somebody who never trained gets their
 * first session composed anew, as each answer may change it.
 */
export const replanSheet = async (
  scope: Scope,
  context: Context,
  person: PersonRow,
  timeZone: string,
  mayCompose = false,
): Promise<void> => {
  const sheet = await openSheet(scope, person.id);
  if (!sheet || sheet.state !== 'next') return;
  const today = localDateOf(context.clock.now(), timeZone);
  const stored = await itemsOf(scope, sheet.id);
  const { composing, catalogue } = await composingOf(scope, context, person, today);
  const input = inputAt(composing, catalogue, sheet.kitId);
  const isFirst = composing.stage.sessionsDone === 0 && composing.tracks.length === 0;
  const version = sheet.version + 1;
  if (!sheet.isShaped && (isFirst || mayCompose) && !stored.some((row) => !isSameDose(row.dose, row.proposed))) {
    const { rows, ...made } = composed(context, sheet.id, input, composing, isFirst ? null : sheet);
    // An exercise that stays keeps its id, so that what points at it stays right.
    const same = rows.map((row) => {
      const known = stored.find(({ slot, variationId }) => slot === row.slot && variationId === row.variationId);
      return known ? over(known, { ...row, id: known.id }) : row;
    });
    await writeItems(scope, sheet.id, same);
    await scope.update('sheets', { ...made, version, plannedOn: today }, { id: sheet.id });
    return;
  }
  const content = { blocks: sheet.blocks, items: stored.map(waiting) };
  const carried = carrySheet(input, content, sheet.isShaped, () => context.newId());
  await writeItems(scope, sheet.id, carriedRows(sheet.id, carried, stored));
  const blocks = [...carried.content.blocks];
  await scope.update('sheets', { version, plannedOn: today, blocks, leftOff: offBefore(sheet, carried.left) }, { id: sheet.id });
};
