import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../shared/errors';
import { personPicture } from './person-picture';

/** Refuses to begin a session for somebody a clinician has to see first. */
export const refuseHeld = async (scope: Scope, person: PersonRow, date: string): Promise<void> => {
  const { health } = await personPicture(scope, person, date);
  if (health.state === 'see-clinician-first') {
    throw new AppError(
      'person-held',
      `${person.name} has to be seen by a clinician first. Record who cleared them, for what, until when.`,
    );
  }
};
