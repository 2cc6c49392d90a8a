import type { KitId, PersonId } from '@drubo/core/vocabulary';
import { placeSafetyOf, sheetInputOf } from '@drubo/contracts';
import type { ComposingDto, KitDto } from '@drubo/contracts';
import { addDays, dayNumber, daysBetween, roomOf } from '@drubo/core';
import { getVariation } from '@drubo/core/catalogue';
import type { Catalogue } from '@drubo/core/catalogue';
import { recentWork } from '@drubo/core/composing';
import { ownPace } from '@drubo/core/dose';
import type { PlannedFor, SheetInput } from '@drubo/core/composing';
import { askOf, dayOfKey, findDay, nextDay } from '@drubo/core/weeks';
import type { Plan, PlanTrained } from '@drubo/core/weeks';
import type { SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { judgeContext } from './judge-context';
import type { PersonFile } from './person-file';
import { personPicture } from './person-picture';

/** Days back that the week's targets and the days kept apart look at. */
const RECENT_DAYS = 10;

/** The plan's day a sheet is for: the sheet's own, or for one to be made the next that is undone. */
export type ForDay = { planDay: string | null } | 'next';

/** What the plan has for that day; null: nothing. */
const plannedDay = async (file: PersonFile, of: ForDay, today: number): Promise<{ planned: PlannedFor; day: number } | null> => {
  const { plan, trained } = await file.plan();
  if (!plan) return null;
  const found = of === 'next' ? nextDay(plan, trained, today) : dayOfSheet(plan, of.planDay, trained, today);
  if (!found) return null;
  const { block, day } = found;
  return { planned: askOf(plan, block, day, file.person.goal, trained), day: day.day };
};

/** The day of the plan a sheet stands for, where what follows from what was missed puts it. */
const dayOfSheet = (plan: Plan, planDay: string | null, trained: readonly PlanTrained[], today: number) => {
  const dayId = dayOfKey(plan.block, planDay);
  if (dayId === null) return null;
  const next = nextDay(plan, trained, today);
  return findDay(next?.block ?? plan.block, dayId) ?? findDay(plan.block, dayId);
};

/** The day somebody trains next: a booking not done yet, else the plan's, else in two days when they trained just now, else today. */
const nextTraining = async (
  scope: Scope,
  personId: PersonId,
  today: string,
  lastDay: string | undefined,
  planned: number | null,
): Promise<string> => {
  const bookings = await scope.all('bookings', { personId, cancelled: false }, { order: [['date', 'ASC']] });
  const from = lastDay !== undefined && lastDay >= today ? addDays(today, 1) : today;
  const booked = bookings.find(({ date }) => date >= from)?.date;
  if (booked !== undefined) return booked;
  if (planned !== null && planned >= dayNumber(from)) return addDays(from, planned - dayNumber(from));
  return lastDay !== undefined && daysBetween(lastDay, today) < 2 ? addDays(lastDay, 2) : today;
};

/** Sessions a person's pace is learned from, and how far from the plan one may be before it says nothing. House defaults. */
const PACE = { sessions: 10, least: 0.4, most: 2.5 } as const;

/** Real over planned time of the last sessions that were logged as they ran. */
const paceOf = async (scope: Scope, done: readonly SessionRow[]): Promise<number> => {
  const timed = done.filter(({ entry, finishedAt }) => entry === 'live' && finishedAt !== null).slice(-PACE.sessions);
  const sheets = new Map(
    (await scope.all('sheets', { id: timed.map(({ sheetId }) => sheetId) })).map(({ id, plannedMinutes }) => [
      id,
      plannedMinutes,
    ]),
  );
  return ownPace(
    timed.flatMap(({ sheetId, startedAt, finishedAt, minutes }) => {
      const plannedMinutes = sheets.get(sheetId) ?? null;
      const realMinutes = minutes ?? (Date.parse(finishedAt ?? startedAt) - Date.parse(startedAt)) / 60_000;
      if (plannedMinutes === null) return [];
      const ratio = realMinutes / plannedMinutes;
      return ratio >= PACE.least && ratio <= PACE.most ? [{ plannedMinutes, realMinutes }] : [];
    }),
  );
};

/** Everything a person's session is composed from, on a day. */
export const composingOf = async (
  scope: Scope,
  file: PersonFile,
  today: string,
  of: ForDay = 'next',
): Promise<{ composing: ComposingDto; catalogue: Catalogue }> => {
  const { person } = file;
  const [picture, history, done, kits] = await Promise.all([
    personPicture(file, today),
    file.historyBefore(null),
    file.sessionsDone(),
    file.kits(),
  ]);
  const judged = await judgeContext(file, picture, { history, day: dayNumber(today) });
  const [firstDay, lastDay] = [done[0]?.date ?? today, done.at(-1)?.date];
  const usual = kits.find(({ id }) => id === picture.kit.id);
  const placeOf = (kit: KitDto) => ({
    kit,
    safety: placeSafetyOf(
      kit,
      picture.intake.places.find(({ kitId }) => kitId === kit.id),
    ),
  });
  const fromDay = dayNumber(today) - RECENT_DAYS;
  const plan = await plannedDay(file, of, dayNumber(lastDay !== undefined && lastDay >= today ? addDays(today, 1) : today));
  return {
    catalogue: judged.catalogue,
    composing: {
      personId: person.id,
      day: dayNumber(today),
      trainsOn: dayNumber(await nextTraining(scope, person.id, today, lastDay, plan?.day ?? null)),
      fittedTo: judged.person,
      careful: judged.careful ?? [],
      pace: await paceOf(scope, done),
      secondGoal: picture.intake.secondGoal,
      daysPerWeek: picture.intake.daysPerWeek,
      minutes: person.minutes,
      stage: {
        sessionsDone: done.length,
        dayOfTraining: Math.max(0, daysBetween(firstDay, today)),
        daysSinceLast: lastDay === undefined ? null : Math.max(0, daysBetween(lastDay, today)),
      },
      schools: person.schools,
      limits: judged.limits,
      painClearedUpTo: judged.pain.clearedUpTo,
      tracks: await file.tracks(),
      starts: picture.screening?.starts ?? [],
      aids: picture.screening?.aids ?? {},
      drills: picture.screening?.drills ?? [],
      standings: (await file.standings()).map(({ ladderId, rungId, on, by }) => ({ ladderId, rungId, on, by })),
      ...(plan ? { planned: plan.planned } : {}),
      dislikes: picture.intake.dislikes,
      chips: picture.intake.chips,
      recent: recentWork(
        history.movements().flatMap((variationId) =>
          history
            .of(variationId)
            .filter(({ day }) => day >= fromDay)
            .map(({ day, sets }) => ({ day, variation: getVariation(judged.catalogue, variationId), sets })),
        ),
      ),
      pasts: history.movements().map((variationId) => ({ variationId, past: history.of(variationId) })),
      places: [...(usual ? [usual] : []), ...kits.filter(({ id }) => id !== usual?.id)].map(placeOf),
    },
  };
};

/** The same as the core reads it, at a place of the person's; at their usual one where it is gone or none is named. */
export const inputAt = (composing: ComposingDto, catalogue: Catalogue, kitId: KitId | null): SheetInput => {
  const place = composing.places.find(({ kit }) => kit.id === kitId) ?? composing.places[0];
  if (!place) throw new Error(`person ${composing.personId} has nowhere to train`);
  return sheetInputOf(composing, place, catalogue, (kit) => roomOf(kit, kit.items));
};

/** Sessions of a movement that go to a phone: what lies before hardly moves an estimate. */
const PASTS_SENT = 12;

/** What a phone gets to compose with. `onSheet`: movements whose history the sheet itself carries. */
export const forPhone = (composing: ComposingDto, onSheet: readonly string[]): ComposingDto => ({
  ...composing,
  pasts: composing.pasts
    .filter(({ variationId }) => !onSheet.includes(variationId))
    .map(({ variationId, past }) => ({ variationId, past: past.slice(-PASTS_SENT) })),
});
