import { isSameDose, planSheet } from '@drubo/core';
import type { PlannedItem } from '@drubo/core';
import type { Context } from '../context';
import type { PersonRow, SheetItemRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { daysBetween, localDateOf } from './local-date';
import { catalogueOf } from './movements';
import { studioKit } from './studio-kit';
import { tracksOf } from './tracks';

/** Sessions that count as done when asking how new a person is. */
const DONE_STATES = ['finished', 'reviewed'];

const plan = async (scope: Scope, context: Context, person: PersonRow, timeZone: string): Promise<PlannedItem[]> => {
  const done = (await scope.all('sessions', { personId: person.id }, { order: [['startedAt', 'ASC']] })).filter((session) =>
    DONE_STATES.includes(session.state),
  );
  const today = localDateOf(context.clock.now(), timeZone);
  const firstDay = done[0]?.date ?? today;
  return planSheet({
    person: { goal: person.goal, trainingAge: person.trainingAge, massKg: person.massKg },
    tracks: await tracksOf(scope, person.id),
    stage: { sessionsDone: done.length, dayOfTraining: Math.max(0, daysBetween(firstDay, today)) },
    kit: await studioKit(scope),
    catalogue: await catalogueOf(scope, context),
  });
};

const asRow = (item: PlannedItem, sheetId: string, position: number, id: string): Omit<SheetItemRow, 'studioId'> => ({
  id,
  sheetId,
  position,
  slot: item.slot,
  variationId: item.variationId,
  method: item.method,
  trackDose: item.trackDose,
  proposed: item.dose,
  dose: item.dose,
  why: item.why,
});

/** The sheet a person will do or is doing. */
export const openSheet = (scope: Scope, personId: string): Promise<SheetRow | null> =>
  scope.one('sheets', { personId, state: ['next', 'started'] });

/** Makes the person's next sheet from their tracks. There must be no open one. */
export const makeNextSheet = async (scope: Scope, context: Context, person: PersonRow, timeZone: string): Promise<SheetRow> => {
  const sheet = {
    id: context.newId(),
    personId: person.id,
    version: 1,
    attempt: 0,
    state: 'next' as const,
    createdAt: context.clock.now().toISOString(),
  };
  await scope.insert('sheets', sheet);
  const items = await plan(scope, context, person, timeZone);
  await scope.insertAll(
    'sheetItems',
    items.map((item, position) => asRow(item, sheet.id, position, context.newId())),
  );
  return { ...sheet, studioId: scope.studioId };
};

/**
 * Plans a waiting sheet again after tracks, kit or person changed. Numbers the trainer edited by hand stay as they
 * are; a sheet that was started is a snapshot and is left alone.
 */
export const replanSheet = async (scope: Scope, context: Context, person: PersonRow, timeZone: string): Promise<void> => {
  const sheet = await openSheet(scope, person.id);
  if (!sheet || sheet.state !== 'next') return;
  const stored = await scope.all('sheetItems', { sheetId: sheet.id });
  const planned = await plan(scope, context, person, timeZone);
  // A discarded try's sets still point at an item, so an item that stays keeps its id.
  for (const [position, item] of planned.entries()) {
    const before = stored.find((row) => row.slot === item.slot);
    const row = asRow(item, sheet.id, position, before?.id ?? context.newId());
    if (!before) await scope.insert('sheetItems', row);
    else {
      const edited = !isSameDose(before.dose, before.proposed);
      const { id, ...values } = row;
      await scope.update('sheetItems', edited ? { ...values, dose: before.dose } : values, { id });
    }
  }
  for (const row of stored) {
    if (!planned.some((item) => item.slot === row.slot)) await scope.remove('sheetItems', { id: row.id });
  }
  await scope.update('sheets', { version: sheet.version + 1 }, { id: sheet.id });
};
