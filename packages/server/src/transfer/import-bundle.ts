import { bundle, upgradeBundle } from '@drubo/contracts/bundle';
import type { Context } from '../context';
import { AppError } from '../shared/errors';
import { fieldsOf } from '../shared/fields-of';
import { impossibleSets } from './impossible-sets';

/** Rows written at once; keeps one statement under SQLite's limit of bound values. */
const CHUNK = 200;

/** Where a bundle is loaded into, and when. */
export type ImportTarget = Pick<Context, 'db' | 'clock'>;

/**
 * Loads a bundle into a server that has no studio yet: all of it or nothing. The trainers come without passwords.
 * Throws `invalid-input` naming every bad field.
 */
export const importBundle = async (context: ImportTarget, file: unknown): Promise<void> => {
  const parsed = bundle.safeParse(upgradeBundle(file));
  if (!parsed.success) throw new AppError('invalid-input', 'This is not a Drubo bundle.', fieldsOf(parsed.error, 'bundle'));
  const { studio, trainers, kits, people, intakes, records, bookings } = parsed.data;
  const { sheets, sessions, sessionRecords, sets, tracks, standings, plans, templates, movements, decisions } = parsed.data;
  const { tombstones, withdrawals, exportedAt } = parsed.data;
  const wrong = impossibleSets(parsed.data);
  if (wrong.length > 0) throw new AppError('invalid-input', 'Some sets in this file can’t have been done.', wrong);
  const createdAt = context.clock.now().toISOString();
  const [firstTrainer] = trainers;
  if (!firstTrainer)
    throw new AppError('invalid-input', 'A studio needs a trainer.', [{ path: 'bundle.trainers', message: 'is empty' }]);
  if (!trainers.some(({ role, removedAt }) => role === 'owner' && removedAt === null)) {
    throw new AppError('invalid-input', 'A studio needs an owner.', [{ path: 'bundle.trainers', message: 'has no owner' }]);
  }
  await context.db.write(studio.id, async (scope) => {
    const { id: _, ...details } = studio;
    await scope.saveStudio({ ...details, version: 1, createdAt });
    await scope.insertAll(
      'trainers',
      trainers.map((trainer) => ({ ...trainer, passwordHash: null, createdAt })),
    );
    await scope.insertAll('kits', kits);
    const inChunks = async <Row>(rows: readonly Row[], put: (chunk: readonly Row[]) => Promise<void>) => {
      for (let at = 0; at < rows.length; at += CHUNK) await put(rows.slice(at, at + CHUNK));
    };
    await inChunks(people, (rows) => scope.insertAll('people', rows));
    await inChunks(
      // When each was saved isn't in the file; not after it was made.
      intakes.map((row) => ({ ...row, savedAt: exportedAt })),
      (rows) => scope.insertAll('intakes', rows),
    );
    await inChunks(
      records.map((row) => ({ ...row, kind: row.fields.kind })),
      (rows) => scope.insertAll('personRecords', rows),
    );
    await inChunks(bookings, (rows) => scope.insertAll('bookings', rows));
    await inChunks(
      sheets.map(({ items: _, ...sheet }) => ({ ...sheet, leftOff: [], gaveUp: [], plannedMinutes: null })),
      (rows) => scope.insertAll('sheets', rows),
    );
    const items = sheets.flatMap((sheet) =>
      sheet.items.map(({ chosenWhy, ...item }) => ({
        ...item,
        chosenWhy: [...chosenWhy],
        sheetId: sheet.id,
      })),
    );
    await inChunks(items, (rows) => scope.insertAll('sheetItems', rows));
    await inChunks(sessions, (rows) => scope.insertAll('sessions', rows));
    await inChunks(
      sessionRecords.map((row) => ({ ...row, kind: row.fields.kind })),
      (rows) => scope.insertAll('sessionRecords', rows),
    );
    await inChunks(sets, (rows) => scope.insertAll('setRevisions', rows));
    await inChunks(
      tracks.map((track) => ({ ...track, estimatorState: null })),
      (rows) => scope.insertAll('tracks', rows),
    );
    await inChunks(standings, (rows) => scope.insertAll('standings', rows));
    await inChunks(
      plans.map((row) => ({ ...row, blockId: row.plan?.block.id ?? null })),
      (rows) => scope.insertAll('planRevisions', rows),
    );
    await inChunks(templates, (rows) => scope.insertAll('templates', rows));
    await inChunks(
      movements.map(({ id, revision, retired, savedAt, ...fields }) => ({ id, revision, retired, savedAt, fields })),
      (rows) => scope.insertAll('movements', rows),
    );
    await inChunks(
      decisions.map((decision) => ({ ...decision, trainerId: decision.trainerId ?? firstTrainer.id })),
      (rows) => scope.insertAll('decisions', rows),
    );
    await inChunks(tombstones, (rows) => scope.insertAll('tombstones', rows));
    await inChunks(withdrawals, (rows) => scope.insertAll('withdrawals', rows));
  });
};
