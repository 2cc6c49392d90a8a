import { graveOfHealth } from '../db/queries/withdraw';
import { deleteHealth } from '../person/delete-health';
import { intakeOf } from '../person/intake-of';
import { personFile } from '../person/person-file';
import { findPerson } from '../shared/find';
import type { Operation } from '../shared/work';
import { replanSheet } from '../sheet/next-sheet';

/** Consent is taken back: the health notes go, or they are put away with the person. */
export const withdrawConsent: Operation<'withdrawConsent'> = async ({ scope, context, caller }, { params, body }) => {
  const person = await findPerson(scope, params.personId);
  const at = context.clock.now().toISOString();
  if (body.then === 'archive') {
    const { fields } = await intakeOf(scope, person.id);
    await scope.upsert('intakes', { personId: person.id, fields: { ...fields, consentOn: null }, savedAt: at });
    if (person.archivedAt === null) await scope.update('people', { archivedAt: at }, { id: person.id });
    return { withdrawn: true as const };
  }
  await deleteHealth(scope, person.id, at);
  scope.afterwards(() => context.keeper.noteErased([{ studioId: scope.studioId, id: graveOfHealth(person.id), erasedAt: at }]));
  await replanSheet(scope, context, personFile(scope, context, person), caller.timeZone);
  return { withdrawn: true as const };
};
