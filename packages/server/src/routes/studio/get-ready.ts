import { MIGRATION_NAMES } from '../../db/migrations';
import type { Handler } from '../../http/handler';

const HOUR_MS = 3_600_000;

/** Whether the server can do its work. Where it can't write it refuses like any write does: 503, with why. */
export const getReady: Handler<'getReady'> = async (_input, { db, keeper }) => {
  await db.canWrite();
  const covered = keeper.backups()[0]?.coversUntil;
  return {
    status: 'ok' as const,
    schema: MIGRATION_NAMES.at(-1) ?? '',
    freeBytes: keeper.freeBytes(),
    backupAgeHours: covered ? Math.round((Date.now() - covered.getTime()) / HOUR_MS) : null,
  };
};
