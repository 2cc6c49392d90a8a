import { getVariation } from '@drubo/core/catalogue';
import { loadCapFor } from '@drubo/core/limits';
import type { Caller, Context } from '../context';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../errors';
import { findPerson } from './find';
import { localDateOf } from './local-date';
import { catalogueOf } from './movements';
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

/** Refuses a load above what the person's clearances go to. */
export const refuseAboveClearance = async (
  scope: Scope,
  context: Context,
  caller: Caller,
  personId: string,
  variationId: string,
  externalKg: number,
): Promise<void> => {
  const person = await findPerson(scope, personId);
  const { health } = await personPicture(scope, person, localDateOf(context.clock.now(), caller.timeZone));
  const capKg = loadCapFor(getVariation(await catalogueOf(scope, context), variationId), health.limits);
  if (capKg !== null && externalKg > capKg) {
    throw new AppError('locked-movement', 'The clearance does not go that far.', [
      { path: 'body.dose.load.externalKg', message: `must be at most ${capKg} kg: that is what was cleared` },
    ]);
  }
};
