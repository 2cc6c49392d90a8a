import { addDays, dayNumber, daysBetween } from '@drubo/core';
import { fieldsOfKind } from '@drubo/contracts';
import { asksForStrength, heldPossible, lighterDue } from '@drubo/core/weeks';
import type { Reason } from '@drubo/core/vocabulary';
import { sessionRecordsOf } from '../db/queries/session-records';
import type { Scope } from '../db/scope';
import { doneBy } from './exercise-history';
import { judgeContext } from './judge-context';
import type { PersonFile } from './person-file';
import { personPicture } from './person-picture';

/** Weeks of pain that are compared. */
const WEEKS = 3;
/** Sessions whose check-ins are looked at. */
const CHECK_INS = 6;

/** Why somebody's next week should be a lighter one, by strength, sleep and pain of the last weeks; empty: it should not. */
export const lighterSigns = async (scope: Scope, file: PersonFile, today: string): Promise<Reason[]> => {
  const [picture, history, done] = await Promise.all([personPicture(file, today), file.historyBefore(null), file.sessionsDone()]);
  const since = addDays(today, -7 * WEEKS);
  const lately = done.filter(({ date }) => date > since);
  if (lately.length === 0) return [];
  const records = await sessionRecordsOf(
    scope,
    done.slice(-CHECK_INS).map(({ id }) => id),
  );
  const poorSleeps = fieldsOfKind(records, 'check-in').flatMap(({ answers }) =>
    answers.sleep === null ? [] : [answers.sleep === 'short'],
  );
  const exercises = doneBy(await file.catalogue(), history);
  const pains = new Map<string, number>();
  for (const { past } of exercises) {
    for (const { sessionId, sets } of past) {
      const worst = Math.max(pains.get(sessionId) ?? 0, ...sets.map(({ jointPain }) => jointPain ?? 0));
      pains.set(sessionId, worst);
    }
  }
  const weeklyPains = Array.from({ length: WEEKS }, (_, back) => WEEKS - 1 - back).flatMap((back) => {
    const ofWeek = lately.filter(({ date }) => Math.floor(daysBetween(date, today) / 7) === back);
    return ofWeek.length === 0 ? [] : [Math.max(...ofWeek.map(({ id }) => pains.get(id) ?? 0))];
  });
  if (!asksForStrength({ poorSleeps, weeklyPains })) return [];
  const day = dayNumber(today);
  const context = await judgeContext(file, picture, { history, day });
  const lifts = exercises.flatMap(({ variation, past }) => {
    const last = past.at(-1);
    const held = last && heldPossible({ variation, values: last.values, dose: last.dose, loads: [], context, past }, day);
    return held ? [{ variationId: variation.id, ...held }] : [];
  });
  return lighterDue({ lifts, poorSleeps, weeklyPains });
};
