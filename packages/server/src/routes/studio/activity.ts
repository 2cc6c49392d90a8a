import type { Handler } from '../../http/handler';

/** How far back the list goes. House default. */
const LINES = 200;

export const getActivity: Handler<'getActivity'> = async ({ caller }, context) => {
  const scope = context.db.read(caller.studioId);
  const rows = await scope.select<{
    at: string;
    what: string;
    trainerName: string;
    personId: string | null;
    personName: string | null;
  }>(
    `SELECT commands.receivedAt AS at, commands.endpointId AS what, trainers.name AS trainerName,
        people.id AS personId, people.name AS personName
      FROM commands
      JOIN trainers ON trainers.studioId = commands.studioId AND trainers.id = commands.trainerId
      LEFT JOIN people ON people.studioId = commands.studioId AND people.id = commands.personId
      WHERE commands.studioId = :studioId ORDER BY commands.receivedAt DESC, commands.rowid DESC LIMIT :lines`,
    { lines: LINES },
  );
  return rows;
};
