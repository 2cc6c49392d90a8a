import type { OfflinePackDto } from '@drubo/contracts';
import { addDays } from '@drubo/core';
import { toPerson } from '../db/mappers/rows';
import { peoplePlanned } from '../db/queries/plans';
import { after, between } from '../db/where';
import { GONE_AFTER_DAYS } from '../shared/gone-after';
import { composingOf, forPhone } from '../person/composing-of';
import { personFile } from '../person/person-file';
import { localDateOf } from '../shared/local-date';
import type { Work } from '../shared/work';
import { fitWaiting } from '../sheet/fit-waiting';
import { currentMovements } from '../studio/movements';
import { readFloor, readPerson } from './read-person';
import { readSession } from '../session/read-session';

/** Days ahead whose sheets go along, and the most people one pack carries. House defaults. */
const DAYS_AHEAD = 7;
const MOST_PEOPLE = 60;

/** What a phone needs for a week without a network. */
export const readOfflinePack = async (work: Work): Promise<OfflinePackDto> => {
  const { scope, context, caller } = work;
  const now = context.clock.now();
  const today = localDateOf(now, caller.timeZone);
  const people = await scope.all('people', { archivedAt: null });
  const booked = await scope.all('bookings', {
    cancelled: false,
    date: between(today, addDays(today, DAYS_AHEAD)),
  });
  const live = await scope.all('sessions', { state: 'live' });
  // Who comes goes before whose days are only planned.
  const coming = new Set([...live, ...booked].map((row) => row.personId));
  const planned = new Set(await peoplePlanned(scope));
  const packed = [
    ...people.filter((row) => coming.has(row.id)),
    ...people.filter((row) => !coming.has(row.id) && planned.has(row.id)),
  ].slice(0, MOST_PEOPLE);
  await fitWaiting(
    work,
    packed.map(({ id }) => id),
  );
  const files = packed.map((row) => personFile(scope, context, row));
  const persons = await Promise.all(files.map((file) => readPerson(scope, context, caller, file)));
  const lately = after(addDays(today, -GONE_AFTER_DAYS));
  const graves = await scope.all('tombstones', { kind: ['person', 'sheet', 'session'], erasedAt: lately });
  const withdrawals = await scope.all('withdrawals', { at: lately });
  return {
    madeAt: now.toISOString(),
    people: people.sort((a, b) => a.name.localeCompare(b.name)).map(toPerson),
    floor: await readFloor(work, today),
    persons,
    composing: await Promise.all(
      files.map(async (file, at) => ({
        sheetId: persons[at]?.nextSheet.id ?? '',
        composing: forPhone(
          (
            await composingOf(
              scope,
              file,
              today,
              persons[at]?.nextSheet.planDay === undefined ? 'next' : { planDay: persons[at].nextSheet.planDay },
            )
          ).composing,
          persons[at]?.nextSheet.items.map(({ variationId }) => variationId) ?? [],
        ),
      })),
    ),
    sessions: await Promise.all(live.map((row) => readSession(scope, context, row))),
    movements: await currentMovements(scope),
    erased: graves.map(({ id }) => id),
    withdrawn: withdrawals.map(({ personId, at }) => ({ personId, at })),
  };
};
