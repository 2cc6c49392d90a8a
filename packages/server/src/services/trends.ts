import type { ExerciseTrendDto, SetRecordDto, TrendsDto } from '@drubo/contracts';
import { addDays, allowedLoads, currentSets, dayNumber } from '@drubo/core';
import type { Dose } from '@drubo/core';
import type { LeverValues } from '@drubo/core/vocabulary';
import { findVariation } from '@drubo/core/catalogue';
import type { Catalogue } from '@drubo/core/catalogue';
import { gateDays } from '@drubo/core/judging';
import { exercisePoints, mondayOf, trendWeeks } from '@drubo/core/trends';
import type { TrendSession, TrendSet } from '@drubo/core/trends';
import type { Caller, Context } from '../context';
import { toSetRecord } from '../db/mappers/rows';
import type { PersonRow, SessionRow } from '../db/models';
import type { Scope } from '../db/scope';
import { AppError } from '../errors';
import { exerciseHistory } from './exercise-history';
import { judgeContext } from './judge-context';
import { localDateOf } from './local-date';
import { catalogueOf } from './movements';
import { personPicture } from './person-picture';
import { sessionRecordsOf } from './session-records';

/** Weeks looked back where nobody says otherwise: half a year. */
const USUAL_WEEKS = 26;
const MINUTE_MS = 60_000;

const sinceOf = (context: Context, { timeZone }: Caller, weeks: string | undefined): string => {
  const today = localDateOf(context.clock.now(), timeZone);
  const monday = addDays(today, mondayOf(dayNumber(today)) - dayNumber(today));
  return addDays(monday, -7 * (Number(weeks ?? USUAL_WEEKS) - 1));
};

/** What a trend reads of a set, straight from the table: years of sets are too many to build whole. */
interface Row extends Omit<TrendSet, 'tempoMeasured'> {
  id: string;
  revision: number;
  sessionId: string;
  itemId: string;
  tempoMeasured: string | null;
  removed: number;
}

/** The person's sessions first, and all else from there: no query may walk through everybody's. */
const HERS = 'sessions INDEXED BY sessions_by_person';
const SINCE = `sessions.studioId = :studioId AND sessions.personId = :personId AND sessions.date >= :since
    AND sessions.state IN ('finished', 'reviewed')`;

const SETS = `
  SELECT sets.id, sets.revision, sets.sessionId, sets.itemId, kind, side, setIndex, reps, reserve, externalKg, jointPain,
    tempoMeasured, seconds, removed
  FROM ${HERS} CROSS JOIN set_revisions AS sets ON sets.studioId = sessions.studioId AND sets.sessionId = sessions.id
  WHERE ${SINCE}
  ORDER BY sets.revision`;

const ITEMS = `
  SELECT items.id, items.sheetId, items.variationId, items.dose FROM ${HERS}
  CROSS JOIN sheet_items AS items ON items.studioId = sessions.studioId AND items.sheetId = sessions.sheetId
  WHERE ${SINCE} AND (items.removed = 0 OR EXISTS
      (SELECT 1 FROM set_revisions AS used WHERE used.studioId = items.studioId AND used.sessionId = sessions.id AND used.itemId = items.id))`;

interface ItemRow {
  id: string;
  sheetId: string;
  variationId: string;
  dose: string;
}

const SESSIONS = `
  SELECT id, sheetId, date, effort, minutes, startedAt, finishedAt FROM ${HERS} WHERE ${SINCE} ORDER BY startedAt`;
type TrendRow = Pick<SessionRow, 'id' | 'sheetId' | 'date' | 'effort' | 'minutes' | 'startedAt' | 'finishedAt'>;

const minutesOf = ({ minutes, startedAt, finishedAt }: TrendRow): number | null =>
  minutes ?? (finishedAt === null ? null : Math.round((Date.parse(finishedAt) - Date.parse(startedAt)) / MINUTE_MS));

/** A person's finished sessions since a day, as trends read them. */
const trendSessions = async (scope: Scope, catalogue: Catalogue, personId: string, since: string): Promise<TrendSession[]> => {
  const sessions = await scope.select<TrendRow>(SESSIONS, { personId, since });
  const items = await scope.select<ItemRow>(ITEMS, { personId, since });
  const newest = new Map<string, Row>();
  for (const row of await scope.select<Row>(SETS, { personId, since })) newest.set(row.id, row);
  const setsOf = new Map<string, TrendSet[]>();
  for (const { itemId, removed, tempoMeasured, ...set } of newest.values()) {
    if (removed) continue;
    const measured = tempoMeasured === null ? null : (JSON.parse(tempoMeasured) as number[]);
    const known = setsOf.get(itemId);
    if (known) known.push({ ...set, tempoMeasured: measured });
    else setsOf.set(itemId, [{ ...set, tempoMeasured: measured }]);
  }
  const itemsBySheet = new Map<string, ItemRow[]>();
  for (const item of items) itemsBySheet.set(item.sheetId, [...(itemsBySheet.get(item.sheetId) ?? []), item]);
  const joints = await jointsOf(scope, personId, since);
  return sessions.map((session) => ({
    day: dayNumber(session.date),
    effort: session.effort,
    minutes: minutesOf(session),
    joints: joints.get(session.id) ?? null,
    exercises: (itemsBySheet.get(session.sheetId) ?? []).flatMap((item) => {
      const variation = findVariation(catalogue, item.variationId);
      return variation ? [{ variation, dose: JSON.parse(item.dose) as Dose, sets: setsOf.get(item.id) ?? [] }] : [];
    }),
  }));
};

const CHECKED = `
  SELECT records.sessionId FROM ${HERS}
  CROSS JOIN session_records AS records ON records.studioId = sessions.studioId AND records.sessionId = sessions.id
  WHERE ${SINCE} AND records.kind = 'check-in'`;

/** Joint pain asked before the first set, by session. */
const jointsOf = async (scope: Scope, personId: string, since: string): Promise<Map<string, TrendSession['joints']>> => {
  const checked = await scope.select<{ sessionId: string }>(CHECKED, { personId, since });
  if (checked.length === 0) return new Map();
  const records = await sessionRecordsOf(scope, [...new Set(checked.map(({ sessionId }) => sessionId))]);
  return new Map(
    records.flatMap(({ sessionId, fields }) => (fields.kind === 'check-in' ? [[sessionId, fields.answers.joints] as const] : [])),
  );
};

const MOVEMENTS = `
  SELECT items.variationId, COUNT(DISTINCT sessions.id) AS sessions, MAX(sessions.date) AS lastOn
  FROM ${HERS}
  CROSS JOIN sheet_items AS items ON items.studioId = sessions.studioId AND items.sheetId = sessions.sheetId
  WHERE ${SINCE} AND EXISTS
      (SELECT 1 FROM set_revisions AS used WHERE used.studioId = items.studioId AND used.sessionId = sessions.id AND used.itemId = items.id)
  GROUP BY items.variationId ORDER BY sessions DESC, items.variationId`;

/** A person week by week. */
export const readTrends = async (
  scope: Scope,
  context: Context,
  caller: Caller,
  person: PersonRow,
  weeks: string | undefined,
): Promise<TrendsDto> => {
  const since = sinceOf(context, caller, weeks);
  const catalogue = await catalogueOf(scope, context);
  return {
    personName: person.name,
    since,
    weeks: trendWeeks(await trendSessions(scope, catalogue, person.id, since)),
    movements: await scope.select(MOVEMENTS, { personId: person.id, since }),
  };
};

const OF_MOVEMENT = `
  SELECT DISTINCT sessions.id AS sessionId, sessions.date, items.id AS itemId, items.dose, items.leverValues FROM ${HERS}
  CROSS JOIN sheet_items AS items ON items.studioId = sessions.studioId AND items.sheetId = sessions.sheetId
  WHERE ${SINCE} AND items.variationId = :variationId
  ORDER BY sessions.startedAt`;

interface Done {
  sessionId: string;
  date: string;
  itemId: string;
  dose: string;
  leverValues: string;
}

/** One movement of a person, session by session. */
export const readExerciseTrend = async (
  scope: Scope,
  context: Context,
  caller: Caller,
  person: PersonRow,
  variationId: string,
  weeks: string | undefined,
): Promise<ExerciseTrendDto> => {
  const since = sinceOf(context, caller, weeks);
  const done = await scope.select<Done>(OF_MOVEMENT, { personId: person.id, since, variationId });
  const itemIds = done.map(({ itemId }) => itemId);
  const sessionIds = done.map(({ sessionId }) => sessionId);
  const rows = await scope.all('setRevisions', { sessionId: sessionIds, itemId: itemIds });
  const setsOf = new Map<string, SetRecordDto[]>();
  for (const set of currentSets(rows.map(toSetRecord))) {
    const key = `${set.sessionId} ${set.itemId}`;
    const known = setsOf.get(key);
    if (known) known.push(set);
    else setsOf.set(key, [set]);
  }
  const today = localDateOf(context.clock.now(), caller.timeZone);
  const picture = await personPicture(scope, person, today);
  const history = await exerciseHistory(scope, person.id, null);
  const judged = await judgeContext(scope, context, person, picture, { history, day: dayNumber(today) });
  const variation = findVariation(judged.catalogue, variationId);
  if (!variation) throw new AppError('not-found', 'There is no movement with this id here.');
  const past = done
    .map(({ sessionId, date, itemId, dose, leverValues }) => ({
      sessionId,
      day: dayNumber(date),
      dose: JSON.parse(dose) as Dose,
      values: JSON.parse(leverValues) as LeverValues,
      sets: setsOf.get(`${sessionId} ${itemId}`) ?? [],
    }))
    .filter((session) => session.sets.length > 0);
  const last = past.at(-1);
  const dayOf = new Map(done.map(({ sessionId, date }) => [sessionId, dayNumber(date)]));
  const decisions = await scope.all('decisions', { itemId: itemIds }, { order: [['decidedAt', 'ASC']] });
  const settled = new Map(decisions.map((decision) => [decision.sessionId, decision]));
  return {
    personName: person.name,
    variationId,
    points: last
      ? exercisePoints({
          variation,
          values: last.values,
          dose: last.dose,
          loads: allowedLoads(judged.kit, judged.limits, variation, last.values),
          context: judged,
          past,
        })
      : [],
    verdicts: [...settled.values()]
      .map(({ sessionId, chosen }) => ({
        sessionId,
        day: dayOf.get(sessionId) ?? 0,
        verdict: chosen.verdict,
        toVariationId: chosen.variationId && chosen.variationId !== variationId ? chosen.variationId : null,
      }))
      .sort((a, b) => a.day - b.day),
    gateMetOn: last
      ? gateDays({
          catalogue: judged.catalogue,
          kit: judged.kit,
          variationId,
          values: last.values,
          dose: last.dose,
          bodyMassKg: person.massKg,
          sessions: past,
        })
      : [],
  };
};
