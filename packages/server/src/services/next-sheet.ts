import { recordsOf } from '@drubo/contracts';
import { dayNumber, daysBetween, isSameDose } from '@drubo/core';
import { planWholeSheet } from '@drubo/core/judging';
import type { LeftOff, PlannedItem, PlannedSheet } from '@drubo/core/judging';
import type { Context } from '../context';
import type { PersonRow, SheetItemRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { exerciseHistory } from './exercise-history';
import { judgeContext } from './judge-context';
import { localDateOf } from './local-date';
import { personPicture } from './person-picture';
import { tracksOf } from './tracks';

/** Sessions that count as done when asking how new a person is. */
const DONE_STATES = ['finished', 'reviewed'];

const plan = async (scope: Scope, context: Context, person: PersonRow, today: string): Promise<PlannedSheet> => {
  const picture = await personPicture(scope, person, today);
  const done = (await scope.all('sessions', { personId: person.id }, { order: [['startedAt', 'ASC']] })).filter((session) =>
    DONE_STATES.includes(session.state),
  );
  const firstDay = done[0]?.date ?? today;
  const lastDay = done.at(-1)?.date;
  return planWholeSheet({
    context: await judgeContext(scope, context, person, picture),
    starts: picture.screening?.starts ?? [],
    aids: picture.screening?.aids ?? {},
    dislikes: picture.intake.dislikes,
    placed: recordsOf(picture.records, 'placement').map(({ fields: { ladderId, rungId, on } }) => ({ ladderId, rungId, on })),
    minutes: person.minutes,
    tracks: await tracksOf(scope, person.id),
    stage: {
      sessionsDone: done.length,
      dayOfTraining: Math.max(0, daysBetween(firstDay, today)),
      daysSinceLast: lastDay === undefined ? null : Math.max(0, daysBetween(lastDay, today)),
    },
    schools: person.schools,
    day: dayNumber(today),
    pastOf: await exerciseHistory(scope, person.id, null),
  });
};

const asRow = (item: PlannedItem, sheetId: string, position: number, id: string): Omit<SheetItemRow, 'studioId'> => ({
  id,
  sheetId,
  position,
  slot: item.slot,
  variationId: item.variationId,
  leverValues: item.values,
  method: item.method,
  methodChosen: item.methodChosen,
  feelers: item.feelers,
  trackDose: item.trackDose,
  proposed: item.dose,
  dose: item.dose,
  why: item.why,
  chosenWhy: [...item.chosenWhy],
});

/** The sheet a person will do or is doing. */
export const openSheet = (scope: Scope, personId: string): Promise<SheetRow | null> =>
  scope.one('sheets', { personId, state: ['next', 'started'] });

/** Makes the person's next sheet from their tracks. There must be no open one. */
export const makeNextSheet = async (scope: Scope, context: Context, person: PersonRow, timeZone: string): Promise<SheetRow> => {
  const now = context.clock.now();
  const plannedOn = localDateOf(now, timeZone);
  const sheet = {
    id: context.newId(),
    personId: person.id,
    version: 1,
    attempt: 0,
    state: 'next' as const,
    createdAt: now.toISOString(),
    plannedOn,
    leftOff: [] as LeftOff[],
  };
  const { items, left } = await plan(scope, context, person, plannedOn);
  sheet.leftOff = left;
  await scope.insert('sheets', sheet);
  await scope.insertAll(
    'sheetItems',
    items.map((item, position) => asRow(item, sheet.id, position, context.newId())),
  );
  return { ...sheet, studioId: scope.studioId };
};

/** A planned item over the row that stands there: numbers and a method the trainer set by hand stay as they are. */
const over = (stored: SheetItemRow, planned: Omit<SheetItemRow, 'studioId'>): Omit<SheetItemRow, 'studioId'> => {
  const isSameMovement = stored.variationId === planned.variationId;
  const isEdited = isSameMovement && !isSameDose(stored.dose, stored.proposed);
  const isChosen = isSameMovement && stored.methodChosen;
  return {
    ...planned,
    ...(isEdited ? { dose: stored.dose } : {}),
    ...(isChosen ? { method: stored.method, methodChosen: true } : {}),
  };
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
  const { items: planned, left } = await plan(scope, context, person, today);
  const items = stored.flatMap((row): SheetItemRow[] => {
    const at = planned.findIndex((item) => item.slot === row.slot);
    const item = planned[at];
    return item ? [{ ...over(row, asRow(item, sheet.id, at, row.id)), studioId: row.studioId }] : [];
  });
  return { items, leftOff: left };
};

/**
 * Plans a waiting sheet again after tracks, kit or person changed, or a day has passed. What the trainer edited by hand
 * stays as it is; a sheet that was started is a snapshot and is left alone.
 */
export const replanSheet = async (scope: Scope, context: Context, person: PersonRow, timeZone: string): Promise<void> => {
  const sheet = await openSheet(scope, person.id);
  if (!sheet || sheet.state !== 'next') return;
  const today = localDateOf(context.clock.now(), timeZone);
  const stored = await scope.all('sheetItems', { sheetId: sheet.id });
  const { items: planned, left } = await plan(scope, context, person, today);
  if (sheet.attempt > 0 && stored.some((row) => !planned.some((item) => isSameWork(row, item)))) {
    // Sets of a discarded try point at these items. They stay with the old sheet, and a new one takes its place.
    await scope.update('sheets', { state: 'done' }, { id: sheet.id });
    await makeNextSheet(scope, context, person, timeZone);
    return;
  }
  // A discarded try's sets still point at an item, so an item that stays keeps its id.
  for (const [position, item] of planned.entries()) {
    const before = stored.find((row) => row.slot === item.slot);
    const row = asRow(item, sheet.id, position, before?.id ?? context.newId());
    if (!before) await scope.insert('sheetItems', row);
    else {
      const { id, ...values } = over(before, row);
      await scope.update('sheetItems', values, { id });
    }
  }
  for (const row of stored) {
    if (!planned.some((item) => item.slot === row.slot)) await scope.remove('sheetItems', { id: row.id });
  }
  await scope.update('sheets', { version: sheet.version + 1, plannedOn: today, leftOff: left }, { id: sheet.id });
};

const isSameWork = (row: SheetItemRow, item: PlannedItem): boolean =>
  row.slot === item.slot && row.variationId === item.variationId;
