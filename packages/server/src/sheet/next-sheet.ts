import type { PersonId } from '@drubo/core/vocabulary';
import { dayNumber } from '@drubo/core';
import { usualShape } from '@drubo/core/composing';
import type { SheetInput } from '@drubo/core/composing';
import { fixedAtStart, kitOfDay, minutesOf, nextSheet, setsPattern, sinceAgreed } from '@drubo/core/loop';
import type { DayOf, MadeAfter, ReviewToSheet, SheetPlan, Since } from '@drubo/core/loop';
import type { ComposingDto } from '@drubo/contracts';
import type { Caller, Context } from '../context';
import type { PersonRow, SheetItemRow, SheetRow } from '../db/models';
import { markFitted } from '../db/queries/unfitted';
import type { Scope } from '../db/scope';
import { isNot, isSet } from '../db/where';
import { composingOf, inputAt } from '../person/composing-of';
import type { PersonFile } from '../person/person-file';
import { rollPlan } from '../person/roll-plan';
import { localDateOf } from '../shared/local-date';
import { itemsOf, writeItems } from './sheet-items';
import { planFields, planRows, toSheetPlan } from './sheet-plan';

/** The sheet a person will do or is doing. */
export const openSheet = (scope: Scope, personId: PersonId): Promise<SheetRow | null> =>
  scope.one('sheets', { personId, state: ['next', 'started'] });

/** Sheets looked back on for the other day of a split. */
const SHEETS_BACK = 8;

/** What the next sheet is made after: the last of the plan's days that was done, or of a split the last of its other day. */
export const madeAfter = async (
  scope: Scope,
  context: Context,
  personId: PersonId,
  composing: ComposingDto,
  waiting: SheetPlan | null,
): Promise<MadeAfter> => {
  const done = await scope.all(
    'sheets',
    { personId, state: 'done', dayRole: isSet },
    { order: [['createdAt', 'DESC']], limit: SHEETS_BACK },
  );
  const last = done.find(setsPattern);
  const role = composing.planned?.role;
  const pattern = role
    ? done.find(({ dayRole }) => dayRole === role)
    : last?.shape === 'two-day-split'
      ? done.find(({ shape, splitDay }) => shape === 'two-day-split' && splitDay !== last.splitDay)
      : last;
  const planOf = async (sheet: SheetRow | undefined) => (sheet ? toSheetPlan(sheet, await itemsOf(scope, sheet.id)) : null);
  return {
    minutes: composing.minutes,
    last: await planOf(last),
    pattern: await planOf(pattern),
    waiting,
    newId: () => context.newId(),
  };
};

/** What the person's days of the plan are like: as the last one done, else as Drubo would begin. */
export const usualDay = async (scope: Scope, person: PersonRow, input: SheetInput): Promise<Omit<DayOf, 'splitDay'>> => {
  const [last] = await scope.all(
    'sheets',
    { personId: person.id, state: 'done', dayRole: isSet, shape: isNot('mobility') },
    { order: [['createdAt', 'DESC']], limit: 1 },
  );
  const { minutes } = person;
  if (!last) return { shape: usualShape(input, minutes), intent: 'build', kitId: null, minutesBudget: minutes };
  return { ...last, minutesBudget: last.minutesBudget ?? minutes };
};

/** Writes a plan over a waiting sheet. */
const writePlan = async (scope: Scope, sheet: SheetRow, plan: SheetPlan, plannedOn: string): Promise<void> => {
  await writeItems(scope, sheet.id, planRows(sheet.id, plan));
  await scope.update('sheets', { ...planFields(plan), version: sheet.version + 1, plannedOn }, { id: sheet.id });
};

/**
 * Makes the person's next sheet. There must be no open one. A copy kept for the day comes first; otherwise it is the loop's
 * to say.
 */
export const makeNextSheet = async (scope: Scope, context: Context, given: PersonFile, caller: Caller): Promise<SheetRow> => {
  const { person } = given;
  const now = context.clock.now();
  const plannedOn = localDateOf(now, caller.timeZone);
  const file = await rollPlan(scope, context, caller, given, plannedOn);
  const { composing, catalogue } = await composingOf(scope, file, plannedOn);
  const copy = await copyFor(scope, person.id, composing.trainsOn);
  if (copy) {
    await scope.update('sheets', { state: 'next', forDate: null }, { id: copy.id });
    return { ...copy, state: 'next', forDate: null };
  }
  const after = await madeAfter(scope, context, person.id, composing, null);
  const input = inputAt(composing, catalogue, kitOfDay(composing.planned, after.last?.kitId ?? null));
  const plan = nextSheet(input, after);
  const sheet = {
    id: context.newId(),
    personId: person.id,
    version: 1,
    attempt: 0,
    state: 'next' as const,
    createdAt: now.toISOString(),
    plannedOn,
    forDate: null,
    plannedMinutes: null,
    ...planFields(plan),
  };
  await scope.insert('sheets', sheet);
  await scope.insertAll('sheetItems', planRows(sheet.id, plan));
  return { ...sheet, studioId: scope.studioId };
};

/** The copy that waits for the day somebody trains next, or for one before it. */
const copyFor = async (scope: Scope, personId: PersonId, trainsOn: number): Promise<SheetRow | null> => {
  const [copy] = await scope.all('sheets', { personId, state: 'later' }, { order: [['forDate', 'ASC']], limit: 1 });
  return copy?.forDate && dayNumber(copy.forDate) <= trainsOn ? copy : null;
};

/** What changed since a waiting sheet was agreed, for the day it is read. Nothing of it is written. */
export const sinceOf = async (
  scope: Scope,
  file: PersonFile,
  sheet: SheetRow,
  stored: readonly SheetItemRow[],
  today: string,
): Promise<readonly Since[]> => {
  if (sheet.state !== 'next') return [];
  const { composing, catalogue } = await composingOf(scope, file, today, sheet);
  return sinceAgreed(inputAt(composing, catalogue, sheet.kitId), toSheetPlan(sheet, stored));
};

/** A waiting sheet as its session starts with it: what safety asks for, and what was taken. It is then a snapshot. */
export const fixAtStart = async (
  scope: Scope,
  file: PersonFile,
  sheet: SheetRow,
  date: string,
  taken: readonly string[],
): Promise<void> => {
  if (sheet.state !== 'next') return;
  const { composing, catalogue } = await composingOf(scope, file, date, sheet);
  const plan = toSheetPlan(sheet, await itemsOf(scope, sheet.id));
  const input = inputAt(composing, catalogue, sheet.kitId);
  const fixed = fixedAtStart(input, plan, taken);
  if (fixed !== plan) await writePlan(scope, sheet, fixed, date);
  await scope.update('sheets', { plannedMinutes: minutesOf({ ...input, pace: 1 }, fixed) }, { id: sheet.id });
};

/**
 * Plans a waiting sheet again where it isn't agreed yet: before the first session each answer may change it. Afterwards what
 * was agreed stands, and only what the trainer does to it, or to where the person stands, is planned in (`byTrainer`).
 */
export const replanSheet = async (
  scope: Scope,
  context: Context,
  file: PersonFile,
  timeZone: string,
  byTrainer = false,
): Promise<void> => {
  const { person } = file;
  await markFitted(scope, person.id);
  const sheet = await openSheet(scope, person.id);
  if (!sheet || sheet.state !== 'next') return;
  const today = localDateOf(context.clock.now(), timeZone);
  const { composing, catalogue } = await composingOf(scope, file, today);
  const isFirst = composing.stage.sessionsDone === 0;
  if (!isFirst && !byTrainer) return;
  const waiting = toSheetPlan(sheet, await itemsOf(scope, sheet.id));
  const after = await madeAfter(scope, context, person.id, composing, waiting);
  const isItsDay = sheet.planDay === (composing.planned?.dayKey ?? null);
  const kitId = isItsDay ? sheet.kitId : kitOfDay(composing.planned, null);
  const next = nextSheet(inputAt(composing, catalogue, kitId), after);
  await writePlan(scope, sheet, { ...next, kitId }, today);
};

/**
 * Writes the next sheet that a review led to over the one that waits. `plan` gets what it is planned from, for any tracks;
 * null leaves the waiting sheet as it is.
 */
export const takeNextSheet = async (
  scope: Scope,
  context: Context,
  file: PersonFile,
  timeZone: string,
  plan: (plannedFrom: ReviewToSheet['plannedFrom'], after: MadeAfter) => Promise<SheetPlan | null>,
): Promise<void> => {
  const { person } = file;
  const open = await openSheet(scope, person.id);
  const sheet = open?.state === 'next' ? open : null;
  const today = localDateOf(context.clock.now(), timeZone);
  const { composing, catalogue } = await composingOf(scope, file, today);
  const waiting = sheet ? toSheetPlan(sheet, await itemsOf(scope, sheet.id)) : null;
  const after = await madeAfter(scope, context, person.id, composing, waiting);
  const isItsDay = sheet?.planDay === (composing.planned?.dayKey ?? null);
  const kitId = isItsDay ? sheet.kitId : kitOfDay(composing.planned, null);
  const input = inputAt(composing, catalogue, kitId);
  const next = await plan((tracks, standings) => ({ ...input, tracks, standings }), after);
  if (sheet && next) await writePlan(scope, sheet, { ...next, kitId }, today);
};
