import { AppError } from '../shared/errors';
import type { PersonFile } from './person-file';
import { personPicture } from './person-picture';

/** Refuses to begin a session for somebody a clinician has to see first. */
export const refuseHeld = async (file: PersonFile, date: string): Promise<void> => {
  const { health } = await personPicture(file, date);
  if (health.state === 'see-clinician-first') {
    throw new AppError(
      'person-held',
      `${file.person.name} has to be seen by a clinician first. Record who cleared them, for what, until when.`,
    );
  }
};
