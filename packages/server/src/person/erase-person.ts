import type { PersonId } from '@drubo/core/vocabulary';
import type { TombstoneRow } from '../db/models';
import type { Scope } from '../db/scope';

/**
 * Deletes a person and everything that hangs from them for good, and leaves tombstones so that an id in some phone's
 * queue answers 410. Stored command replies that carry the person's data go too.
 */
export const erasePerson = async (scope: Scope, personId: PersonId, erasedAt: string): Promise<void> => {
  const [bookings, sheets, sessions, kits] = await Promise.all([
    scope.all('bookings', { personId }),
    scope.all('sheets', { personId }),
    scope.all('sessions', { personId }),
    scope.all('kits', { personId }),
  ]);
  const graves: Omit<TombstoneRow, 'studioId'>[] = [
    { id: personId, kind: 'person', erasedAt },
    ...bookings.map(({ id }) => ({ id, kind: 'booking' as const, erasedAt })),
    ...sheets.map(({ id }) => ({ id, kind: 'sheet' as const, erasedAt })),
    ...sessions.map(({ id }) => ({ id, kind: 'session' as const, erasedAt })),
    ...kits.map(({ id }) => ({ id, kind: 'kit' as const, erasedAt })),
  ];
  await scope.insertAll('tombstones', graves);
  const erased = new Set(graves.map((grave) => grave.id));
  for (const command of await scope.all('commands', {})) {
    if (erased.has(command.personId ?? '') || mentions(command.reply, erased)) await scope.remove('commands', { id: command.id });
  }
  await scope.remove('kits', { personId });
  await scope.remove('people', { id: personId });
};

/** Whether any string inside a stored reply is one of the ids. */
const mentions = (value: unknown, ids: ReadonlySet<string>): boolean => {
  if (typeof value === 'string') return ids.has(value);
  if (value === null || typeof value !== 'object') return false;
  return Object.values(value).some((inner) => mentions(inner, ids));
};
