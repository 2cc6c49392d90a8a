import { isDrillRole } from '@drubo/core/vocabulary';
import type { PersonId, Verdict } from '@drubo/core/vocabulary';
import { recordsOf } from '@drubo/contracts';
import type { FloorDto, FloorEntryDto, PersonDetailDto } from '@drubo/contracts';
import type { Caller, Context } from '../context';
import { toBooking, toPerson } from '../db/mappers/rows';
import { dayNumber } from '@drubo/core';
import { duesOn } from '@drubo/core/weeks';
import { lighterSigns } from '../person/lighter-signs';
import { planAhead } from '../plan/plan-ahead';
import { readPlan } from '../plan/read-plan';
import type { SessionRow, SheetItemRow, SheetRow } from '../db/models';
import { goneOfPerson } from '../db/queries/gone';
import { lastFaults } from '../db/queries/sets';
import type { Scope } from '../db/scope';
import { localDateOf } from '../shared/local-date';
import type { Work } from '../shared/work';
import { fitWaiting } from '../sheet/fit-waiting';
import { openSheet } from '../sheet/next-sheet';
import { personFile } from '../person/person-file';
import type { PersonFile } from '../person/person-file';
import { personPicture } from '../person/person-picture';
import type { PersonPicture } from '../person/person-picture';
import { readSheet } from '../sheet/read-sheet';
import { sessionLines } from '../session/read-session';
import { itemsOf } from '../sheet/sheet-items';

const LAST_SESSIONS = 12;
const BY_TIME: [string, string][] = [
  ['date', 'ASC'],
  ['time', 'ASC'],
];

/** Each movement's last verdict, of whatever day of a plan. */
const verdictsOf = async (file: PersonFile) => {
  const newest = new Map<string, { verdict: Verdict; on: string }>();
  for (const { variationId, lastDecision } of await file.tracks()) {
    const known = newest.get(variationId);
    if (!lastDecision || (known && known.on >= lastDecision.sessionDate)) continue;
    newest.set(variationId, { verdict: lastDecision.verdict, on: lastDecision.sessionDate });
  }
  return [...newest].map(([variationId, { verdict }]) => ({ variationId, verdict }));
};

/** One person's page. */
export const readPerson = async (scope: Scope, context: Context, caller: Caller, file: PersonFile): Promise<PersonDetailDto> => {
  const row = file.person;
  const sheet = await openSheet(scope, row.id);
  if (!sheet) throw new Error(`person ${row.id} has no open sheet`);
  const today = localDateOf(context.clock.now(), caller.timeZone);
  // None of these waits for another: the database answers one while the last one's rows are read.
  const [nextSheet, bookings, sessions, lastVerdicts, standings, intake, intakeSavedAt, records, gone, kits, later, plan] =
    await Promise.all([
      readSheet(scope, context, file, sheet, today),
      scope.all('bookings', { personId: row.id, cancelled: false }, { order: BY_TIME }),
      scope.all(
        'sessions',
        { personId: row.id, state: ['live', 'finished', 'reviewed'] },
        { order: [['startedAt', 'DESC']], limit: LAST_SESSIONS },
      ),
      verdictsOf(file),
      file.standings(),
      file.intake(),
      file.intakeSavedAt(),
      file.records(),
      goneOfPerson(scope, row.id),
      file.kits(),
      laterSheets(scope, row.id),
      readPlan(scope, file, today),
    ]);
  return {
    person: toPerson(row),
    nextSheet,
    liveSessionId: sessions.find((session) => session.state === 'live')?.id ?? null,
    bookings: bookings.filter((booking) => booking.date >= today).map(toBooking),
    sessions: await sessionLines(scope, sessions),
    lastVerdicts,
    standings,
    intake,
    ...(intakeSavedAt === null ? {} : { intakeSavedAt }),
    records,
    gone,
    kits,
    plan,
    later,
  };
};

/** Copies that wait for their day. */
const laterSheets = async (scope: Scope, personId: PersonId): Promise<PersonDetailDto['later']> => {
  const copies = await scope.all('sheets', { personId, state: 'later' }, { order: [['forDate', 'ASC']] });
  return Promise.all(
    copies.map(async ({ id, forDate, plannedOn }) => ({
      id,
      forDate: forDate ?? plannedOn,
      exercises: (await itemsOf(scope, id)).length,
    })),
  );
};

/** Drills are done before the work; what somebody does today is told by the work. */
const isDrill = ({ blocks }: SheetRow, { blockId }: SheetItemRow): boolean =>
  isDrillRole(blocks.find(({ id }) => id === blockId)?.role);

/** The last fault above a note that was seen in somebody's last session: worth an eye today. */
const lastFaultOf = async (scope: Scope, personId: PersonId): Promise<FloorEntryDto['lastFault']> => {
  for (const { variationId, faults } of await lastFaults(scope, personId)) {
    const broke = faults.find(({ severity }) => severity !== 'note');
    if (broke) return { variationId, faultId: broke.id };
  }
  return null;
};

/** Where a day stands in somebody's plan, and what falls due on it. */
const weeksOn = async (
  { scope }: Work,
  file: PersonFile,
  { date, sheetFor, open }: { date: string; sheetFor: string | null; open: readonly SessionRow[] },
  { health, records }: Pick<PersonPicture, 'health' | 'records'>,
): Promise<Pick<FloorEntryDto, 'ofPlan' | 'dues'>> => {
  const [ahead, done, { plan }] = await Promise.all([planAhead(file, date, sheetFor), file.sessionsDone(), file.plan()]);
  const screenings = recordsOf(records, 'screening').filter(({ fields }) => fields.done);
  const screened = screenings.map(({ fields }) => fields.on).sort();
  const dayOf = (on: string | undefined): number | null => (on === undefined ? null : dayNumber(on));
  const dues = duesOn({
    day: dayNumber(date),
    missed: ahead?.missed ?? 0,
    daysLeft: plan ? (ahead?.daysLeft ?? 0) : null,
    isLighterWeek: ahead?.kind === 'lighter',
    isLighterDue: ahead?.kind === 'loading' && (await lighterSigns(scope, file, date)).length > 0,
    questions: health.questions.length,
    screenedOn: dayOf(screened.at(-1)),
    trainedOn: dayOf(done.at(-1)?.date),
    toReview: open.filter(({ personId, state }) => personId === file.person.id && state === 'finished').length,
  });
  return { ofPlan: ahead, dues };
};

/** A day on the floor. */
export const readFloor = async (work: Work, date: string): Promise<FloorDto> => {
  const { scope, context } = work;
  const bookings = await scope.all('bookings', { date, cancelled: false }, { order: [['time', 'ASC']] });
  const ids = bookings.map((booking) => booking.personId);
  await fitWaiting(work, ids);
  const people = await scope.all('people', { id: ids, archivedAt: null });
  const sheets = await scope.all('sheets', { personId: ids, state: ['next', 'started'] });
  const items = await scope.all(
    'sheetItems',
    { sheetId: sheets.map((sheet) => sheet.id), removed: false },
    { order: [['position', 'ASC']] },
  );
  const open = await scope.all('sessions', { state: ['live', 'finished'] }, { order: [['startedAt', 'DESC']], limit: 50 });
  const doneToday = await scope.all('sessions', { date, state: ['finished', 'reviewed'], personId: ids });
  const entries = await Promise.all(
    bookings
      .flatMap((booking) => {
        const person = people.find((row) => row.id === booking.personId);
        return person ? [{ booking, person }] : [];
      })
      .map(async ({ booking, person }) => {
        const sheet = sheets.find((row) => row.personId === person.id);
        const file = personFile(scope, context, person);
        const { health, records } = await personPicture(file, date);
        const notes = recordsOf(records, 'note').filter(({ fields }) => fields.watch);
        return {
          booking: toBooking(booking),
          person: toPerson(person),
          nextSheet: sheet
            ? {
                id: sheet.id,
                attempt: sheet.attempt,
                items: items
                  .filter((item) => item.sheetId === sheet.id && !isDrill(sheet, item))
                  .map((item) => ({ variationId: item.variationId, sets: item.dose.sets })),
              }
            : null,
          state: health.state,
          watch: notes.map(({ fields }) => fields.text),
          limits: [...health.limits],
          lastFault: await lastFaultOf(scope, person.id),
          liveSessionId: open.find((session) => session.personId === person.id && session.state === 'live')?.id ?? null,
          doneSessionId: doneToday.find((session) => session.personId === person.id)?.id ?? null,
          lastVerdicts: await verdictsOf(file),
          ...(await weeksOn(work, file, { date, sheetFor: sheet?.planDay ?? null, open }, { health, records })),
        };
      }),
  );
  return {
    date,
    entries,
    otherLive: await sessionLines(
      scope,
      open.filter((session) => session.state === 'live' && !people.some((person) => person.id === session.personId)),
    ),
    toReview: await sessionLines(
      scope,
      open.filter((session) => session.state === 'finished'),
    ),
  };
};
