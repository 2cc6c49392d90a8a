import type { PersonId } from '@drubo/core/vocabulary';
import type { TrendsDto } from '@drubo/contracts';
import { dayNumber } from '@drubo/core';
import { findVariation } from '@drubo/core/catalogue';
import type { Catalogue } from '@drubo/core/catalogue';
import { trendWeeks } from '@drubo/core/trends';
import type { TrendSession } from '@drubo/core/trends';
import type { Caller, Context } from '../context';
import { checkedSessionIds, movementsDone, trendItems, trendSessionRows, trendSets } from '../db/queries/trends';
import type { TrendSessionRow } from '../db/queries/trends';
import { blocksBefore, lastRevision } from '../db/queries/plans';
import { sessionRecordsOf } from '../db/queries/session-records';
import type { PersonRow } from '../db/models';
import type { Scope } from '../db/scope';
import { catalogueOf } from '../studio/movements';
import { grouped } from '../shared/grouped';
import { sinceOf } from './since';

const MINUTE_MS = 60_000;

const minutesOf = ({ minutes, startedAt, finishedAt }: TrendSessionRow): number | null =>
  minutes ?? (finishedAt === null ? null : Math.round((Date.parse(finishedAt) - Date.parse(startedAt)) / MINUTE_MS));

/** A person's finished sessions since a day, as trends read them. */
const trendSessions = async (scope: Scope, catalogue: Catalogue, personId: PersonId, since: string): Promise<TrendSession[]> => {
  const asked = { personId, since };
  const sessions = await trendSessionRows(scope, asked);
  const setsOf = grouped(await trendSets(scope, asked), ({ itemId }) => itemId);
  const itemsOf = grouped(await trendItems(scope, asked), ({ sheetId }) => sheetId);
  const joints = await jointsOf(scope, asked);
  return sessions.map((session) => ({
    day: dayNumber(session.date),
    effort: session.effort,
    minutes: minutesOf(session),
    joints: joints.get(session.id) ?? null,
    exercises: (itemsOf.get(session.sheetId) ?? []).flatMap((item) => {
      const variation = findVariation(catalogue, item.variationId);
      return variation ? [{ variation, dose: item.dose, sets: setsOf.get(item.id) ?? [] }] : [];
    }),
  }));
};

/** Joint pain asked before the first set, by session. */
const jointsOf = async (
  scope: Scope,
  asked: { personId: PersonId; since: string },
): Promise<Map<string, TrendSession['joints']>> => {
  const checked = await checkedSessionIds(scope, asked);
  if (checked.length === 0) return new Map();
  return new Map(
    (await sessionRecordsOf(scope, checked)).flatMap(({ sessionId, fields }) =>
      fields.kind === 'check-in' ? [[sessionId, fields.answers.joints] as const] : [],
    ),
  );
};

/** Weeks of their plans since a day, oldest first. */
const plannedWeeks = async (scope: Scope, personId: PersonId, since: number): Promise<TrendsDto['planned']> => {
  const now = (await lastRevision(scope, personId))?.plan;
  if (!now) return [];
  const plans = [...(await blocksBefore(scope, personId, now.block.id)), now];
  return plans
    .flatMap(({ block }) =>
      block.weeks.map(({ start, index, kind }) => ({
        monday: start,
        block: block.number + 1,
        week: index + 1,
        isLighter: kind === 'lighter',
      })),
    )
    .filter(({ monday }) => monday >= since)
    .sort((a, b) => a.monday - b.monday);
};

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
    planned: await plannedWeeks(scope, person.id, dayNumber(since)),
    movements: await movementsDone(scope, { personId: person.id, since }),
  };
};
