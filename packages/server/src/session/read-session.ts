import type { SessionDetailDto, SessionLineDto } from '@drubo/contracts';
import type { Context } from '../context';
import { toSession } from '../db/mappers/rows';
import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { findPersonFile } from '../person/person-file';
import { findSheet } from '../shared/find';
import { readSheetWith } from '../sheet/read-sheet';
import { sessionRecordsOf } from '../db/queries/session-records';
import { broughtIn } from './brought-in';
import { goneOfSession } from '../db/queries/gone';
import { setCounts, setsOf } from '../db/queries/sets';

/** A session with its sheet and its sets. */
export const readSession = async (scope: Scope, context: Context, row: SessionRow): Promise<SessionDetailDto> => {
  const records = await sessionRecordsOf(scope, row.id);
  const broughtIds = records.flatMap(({ fields }) => broughtIn(fields)?.id ?? []);
  const { sheet, extra } = await readSheetWith(
    scope,
    context,
    await findPersonFile(scope, context, row.personId),
    await findSheet(scope, row.sheetId),
    null,
    broughtIds,
  );
  return {
    session: toSession(row),
    sheet,
    sets: await setsOf(scope, row.id),
    records,
    floorItems: extra,
    gone: await goneOfSession(scope, row.id),
  };
};

/** Sessions as lines of a list, with the person's name and how many sets were done. */
export const sessionLines = async (scope: Scope, rows: readonly SessionRow[]): Promise<SessionLineDto[]> => {
  const people = await scope.all('people', { id: [...new Set(rows.map((row) => row.personId))] });
  const counts = await setCounts(
    scope,
    rows.map((row) => row.id),
  );
  return rows.map((row) => ({
    session: toSession(row),
    personName: people.find((person) => person.id === row.personId)?.name ?? '',
    setsDone: counts.get(row.id) ?? 0,
  }));
};
