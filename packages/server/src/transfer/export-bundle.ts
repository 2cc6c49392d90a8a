import type { PersonId } from '@drubo/core/vocabulary';
import type { Bundle } from '@drubo/contracts/bundle';
import { BUNDLE_VERSION } from '@drubo/contracts/bundle';
import type { Context } from '../context';
import {
  toBooking,
  toKit,
  toMovement,
  toPerson,
  toRecord,
  toSession,
  toSessionRecord,
  toSetRecord,
  toStanding,
  toTrainer,
} from '../db/mappers/rows';

/**
 * Everything of one studio as a bundle, or of one person of it. Passwords, sign-ins and command replies stay behind.
 */
export const exportBundle = async (context: Context, studioId: string, personId: PersonId | null = null): Promise<Bundle> => {
  const scope = context.db.read(studioId);
  const studio = await scope.studio();
  if (!studio) throw new Error(`studio ${studioId} is gone`);
  const ordered = (...columns: string[]) => ({ order: columns.map((column): [string, string] => [column, 'ASC']) });
  const own = personId === null ? {} : { personId };
  const sessions = await scope.all('sessions', own, ordered('id'));
  const sheets = await scope.all('sheets', own, ordered('id'));
  const ofSessions = personId === null ? {} : { sessionId: sessions.map(({ id }) => id) };
  const ofSheets = personId === null ? {} : { sheetId: sheets.map(({ id }) => id) };
  const items = await scope.all('sheetItems', ofSheets, ordered('position'));
  const kits = (await scope.all('kits', {}, ordered('id'))).filter((kit) => !personId || [null, personId].includes(kit.personId));
  return {
    format: 'drubo-bundle',
    version: BUNDLE_VERSION,
    exportedAt: context.clock.now().toISOString(),
    studio: { id: studio.id, name: studio.name, unit: studio.unit, timeZone: studio.timeZone },
    trainers: (await scope.all('trainers', {}, ordered('createdAt', 'id'))).map((row) => ({
      ...toTrainer(row),
      removedAt: row.removedAt,
    })),
    kits: kits.map(toKit),
    people: (await scope.all('people', personId === null ? {} : { id: personId }, ordered('id'))).map((row) => ({
      ...toPerson(row),
      loadedBefore: row.loadedBefore,
    })),
    intakes: (await scope.all('intakes', own, ordered('personId'))).map((row) => ({
      personId: row.personId,
      fields: row.fields,
    })),
    records: (await scope.all('personRecords', own, ordered('id', 'revision'))).map(toRecord),
    bookings: (await scope.all('bookings', own, ordered('id'))).map(toBooking),
    sheets: sheets.map(({ studioId: _, leftOff: ___, gaveUp: ____, plannedMinutes: ______, ...sheet }) => ({
      ...sheet,
      items: items.filter((item) => item.sheetId === sheet.id).map(({ studioId: __, sheetId: _____, ...item }) => item),
    })),
    sessions: sessions.map(toSession),
    sets: (await scope.all('setRevisions', ofSessions, ordered('id', 'revision'))).map(toSetRecord),
    sessionRecords: (await scope.all('sessionRecords', ofSessions, ordered('id', 'revision'))).map(toSessionRecord),
    tracks: (await scope.all('tracks', own, ordered('personId', 'dayRole', 'slot'))).map(
      ({ studioId: _, estimatorState: __, ...track }) => track,
    ),
    standings: (await scope.all('standings', own, ordered('personId', 'ladderId'))).map((row) => ({
      personId: row.personId,
      ...toStanding(row),
    })),
    templates: (await scope.all('templates', {}, ordered('id'))).map(({ studioId: _, ...row }) => row),
    movements: (await scope.all('movements', {}, ordered('id', 'revision'))).map(toMovement),
    decisions: (await scope.all('decisions', ofSessions, ordered('id'))).map(({ studioId: _, ...decision }) => decision),
    tombstones:
      personId === null ? (await scope.all('tombstones', {}, ordered('id'))).map(({ studioId: _, ...grave }) => grave) : [],
  };
};
