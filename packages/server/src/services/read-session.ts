import type { SessionDetailDto, SessionLineDto } from '@drubo/contracts';
import type { Context } from '../context';
import { toSession } from '../db/mappers/rows';
import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { findSheet } from './find';
import { readSheet } from './read-sheet';
import { setsOf } from './sets';

/** A session with its sheet and its sets. */
export const readSession = async (scope: Scope, context: Context, row: SessionRow): Promise<SessionDetailDto> => ({
  session: toSession(row),
  sheet: await readSheet(scope, context, await findSheet(scope, row.sheetId)),
  sets: await setsOf(scope, row.id),
});

/** Sessions as lines of a list, with the person's name and how many sets were done. */
export const sessionLines = async (scope: Scope, rows: readonly SessionRow[]): Promise<SessionLineDto[]> => {
  const people = await scope.all('people', { id: [...new Set(rows.map((row) => row.personId))] });
  const sets = await setsOf(
    scope,
    rows.map((row) => row.id),
  );
  return rows.map((row) => ({
    session: toSession(row),
    personName: people.find((person) => person.id === row.personId)?.name ?? '',
    setsDone: sets.filter((set) => set.sessionId === row.id).length,
  }));
};
