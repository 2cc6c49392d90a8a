import type { Context } from '../context';
import type { PersonRow, SheetRow } from '../db/models';
import type { Scope } from '../db/scope';
import { localDateOf } from '../shared/local-date';

/** An empty sheet for a session without a plan. It never waits, and no later sheet is made after it. */
export const looseSheet = async (
  scope: Scope,
  context: Context,
  person: PersonRow,
  id: string,
  timeZone: string,
): Promise<SheetRow> => {
  const now = context.clock.now();
  const row = {
    id,
    personId: person.id,
    version: 1,
    attempt: 0,
    state: 'loose' as const,
    createdAt: now.toISOString(),
    plannedOn: localDateOf(now, timeZone),
    leftOff: [],
    shape: 'straight-sets' as const,
    intent: 'build' as const,
    splitDay: null,
    dayRole: null,
    planDay: null,
    minutesBudget: null,
    kitId: null,
    blocks: [],
    isShaped: true,
    forDate: null,
    gaveUp: [],
    plannedMinutes: null,
  };
  await scope.insert('sheets', row);
  return { ...row, studioId: scope.studioId };
};
