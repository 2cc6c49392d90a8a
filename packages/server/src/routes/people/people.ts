import { isSet } from '../../db/where';
import { toPerson } from '../../db/mappers/rows';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { erasePerson as erase } from '../../person/erase-person';
import { checkVersion, findPerson, refuseErased } from '../../shared/find';
import { makeNextSheet, openSheet, replanSheet } from '../../sheet/next-sheet';
import { readPerson } from '../../pages/read-person';
import { noteMeasure } from '../../person/note-measure';
import { runCommand } from '../../shared/run-command';
import { exportBundle } from '../../transfer/export-bundle';

export const listPeople: Handler<'listPeople'> = async ({ query, caller }, context) => {
  const where = query.archived === 'yes' ? { archivedAt: isSet } : { archivedAt: null };
  const rows = await context.db.read(caller.studioId).all('people', where);
  // SQLite folds case for ASCII only, so names are matched and sorted here.
  const wanted = (query.search ?? '').toLocaleLowerCase();
  return rows
    .filter((row) => row.name.toLocaleLowerCase().includes(wanted))
    .sort((a, b) => a.name.localeCompare(b.name))
    .map(toPerson);
};

export const getPerson: Handler<'getPerson'> = async ({ params, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  return readPerson(scope, context, caller, await findPerson(scope, params.personId));
};

export const savePerson: Handler<'savePerson'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'savePerson', params, body }, async (scope) => {
    const { command: _, version, ...fields } = body;
    const id = params.personId;
    await refuseErased(scope, 'people', id);
    const stored = await scope.one('people', { id });
    if (!stored) {
      if (version !== 0) throw new AppError('not-found', 'There is no person with this id here.');
      const createdAt = context.clock.now().toISOString();
      const row = { id, version: 1, ...fields, archivedAt: null, createdAt, loadedBefore: false };
      await scope.insert('people', row);
      await noteMeasure(scope, context, caller, row, null);
      await makeNextSheet(scope, context, { ...row, studioId: scope.studioId }, caller.timeZone);
      return row;
    }
    checkVersion(stored.version, version, 'person');
    const row = { ...stored, ...fields, version: version + 1 };
    await scope.update('people', { ...fields, version: row.version }, { id });
    await noteMeasure(scope, context, caller, row, stored);
    // Loads and reps follow goal, training age and body mass only while nothing has been decided from logs.
    const isRefit =
      stored.goal !== row.goal ||
      stored.trainingAge !== row.trainingAge ||
      stored.massKg !== row.massKg ||
      stored.minutes !== row.minutes;
    if (isRefit && (await openSheet(scope, id))?.state === 'next') await replanSheet(scope, context, row, caller.timeZone, true);
    return toPerson(row);
  });

export const setPersonArchived: Handler<'setPersonArchived'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'setPersonArchived', params, body }, async (scope) => {
    const row = await findPerson(scope, params.personId);
    const archivedAt = body.archived ? (row.archivedAt ?? context.clock.now().toISOString()) : null;
    await scope.update('people', { archivedAt }, { id: row.id });
    return toPerson({ ...row, archivedAt });
  });

export const erasePerson: Handler<'erasePerson'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'erasePerson', params, body }, async (scope) => {
    await erase(scope, (await findPerson(scope, params.personId)).id, context.clock.now().toISOString());
    return { erased: true as const };
  });

export const exportPerson: Handler<'exportPerson'> = async ({ params, caller }, context) => {
  const { id } = await findPerson(context.db.read(caller.studioId), params.personId);
  return exportBundle(context, caller.studioId, id);
};
