import type { PersonId } from '@drubo/core/vocabulary';
import type { Scope } from '../scope';

/** What stands in place of an answer that is no longer kept. */
export const NO_LONGER_KEPT = '';

/** Days an answer is kept for a repeat. What was done by whom stays; what was answered may be somebody's health. */
export const ANSWER_DAYS = 30;

/** What a command was, and what it was answered; null for one that never came. Asked with every write. */
export const knownCommand = async (scope: Scope, id: string): Promise<{ fingerprint: string; reply: string } | null> => {
  const [row] = await scope.select<{ fingerprint: string; reply: string }>(
    'SELECT fingerprint, reply FROM commands WHERE studioId = :studioId AND id = :id',
    { id },
  );
  return row ?? null;
};

/** A write somebody made, as a line. */
export interface Activity {
  at: string;
  what: string;
  trainerName: string;
  personId: PersonId | null;
  personName: string | null;
}

const ACTIVITY = `
  SELECT commands.receivedAt AS at, commands.endpointId AS what, trainers.name AS trainerName,
    people.id AS personId, people.name AS personName
  FROM commands
  JOIN trainers ON trainers.studioId = commands.studioId AND trainers.id = commands.trainerId
  LEFT JOIN people ON people.studioId = commands.studioId AND people.id = commands.personId
  WHERE commands.studioId = :studioId ORDER BY commands.receivedAt DESC, commands.rowid DESC LIMIT :lines`;

/** Who did what to whom, newest first. */
export const activity = (scope: Scope, lines: number): Promise<Activity[]> => scope.select<Activity>(ACTIVITY, { lines });
